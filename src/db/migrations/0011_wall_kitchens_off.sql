-- Up Migration
-- Why: a query that forgets to name its kitchen must find nothing of another one. The app works as a role that owns nothing;
-- rows of a kitchen are seen only while drubek.kitchen names it. Tables through which someone comes in by a secret (a session, a
-- passkey, an invitation) are open while no kitchen is named, and closed to other kitchens once one is.
DO $$
BEGIN
  CREATE ROLE drubek_app NOLOGIN;
EXCEPTION
  WHEN duplicate_object OR unique_violation THEN NULL;
END
$$;
DO $$
BEGIN
  IF NOT pg_has_role(current_user, 'drubek_app', 'MEMBER') THEN
    EXECUTE format('GRANT drubek_app TO %I', current_user);
  END IF;
END
$$;

CREATE FUNCTION kitchen_here() RETURNS uuid LANGUAGE sql STABLE AS $$
  SELECT nullif(current_setting('drubek.kitchen', true), '')::uuid
$$;
COMMENT ON FUNCTION kitchen_here() IS 'the kitchen whose rows this connection may see; null at the door';

GRANT SELECT, INSERT, UPDATE, DELETE ON
  kitchens, fryers, cutters, plans, plan_versions, outcomes, members, passkeys, recovery_codes, sessions,
  passkey_challenges, device_invites, request_limits, health_beats TO drubek_app;
GRANT SELECT, INSERT, UPDATE, DELETE ON batches TO drubek_app;
-- what happened is only ever added to
GRANT SELECT, INSERT ON batch_events, audit TO drubek_app;
GRANT SELECT ON batch_event_kinds TO drubek_app;

DO $$
DECLARE
  walled text;
BEGIN
  FOREACH walled IN ARRAY ARRAY['fryers', 'cutters', 'plans', 'plan_versions', 'batches', 'batch_events', 'outcomes', 'audit'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', walled);
    EXECUTE format('CREATE POLICY own_kitchen ON %I USING (kitchen_id = kitchen_here())', walled);
  END LOOP;
  FOREACH walled IN ARRAY ARRAY['kitchens', 'members', 'passkeys', 'recovery_codes', 'sessions', 'device_invites'] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', walled);
    EXECUTE format(
      'CREATE POLICY own_kitchen_or_door ON %I USING (kitchen_here() IS NULL OR kitchen_id = kitchen_here())', walled
    );
  END LOOP;
END
$$;

-- done for all kitchens at once, so it cannot be done from within one
CREATE FUNCTION remove_forgotten_kitchens() RETURNS void LANGUAGE sql SECURITY DEFINER SET search_path = public AS $$
  DELETE FROM plans WHERE kitchen_id IN (SELECT kitchen_id FROM kitchens WHERE removed_at < clock_timestamp() - interval '1 day');
  DELETE FROM kitchens WHERE removed_at < clock_timestamp() - interval '1 day';
$$;
REVOKE ALL ON FUNCTION remove_forgotten_kitchens() FROM PUBLIC;
GRANT EXECUTE ON FUNCTION remove_forgotten_kitchens() TO drubek_app;
