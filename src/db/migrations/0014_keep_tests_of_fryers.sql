-- Up Migration
-- Why: a fryer can be measured with a dish of water or a thermometer; what was read is kept, with what it says.
CREATE TABLE fryer_tests (
  test_id uuid CONSTRAINT fryer_tests_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT fryer_tests_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  fryer_id uuid NOT NULL CONSTRAINT fryer_tests_fryer_fk REFERENCES fryers ON DELETE CASCADE,
  readings jsonb NOT NULL,
  thermostat_offset_c real NOT NULL,
  power_w real NOT NULL,
  evidence jsonb NOT NULL,
  made_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  left_out_at timestamptz
);
COMMENT ON COLUMN fryer_tests.evidence IS 'what it says of the fryer against the label of its time, in the two columns before';
CREATE INDEX fryer_tests_of_kitchen ON fryer_tests (kitchen_id, made_at);
ALTER TABLE fryer_tests ENABLE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON fryer_tests USING (kitchen_id = kitchen_here());
GRANT SELECT, INSERT, UPDATE, DELETE ON fryer_tests TO drubek_app;

-- Down Migration
DROP TABLE fryer_tests;
