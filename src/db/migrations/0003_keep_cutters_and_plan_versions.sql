-- Up Migration
-- Why: a cook's own cutter settings, measured once; plans that are put away; and what a plan was before it changed.

CREATE TABLE cutters (
  cutter_id uuid CONSTRAINT cutters_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT cutters_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  name text NOT NULL CONSTRAINT cutters_name_length CHECK (char_length(name) BETWEEN 1 AND 40),
  setting text NOT NULL CONSTRAINT cutters_setting_length CHECK (char_length(setting) BETWEEN 1 AND 20),
  thickness_mm real NOT NULL CONSTRAINT cutters_thickness_range CHECK (thickness_mm BETWEEN 0.5 AND 40),
  scatter real NOT NULL CONSTRAINT cutters_scatter_range CHECK (scatter BETWEEN 0 AND 0.4),
  created_at timestamptz NOT NULL DEFAULT clock_timestamp()
);
COMMENT ON COLUMN cutters.thickness_mm IS 'millimetre, of one slice or stick at this setting, measured';
COMMENT ON COLUMN cutters.scatter IS 'standard deviation of thickness over its mean';
CREATE INDEX cutters_of_kitchen ON cutters (kitchen_id, created_at);

ALTER TABLE plans ADD COLUMN archived_at timestamptz;
COMMENT ON COLUMN plans.archived_at IS 'when it was put away; null while it is in use';

CREATE TABLE plan_versions (
  plan_id uuid NOT NULL,
  kitchen_id uuid NOT NULL,
  version integer NOT NULL CONSTRAINT plan_versions_from_one CHECK (version >= 1),
  document jsonb NOT NULL,
  kept_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  CONSTRAINT plan_versions_pk PRIMARY KEY (plan_id, version),
  CONSTRAINT plan_versions_plan_fk FOREIGN KEY (kitchen_id, plan_id) REFERENCES plans (kitchen_id, plan_id) ON DELETE CASCADE
);
COMMENT ON COLUMN plan_versions.document IS 'plan file as it was before later changes';

ALTER TABLE fryers ADD COLUMN archived_at timestamptz;
COMMENT ON COLUMN fryers.archived_at IS 'when it left the kitchen; plans that name it keep it';
