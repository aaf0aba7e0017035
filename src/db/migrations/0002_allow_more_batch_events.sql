-- Up Migration
-- A run can also be oiled again, be added to, and be emptied in parts.
ALTER TABLE batch_events DROP CONSTRAINT batch_events_kind;
ALTER TABLE batch_events ADD CONSTRAINT batch_events_kind CHECK (
  kind IN ('prep-begun', 'prep-done', 'loaded', 'shaken', 'tossed', 'flipped', 'oiled', 'added', 'pulled-some', 'drawer-open', 'more-time', 'done', 'undone')
);
