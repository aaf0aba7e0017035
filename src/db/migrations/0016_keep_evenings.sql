-- Up Migration
-- Why: several dishes are brought to the table at one time; what is planned is a document, what happens is told event by event by
-- each cook's device.
CREATE TABLE evenings (
  evening_id uuid CONSTRAINT evenings_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT evenings_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  name text NOT NULL CONSTRAINT evenings_name_length CHECK (char_length(name) BETWEEN 1 AND 120),
  serve_at timestamptz NOT NULL,
  document jsonb NOT NULL,
  created_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  updated_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  removed_at timestamptz,
  revision integer NOT NULL DEFAULT 1,
  CONSTRAINT evenings_in_kitchen UNIQUE (kitchen_id, evening_id)
);
COMMENT ON COLUMN evenings.document IS 'evening file';
COMMENT ON COLUMN evenings.revision IS 'counts its changes; a save names the one it was made from';
CREATE INDEX evenings_newest ON evenings (kitchen_id, serve_at DESC);

CREATE TABLE evening_event_kinds (kind text CONSTRAINT evening_event_kinds_pk PRIMARY KEY);
INSERT INTO evening_event_kinds (kind) VALUES ('begun'), ('done'), ('taken-back'), ('serve-at');
GRANT SELECT ON evening_event_kinds TO drubek_app;

CREATE TABLE evening_events (
  event_id uuid CONSTRAINT evening_events_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  evening_id uuid NOT NULL,
  seq bigint GENERATED ALWAYS AS IDENTITY,
  kind text NOT NULL CONSTRAINT evening_events_kind_fk REFERENCES evening_event_kinds,
  detail jsonb NOT NULL,
  happened_at timestamptz NOT NULL,
  recorded_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  CONSTRAINT evening_events_evening_fk FOREIGN KEY (kitchen_id, evening_id)
    REFERENCES evenings (kitchen_id, evening_id) ON DELETE CASCADE
);
COMMENT ON COLUMN evening_events.happened_at IS 'by the device on which it happened';
CREATE INDEX evening_events_in_order ON evening_events (evening_id, seq);

DO $$
DECLARE
  walled text;
BEGIN
  FOREACH walled IN ARRAY ARRAY['evenings', 'evening_events'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', walled);
    EXECUTE format('CREATE POLICY own_kitchen ON %I USING (kitchen_id = kitchen_here())', walled);
    EXECUTE format('GRANT SELECT, INSERT, UPDATE, DELETE ON %I TO drubek_app', walled);
  END LOOP;
END
$$;

-- Down Migration
DROP TABLE evening_events;
DROP TABLE evening_event_kinds;
DROP TABLE evenings;
