-- Up Migration
-- Why: two ways of one lever are cooked on one lot and tasted without knowing; which bowl holds which way is drawn and kept here
-- until everyone has tasted.
CREATE TABLE trials (
  trial_id uuid CONSTRAINT trials_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT trials_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  fryer_id uuid NOT NULL CONSTRAINT trials_fryer_fk REFERENCES fryers ON DELETE CASCADE,
  name text NOT NULL CONSTRAINT trials_name_length CHECK (char_length(name) BETWEEN 1 AND 120),
  one jsonb NOT NULL,
  other jsonb NOT NULL,
  word_one text NOT NULL CONSTRAINT trials_word_one_length CHECK (char_length(word_one) BETWEEN 1 AND 60),
  word_other text NOT NULL CONSTRAINT trials_word_other_length CHECK (char_length(word_other) BETWEEN 1 AND 60),
  begun_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  ended_at timestamptz,
  CONSTRAINT trials_in_kitchen UNIQUE (kitchen_id, trial_id)
);
COMMENT ON COLUMN trials.one IS 'plan file of the one way; other of the other';

CREATE TABLE trial_pairs (
  kitchen_id uuid NOT NULL,
  trial_id uuid NOT NULL,
  pair smallint NOT NULL CONSTRAINT trial_pairs_pair CHECK (pair BETWEEN 1 AND 40),
  code_one text NOT NULL,
  code_other text NOT NULL,
  other_first boolean NOT NULL,
  drawn_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  revealed_at timestamptz,
  CONSTRAINT trial_pairs_pk PRIMARY KEY (trial_id, pair),
  CONSTRAINT trial_pairs_trial_fk FOREIGN KEY (kitchen_id, trial_id) REFERENCES trials (kitchen_id, trial_id) ON DELETE CASCADE
);
COMMENT ON COLUMN trial_pairs.code_one IS 'what the bowl of the one way is called; sealed until both have tasted';

CREATE TABLE trial_tastings (
  kitchen_id uuid NOT NULL,
  trial_id uuid NOT NULL,
  pair smallint NOT NULL,
  taster text NOT NULL CONSTRAINT trial_tastings_taster CHECK (taster IN ('A', 'B')),
  crisper text NOT NULL,
  rather text NOT NULL,
  tasted_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  CONSTRAINT trial_tastings_pk PRIMARY KEY (trial_id, pair, taster),
  CONSTRAINT trial_tastings_trial_fk FOREIGN KEY (kitchen_id, trial_id) REFERENCES trials (kitchen_id, trial_id) ON DELETE CASCADE,
  CONSTRAINT trial_tastings_pair_fk FOREIGN KEY (trial_id, pair) REFERENCES trial_pairs (trial_id, pair) ON DELETE CASCADE
);
COMMENT ON COLUMN trial_tastings.crisper IS 'the code of a bowl, or alike';

DO $$
DECLARE
  walled text;
BEGIN
  FOREACH walled IN ARRAY ARRAY['trials', 'trial_pairs', 'trial_tastings'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', walled);
    EXECUTE format('CREATE POLICY own_kitchen ON %I USING (kitchen_id = kitchen_here())', walled);
    EXECUTE format('GRANT SELECT, INSERT, UPDATE, DELETE ON %I TO drubek_app', walled);
  END LOOP;
END
$$;

-- Down Migration
DROP TABLE trial_tastings;
DROP TABLE trial_pairs;
DROP TABLE trials;
