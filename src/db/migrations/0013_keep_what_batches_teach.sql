-- Up Migration
-- Why: forecasts start from what the kitchen's batches taught. What each says is derived from it alone and kept beside it, so
-- that it can be worked out anew from nothing; a batch can be left out or removed and had back, a fryer begun afresh.
ALTER TABLE outcomes
  ADD COLUMN liked text CONSTRAINT outcomes_liked CHECK (liked IN ('too-pale', 'as-wished', 'too-dark')),
  ADD COLUMN next_time text CONSTRAINT outcomes_next_time CHECK (next_time IN ('again', 'changed', 'not-again'));
COMMENT ON COLUMN outcomes.liked IS 'how the cook liked the colour; tells of taste, where browning tells of the food';

ALTER TABLE batches
  ADD COLUMN left_out_at timestamptz,
  ADD COLUMN removed_at timestamptz;
COMMENT ON COLUMN batches.left_out_at IS 'nothing is learnt from it since';
COMMENT ON COLUMN batches.removed_at IS 'taken out of the log; kept a while, so that it can be had back';

ALTER TABLE fryers
  ADD COLUMN learns_from timestamptz,
  ADD COLUMN not_learnt_at timestamptz;
COMMENT ON COLUMN fryers.learns_from IS 'begun afresh: batches before tell nothing of it';
COMMENT ON COLUMN fryers.not_learnt_at IS 'forecasts take it as its label says since';

CREATE TABLE batch_evidence (
  batch_id uuid CONSTRAINT batch_evidence_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  version smallint NOT NULL,
  told_by text NOT NULL CONSTRAINT batch_evidence_told_by_length CHECK (char_length(told_by) <= 80),
  made_with jsonb NOT NULL,
  evidence jsonb NOT NULL,
  made_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  CONSTRAINT batch_evidence_batch_fk FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE
);
COMMENT ON TABLE batch_evidence IS 'what a finished batch says of fryer, food and taste; derived, never archived';
COMMENT ON COLUMN batch_evidence.told_by IS 'which events and which outcome it was worked out from';
CREATE INDEX batch_evidence_of_kitchen ON batch_evidence (kitchen_id);
ALTER TABLE batch_evidence ENABLE ROW LEVEL SECURITY;
CREATE POLICY own_kitchen ON batch_evidence USING (kitchen_id = kitchen_here());
GRANT SELECT, INSERT, UPDATE, DELETE ON batch_evidence TO drubek_app;

-- Down Migration
DROP TABLE batch_evidence;
ALTER TABLE fryers DROP COLUMN learns_from, DROP COLUMN not_learnt_at;
ALTER TABLE batches DROP COLUMN left_out_at, DROP COLUMN removed_at;
ALTER TABLE outcomes DROP COLUMN liked, DROP COLUMN next_time;
