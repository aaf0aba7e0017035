-- Up Migration
-- Devices tell of air and heart, a rehearsal sets the clock, and a batch goes on after the drawer: salted, served.
ALTER TABLE batch_events DROP CONSTRAINT batch_events_kind;
ALTER TABLE batch_events ADD CONSTRAINT batch_events_kind CHECK (
  kind IN (
    'prep-begun', 'prep-done', 'loaded', 'shaken', 'tossed', 'flipped', 'oiled', 'added', 'pulled-some', 'drawer-open',
    'more-time', 'done', 'undone', 'looked', 'bent', 'weighed', 'dial-turned', 'stuck', 'air-read', 'probed',
    'rehearsed', 'seasoned', 'served'
  )
);
