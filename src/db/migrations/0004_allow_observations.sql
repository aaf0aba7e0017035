-- Up Migration
-- What a cook sees, bends, weighs or reads during a run, and a dial that is turned on the way.
ALTER TABLE batch_events DROP CONSTRAINT batch_events_kind;
ALTER TABLE batch_events ADD CONSTRAINT batch_events_kind CHECK (
  kind IN (
    'prep-begun', 'prep-done', 'loaded', 'shaken', 'tossed', 'flipped', 'oiled', 'added', 'pulled-some', 'drawer-open',
    'more-time', 'done', 'undone', 'looked', 'bent', 'weighed', 'dial-turned', 'stuck'
  )
);
