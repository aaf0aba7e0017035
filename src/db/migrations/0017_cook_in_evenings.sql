-- Up Migration
-- Why: a load of an evening may be cooked on the Cook page; what happens there is told to the evening as well.
CREATE TABLE evening_batches (
  batch_id uuid CONSTRAINT evening_batches_pk PRIMARY KEY CONSTRAINT evening_batches_batch_fk REFERENCES batches ON DELETE CASCADE,
  kitchen_id uuid NOT NULL,
  evening_id uuid NOT NULL,
  step text NOT NULL CONSTRAINT evening_batches_step_length CHECK (char_length(step) BETWEEN 1 AND 80),
  fryers text NOT NULL CONSTRAINT evening_batches_fryers_length CHECK (char_length(fryers) <= 120),
  CONSTRAINT evening_batches_evening_fk FOREIGN KEY (kitchen_id, evening_id)
    REFERENCES evenings (kitchen_id, evening_id) ON DELETE CASCADE
);
COMMENT ON COLUMN evening_batches.step IS 'the load of the evening that the batch is';
COMMENT ON COLUMN evening_batches.fryers IS 'in which fryers its dish is made';
ALTER TABLE evening_batches ENABLE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON evening_batches USING (kitchen_id = kitchen_here());
GRANT SELECT, INSERT, UPDATE, DELETE ON evening_batches TO drubek_app;

INSERT INTO evening_event_kinds (kind) VALUES ('due');

-- Down Migration
DROP TABLE evening_batches;
DELETE FROM evening_events WHERE kind = 'due';
DELETE FROM evening_event_kinds WHERE kind = 'due';
