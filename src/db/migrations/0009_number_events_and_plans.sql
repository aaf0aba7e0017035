-- Up Migration
-- Why: a device that follows a batch asks only for what is new, so each event has a number within its batch, given under a lock
-- on the batch: no reader can see a later number before an earlier one. Events carry the version of their form. A plan carries
-- a revision that a save must name, so that a second tab never writes over what it has not seen.
ALTER TABLE batches ADD COLUMN last_seq bigint NOT NULL DEFAULT 0;
COMMENT ON COLUMN batches.last_seq IS 'number of the newest event';
ALTER TABLE batch_events ADD COLUMN seq bigint, ADD COLUMN version smallint NOT NULL DEFAULT 1;
ALTER TABLE batch_events DISABLE TRIGGER batch_events_append_only;
UPDATE batch_events SET seq = numbered.seq
FROM (
  SELECT event_id, row_number() OVER (PARTITION BY batch_id ORDER BY recorded_at, happened_at, event_id) AS seq FROM batch_events
) AS numbered
WHERE numbered.event_id = batch_events.event_id;
ALTER TABLE batch_events ENABLE TRIGGER batch_events_append_only;
UPDATE batches SET last_seq = (SELECT coalesce(max(seq), 0) FROM batch_events WHERE batch_events.batch_id = batches.batch_id);
ALTER TABLE batch_events
  ALTER COLUMN seq SET NOT NULL,
  ADD CONSTRAINT batch_events_seq UNIQUE (batch_id, seq),
  ADD CONSTRAINT batch_events_version CHECK (version >= 1);
COMMENT ON COLUMN batch_events.seq IS 'number within the batch, in the order stored';

DROP TRIGGER batch_events_told ON batch_events;
DROP FUNCTION tell_of_batch_event();
CREATE FUNCTION tell_of_batches() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('batch_events', batch_id::text) FROM (SELECT DISTINCT batch_id FROM told) AS batches_told;
  RETURN NULL;
END
$$;
CREATE TRIGGER batch_events_told AFTER INSERT ON batch_events REFERENCING NEW TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION tell_of_batches();
CREATE TRIGGER batches_gone AFTER DELETE ON batches REFERENCING OLD TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION tell_of_batches();

ALTER TABLE plans ADD COLUMN revision integer NOT NULL DEFAULT 1;
COMMENT ON COLUMN plans.revision IS 'counts changes of the document; a save names the one it was made from';
