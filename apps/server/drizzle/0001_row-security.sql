-- The studio that a transaction works for. Unset means none, and then no row is visible.
CREATE FUNCTION current_studio() RETURNS uuid LANGUAGE sql STABLE
  AS $$ SELECT nullif(current_setting('app.studio', true), '')::uuid $$;
--> statement-breakpoint
DO $$
DECLARE studio_table text;
BEGIN
  FOREACH studio_table IN ARRAY ARRAY[
    'trainers', 'sign_ins', 'clients', 'client_trainers', 'flags', 'screenings', 'screening_openings',
    'rooms', 'bookings', 'events', 'sessions', 'sets', 'client_histories'
  ] LOOP
    EXECUTE format('ALTER TABLE %I ENABLE ROW LEVEL SECURITY', studio_table);
    EXECUTE format(
      'CREATE POLICY own_studio ON %I USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio())',
      studio_table
    );
  END LOOP;
END $$;
--> statement-breakpoint
ALTER TABLE studios ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON studios USING (id = current_studio()) WITH CHECK (id = current_studio());
--> statement-breakpoint
-- What has to be known before a studio is: these run with the owner's rights and answer one question each.
CREATE FUNCTION trainer_for_sign_in(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, password_hash text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT t.studio_id, t.id, t.password_hash FROM trainers t WHERE t.email = wanted $$;
--> statement-breakpoint
CREATE FUNCTION sign_in_holder(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, role text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT s.studio_id, s.trainer_id, t.role
        FROM sign_ins s JOIN trainers t ON t.studio_id = s.studio_id AND t.id = s.trainer_id
        WHERE s.token_hash = wanted AND s.expires_at > now() $$;
--> statement-breakpoint
CREATE FUNCTION any_studio() RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT EXISTS (SELECT 1 FROM studios) $$;
--> statement-breakpoint
CREATE FUNCTION demo_trainer()
  RETURNS TABLE (studio_id uuid, trainer_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT t.studio_id, t.id FROM trainers t JOIN studios s ON s.id = t.studio_id
        WHERE s.is_demo ORDER BY t.created_at LIMIT 1 $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION trainer_for_sign_in(text), sign_in_holder(text), any_studio(), demo_trainer() FROM PUBLIC;
