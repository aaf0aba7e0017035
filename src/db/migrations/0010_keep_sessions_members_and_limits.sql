-- Up Migration
-- Why: who is signed in stands in rows that can be listed and ended; a kitchen has members with passkeys; a run can be lent
-- without the kitchen; allowances hold for all processes together; and a removed kitchen can be had back for a day.
CREATE TABLE members (
  member_id uuid CONSTRAINT members_pk PRIMARY KEY DEFAULT gen_random_uuid(),
  kitchen_id uuid NOT NULL CONSTRAINT members_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  name text NOT NULL CONSTRAINT members_name_length CHECK (char_length(name) BETWEEN 1 AND 40),
  role text NOT NULL CONSTRAINT members_role CHECK (role IN ('owner', 'cook')),
  joined_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  CONSTRAINT members_in_kitchen UNIQUE (kitchen_id, member_id)
);

CREATE TABLE passkeys (
  credential_id text CONSTRAINT passkeys_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  member_id uuid NOT NULL,
  public_key bytea NOT NULL,
  counter bigint NOT NULL DEFAULT 0,
  transports text[] NOT NULL DEFAULT '{}',
  created_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  CONSTRAINT passkeys_member_fk FOREIGN KEY (kitchen_id, member_id) REFERENCES members (kitchen_id, member_id) ON DELETE CASCADE
);
COMMENT ON COLUMN passkeys.counter IS 'signatures made so far, where the device counts them';

CREATE TABLE recovery_codes (
  code_hash bytea CONSTRAINT recovery_codes_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  member_id uuid NOT NULL,
  CONSTRAINT recovery_codes_member_fk FOREIGN KEY (kitchen_id, member_id) REFERENCES members (kitchen_id, member_id) ON DELETE CASCADE
);
COMMENT ON TABLE recovery_codes IS 'one row a code that is still good; a used one is gone';

CREATE TABLE sessions (
  token_hash bytea CONSTRAINT sessions_pk PRIMARY KEY,
  session_id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT sessions_id UNIQUE,
  kitchen_id uuid NOT NULL CONSTRAINT sessions_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  member_id uuid,
  batch_id uuid,
  device text NOT NULL DEFAULT '' CONSTRAINT sessions_device_length CHECK (char_length(device) <= 120),
  created_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  seen_at timestamptz NOT NULL DEFAULT clock_timestamp(),
  expires_at timestamptz NOT NULL,
  CONSTRAINT sessions_member_fk FOREIGN KEY (kitchen_id, member_id) REFERENCES members (kitchen_id, member_id) ON DELETE CASCADE,
  CONSTRAINT sessions_batch_fk FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE
);
COMMENT ON COLUMN sessions.token_hash IS 'SHA-256 of the token in the cookie; the token itself is not kept';
COMMENT ON COLUMN sessions.batch_id IS 'where only this run was lent to the device';
CREATE INDEX sessions_of_kitchen ON sessions (kitchen_id, seen_at DESC);

CREATE TABLE passkey_challenges (
  challenge text CONSTRAINT passkey_challenges_pk PRIMARY KEY,
  expires_at timestamptz NOT NULL
);

ALTER TABLE device_invites ALTER COLUMN batch_id DROP NOT NULL;
COMMENT ON COLUMN device_invites.batch_id IS 'the run that is lent; null where the kitchen is shared with another cook';

CREATE TABLE audit (
  audit_id bigint CONSTRAINT audit_pk PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
  kitchen_id uuid NOT NULL CONSTRAINT audit_kitchen_fk REFERENCES kitchens ON DELETE CASCADE,
  at timestamptz NOT NULL DEFAULT clock_timestamp(),
  what text NOT NULL CONSTRAINT audit_what CHECK (
    what IN ('claimed', 'joined', 'signed-in', 'signed-out', 'member-removed', 'device-removed', 'run-lent', 'exported', 'imported', 'removed', 'kept')
  ),
  who text NOT NULL DEFAULT '' CONSTRAINT audit_who_length CHECK (char_length(who) <= 160)
);
CREATE INDEX audit_of_kitchen ON audit (kitchen_id, at DESC);

ALTER TABLE kitchens ADD COLUMN removed_at timestamptz;
COMMENT ON COLUMN kitchens.removed_at IS 'asked to be deleted; done a day later unless taken back';

-- not logged: after a crash everyone has a full allowance again
CREATE UNLOGGED TABLE request_limits (
  key text CONSTRAINT request_limits_pk PRIMARY KEY,
  tokens real NOT NULL,
  at timestamptz NOT NULL DEFAULT clock_timestamp()
);
COMMENT ON COLUMN request_limits.tokens IS 'requests left; below zero where one was refused';

CREATE TABLE health_beats (
  process text CONSTRAINT health_beats_pk PRIMARY KEY,
  at timestamptz NOT NULL
);
COMMENT ON TABLE health_beats IS 'a row that is written to see that writing works';
