-- Up Migration
-- Why: the first rows a cook makes: a kitchen with its fryers, plans, batches with what happened, and outcomes.
-- Every row carries its kitchen, and composite keys hold a row and its parent in the same kitchen.

CREATE TABLE kitchens (
  kitchen_id uuid CONSTRAINT kitchens_pk PRIMARY KEY DEFAULT gen_random_uuid(),
  name text NOT NULL CONSTRAINT kitchens_name_length CHECK (char_length(name) BETWEEN 1 AND 60),
  unit_system text NOT NULL DEFAULT 'metric' CONSTRAINT kitchens_unit_system CHECK (unit_system IN ('metric', 'us')),
  is_demo boolean NOT NULL DEFAULT false,
  created_at timestamptz NOT NULL DEFAULT now()
);
CREATE UNIQUE INDEX kitchens_one_demo ON kitchens (is_demo) WHERE is_demo;

CREATE TABLE fryers (
  fryer_id uuid CONSTRAINT fryers_pk PRIMARY KEY DEFAULT gen_random_uuid(),
  kitchen_id uuid NOT NULL CONSTRAINT fryers_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  name text NOT NULL CONSTRAINT fryers_name_length CHECK (char_length(name) BETWEEN 1 AND 60),
  power_w real NOT NULL CONSTRAINT fryers_power_range CHECK (power_w BETWEEN 400 AND 3000),
  basket_cm2 real NOT NULL CONSTRAINT fryers_basket_range CHECK (basket_cm2 BETWEEN 100 AND 2000),
  basket_height_mm real NOT NULL CONSTRAINT fryers_height_range CHECK (basket_height_mm BETWEEN 30 AND 300),
  thermostat_offset_c real NOT NULL DEFAULT 0 CONSTRAINT fryers_offset_range CHECK (thermostat_offset_c BETWEEN -40 AND 40),
  created_at timestamptz NOT NULL DEFAULT now(),
  CONSTRAINT fryers_in_kitchen UNIQUE (kitchen_id, fryer_id)
);
COMMENT ON COLUMN fryers.power_w IS 'watt, heater at full';
COMMENT ON COLUMN fryers.basket_cm2 IS 'square centimetre, floor of the basket';
COMMENT ON COLUMN fryers.basket_height_mm IS 'millimetre, inside';
COMMENT ON COLUMN fryers.thermostat_offset_c IS 'kelvin, air less dial once warm';

CREATE TABLE plans (
  plan_id uuid CONSTRAINT plans_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT plans_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  fryer_id uuid NOT NULL,
  name text NOT NULL CONSTRAINT plans_name_length CHECK (char_length(name) BETWEEN 1 AND 120),
  document jsonb NOT NULL,
  created_at timestamptz NOT NULL DEFAULT now(),
  updated_at timestamptz NOT NULL DEFAULT now(),
  CONSTRAINT plans_in_kitchen UNIQUE (kitchen_id, plan_id),
  CONSTRAINT plans_fryer_fk FOREIGN KEY (kitchen_id, fryer_id) REFERENCES fryers (kitchen_id, fryer_id)
);
COMMENT ON COLUMN plans.document IS 'plan file, format drubek.plan';
CREATE INDEX plans_newest ON plans (kitchen_id, updated_at DESC);

CREATE TABLE batches (
  batch_id uuid CONSTRAINT batches_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL CONSTRAINT batches_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  fryer_name text NOT NULL,
  document jsonb NOT NULL,
  forecast jsonb NOT NULL,
  begun_at timestamptz NOT NULL DEFAULT now(),
  CONSTRAINT batches_in_kitchen UNIQUE (kitchen_id, batch_id)
);
COMMENT ON COLUMN batches.document IS 'plan file as it was when the batch began';
COMMENT ON COLUMN batches.forecast IS 'what was forecast then: done, window, first check in minutes';
CREATE INDEX batches_newest ON batches (kitchen_id, begun_at DESC);

CREATE TABLE batch_events (
  event_id uuid CONSTRAINT batch_events_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  batch_id uuid NOT NULL,
  kind text NOT NULL CONSTRAINT batch_events_kind CHECK (
    kind IN ('prep-begun', 'prep-done', 'loaded', 'shaken', 'tossed', 'flipped', 'drawer-open', 'more-time', 'done', 'undone')
  ),
  detail jsonb NOT NULL DEFAULT '{}',
  happened_at timestamptz NOT NULL,
  recorded_at timestamptz NOT NULL DEFAULT now(),
  CONSTRAINT batch_events_batch_fk FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE
);
COMMENT ON COLUMN batch_events.event_id IS 'made by the device, so that sending twice stores once';
COMMENT ON COLUMN batch_events.happened_at IS 'clock of the device';
CREATE INDEX batch_events_of_batch ON batch_events (batch_id, happened_at);

CREATE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  -- a kitchen that is removed takes its events along: that delete comes from a foreign key, one trigger deeper
  IF TG_OP = 'DELETE' AND pg_trigger_depth() > 1 THEN
    RETURN OLD;
  END IF;
  RAISE EXCEPTION 'batch_events is append-only' USING ERRCODE = 'restrict_violation';
END
$$;
CREATE TRIGGER batch_events_append_only BEFORE UPDATE OR DELETE ON batch_events FOR EACH ROW EXECUTE FUNCTION refuse_change();

CREATE TABLE outcomes (
  batch_id uuid CONSTRAINT outcomes_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  crispness text NOT NULL CONSTRAINT outcomes_crispness CHECK (crispness IN ('soft', 'tender', 'crisp', 'very-crisp', 'hard')),
  browning real NOT NULL CONSTRAINT outcomes_browning CHECK (browning BETWEEN 0 AND 6),
  evenness text NOT NULL CONSTRAINT outcomes_evenness CHECK (evenness IN ('even', 'some-differ', 'uneven')),
  faults text[] NOT NULL DEFAULT '{}',
  note text NOT NULL DEFAULT '' CONSTRAINT outcomes_note_length CHECK (char_length(note) <= 2000),
  fingerprint real[] NOT NULL DEFAULT '{}',
  recorded_at timestamptz NOT NULL DEFAULT now(),
  CONSTRAINT outcomes_batch_fk FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE
);
COMMENT ON COLUMN outcomes.fingerprint IS 'browning of the sampled pieces when pulled, palest first';
COMMENT ON COLUMN outcomes.browning IS '1 = golden, by the swatch the cook tapped';
