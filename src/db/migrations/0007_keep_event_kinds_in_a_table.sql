-- Up Migration
-- A kind of event is a row, so that the next kind is one row more and no constraint is written anew; and a step of
-- preparation can be left out, or take another time than planned.
CREATE TABLE batch_event_kinds (
  kind text CONSTRAINT batch_event_kinds_pk PRIMARY KEY
);
INSERT INTO batch_event_kinds (kind) VALUES
  ('prep-begun'), ('prep-done'), ('prep-skipped'), ('prep-took'), ('loaded'), ('shaken'), ('tossed'), ('flipped'),
  ('oiled'), ('added'), ('pulled-some'), ('drawer-open'), ('more-time'), ('looked'), ('bent'), ('weighed'),
  ('dial-turned'), ('stuck'), ('air-read'), ('probed'), ('rehearsed'), ('seasoned'), ('after-begun'), ('after-done'), ('served'), ('done'), ('undone');
ALTER TABLE batch_events DROP CONSTRAINT batch_events_kind;
ALTER TABLE batch_events ADD CONSTRAINT batch_events_kind_fk FOREIGN KEY (kind) REFERENCES batch_event_kinds (kind);
