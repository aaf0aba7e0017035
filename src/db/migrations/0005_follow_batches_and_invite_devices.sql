-- Up Migration
-- Why: every app process must hear of new events at once, whoever stored them; and a second device joins by a token used once.

CREATE FUNCTION tell_of_batch_event() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('batch_events', NEW.batch_id::text);
  RETURN NULL;
END
$$;
CREATE TRIGGER batch_events_told AFTER INSERT ON batch_events FOR EACH ROW EXECUTE FUNCTION tell_of_batch_event();

CREATE TABLE device_invites (
  token_hash bytea CONSTRAINT device_invites_pk PRIMARY KEY,
  kitchen_id uuid NOT NULL,
  batch_id uuid NOT NULL,
  expires_at timestamptz NOT NULL,
  used_at timestamptz,
  CONSTRAINT device_invites_batch_fk FOREIGN KEY (kitchen_id, batch_id) REFERENCES batches (kitchen_id, batch_id) ON DELETE CASCADE
);
COMMENT ON COLUMN device_invites.token_hash IS 'SHA-256 of the token in the QR code; the token itself is not kept';
