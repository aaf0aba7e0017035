-- Up Migration
-- Why: rights are carried by what gives them: an invitation and a session say which role they bring, a challenge what it is for
-- and whose it is; passkeys have names and can be taken back one by one; and whoever listens hears at once that a session ended.
ALTER TABLE sessions ADD COLUMN role text NOT NULL DEFAULT 'cook' CONSTRAINT sessions_role CHECK (role IN ('owner', 'cook'));
COMMENT ON COLUMN sessions.role IS 'what it may do while it belongs to no member; a member''s own role goes before';
-- of a kitchen that nobody has claimed, the device that was in it first is its owner's
UPDATE sessions SET role = 'owner' FROM (
  SELECT DISTINCT ON (kitchen_id) session_id FROM sessions
  WHERE batch_id IS NULL AND member_id IS NULL
    AND NOT EXISTS (SELECT FROM members WHERE members.kitchen_id = sessions.kitchen_id)
    AND NOT EXISTS (SELECT FROM kitchens WHERE kitchens.kitchen_id = sessions.kitchen_id AND is_demo)
  ORDER BY kitchen_id, created_at
) AS first WHERE first.session_id = sessions.session_id;

ALTER TABLE device_invites ADD COLUMN role text NOT NULL DEFAULT 'cook'
  CONSTRAINT device_invites_role CHECK (role IN ('owner', 'cook'));
COMMENT ON COLUMN device_invites.role IS 'what whoever comes in by it may do; of a lent run it says nothing';

ALTER TABLE passkeys
  ADD COLUMN passkey_id uuid NOT NULL DEFAULT gen_random_uuid() CONSTRAINT passkeys_id UNIQUE,
  ADD COLUMN name text NOT NULL DEFAULT '' CONSTRAINT passkeys_name_length CHECK (char_length(name) <= 40),
  ADD COLUMN used_at timestamptz;
COMMENT ON COLUMN passkeys.name IS 'what its owner calls it; the device on which it was made unless renamed';

DELETE FROM passkey_challenges;
ALTER TABLE passkey_challenges
  ADD COLUMN purpose text NOT NULL CONSTRAINT passkey_challenges_purpose CHECK (purpose IN ('registration', 'sign-in')),
  ADD COLUMN session_id uuid CONSTRAINT passkey_challenges_session_fk REFERENCES sessions (session_id) ON DELETE CASCADE,
  ADD CONSTRAINT passkey_challenges_whose CHECK ((purpose = 'registration') = (session_id IS NOT NULL));
COMMENT ON COLUMN passkey_challenges.session_id IS 'who makes a passkey; a sign-in is nobody''s yet';

ALTER TABLE audit DROP CONSTRAINT audit_what;
ALTER TABLE audit ADD CONSTRAINT audit_what CHECK (
  what IN (
    'claimed', 'joined', 'signed-in', 'signed-out', 'member-removed', 'device-removed', 'run-lent', 'exported', 'imported',
    'removed', 'kept', 'passkey-removed', 'codes-renewed', 'role-changed'
  )
);

CREATE FUNCTION tell_of_ended_session() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('sessions_ended', OLD.session_id::text);
  RETURN NULL;
END
$$;
CREATE TRIGGER sessions_ended_told AFTER DELETE ON sessions FOR EACH ROW EXECUTE FUNCTION tell_of_ended_session();

-- kitchens that nobody can enter any more, or in which nobody ever did anything, go after a while
CREATE OR REPLACE FUNCTION remove_forgotten_kitchens() RETURNS void LANGUAGE plpgsql SECURITY DEFINER SET search_path = public AS $$
DECLARE
  gone uuid[];
BEGIN
  SELECT coalesce(array_agg(kitchen_id), '{}') INTO gone FROM (
    SELECT k.kitchen_id FROM kitchens AS k
    WHERE NOT k.is_demo AND (
      k.removed_at < clock_timestamp() - interval '1 day'
      OR (
        k.created_at < clock_timestamp() - interval '1 day'
        AND NOT EXISTS (SELECT FROM members AS m WHERE m.kitchen_id = k.kitchen_id)
        AND (
          NOT EXISTS (SELECT FROM sessions AS s WHERE s.kitchen_id = k.kitchen_id AND s.expires_at > clock_timestamp())
          OR (
            NOT EXISTS (
              SELECT FROM sessions AS s WHERE s.kitchen_id = k.kitchen_id AND s.seen_at > clock_timestamp() - interval '30 days'
            )
            AND NOT EXISTS (SELECT FROM plans AS p WHERE p.kitchen_id = k.kitchen_id)
            AND NOT EXISTS (SELECT FROM batches AS b WHERE b.kitchen_id = k.kitchen_id)
            AND NOT EXISTS (SELECT FROM evenings AS e WHERE e.kitchen_id = k.kitchen_id)
            AND NOT EXISTS (SELECT FROM cutters AS c WHERE c.kitchen_id = k.kitchen_id)
          )
        )
      )
    )
    LIMIT 50
  ) AS forgotten;
  DELETE FROM plans WHERE kitchen_id = ANY (gone);
  DELETE FROM kitchens WHERE kitchen_id = ANY (gone);
END
$$;

-- Down Migration
DROP TRIGGER sessions_ended_told ON sessions;
DROP FUNCTION tell_of_ended_session();
CREATE OR REPLACE FUNCTION remove_forgotten_kitchens() RETURNS void LANGUAGE sql SECURITY DEFINER SET search_path = public AS $$
  DELETE FROM plans WHERE kitchen_id IN (SELECT kitchen_id FROM kitchens WHERE removed_at < clock_timestamp() - interval '1 day');
  DELETE FROM kitchens WHERE removed_at < clock_timestamp() - interval '1 day';
$$;
DELETE FROM audit WHERE what IN ('passkey-removed', 'codes-renewed', 'role-changed');
ALTER TABLE audit DROP CONSTRAINT audit_what;
ALTER TABLE audit ADD CONSTRAINT audit_what CHECK (
  what IN ('claimed', 'joined', 'signed-in', 'signed-out', 'member-removed', 'device-removed', 'run-lent', 'exported', 'imported', 'removed', 'kept')
);
ALTER TABLE passkey_challenges DROP CONSTRAINT passkey_challenges_whose, DROP COLUMN purpose, DROP COLUMN session_id;
ALTER TABLE passkeys DROP COLUMN passkey_id, DROP COLUMN name, DROP COLUMN used_at;
ALTER TABLE device_invites DROP COLUMN role;
ALTER TABLE sessions DROP COLUMN role;
