ALTER TABLE "studios" ADD COLUMN "trainers_see" text DEFAULT 'all' NOT NULL;--> statement-breakpoint
-- The trainer whose clients a transaction sees and changes, and nobody else's. Unset means all of the studio.
CREATE FUNCTION current_clients_of() RETURNS uuid LANGUAGE sql STABLE
  AS $$ SELECT nullif(current_setting('app.clients_of', true), '')::uuid $$;
--> statement-breakpoint
-- Besides the studio, not instead of it. Who may add what is new is the app's to say: a client has no trainer before there is one.
DO $$
DECLARE held record;
BEGIN
  FOR held IN SELECT * FROM (VALUES
    ('clients', 'id'), ('flags', 'client_id'), ('measurements', 'client_id'), ('screenings', 'client_id'),
    ('screening_openings', 'client_id'), ('bookings', 'client_id'), ('sessions', 'client_id'), ('sets', 'client_id'),
    ('client_histories', 'client_id'), ('blocks', 'client_id'), ('film_files', 'client_id'), ('imported_sets', 'client_id')
  ) AS t(name, client) LOOP
    EXECUTE format(
      'CREATE POLICY own_clients ON %I AS RESTRICTIVE USING ((SELECT current_clients_of()) IS NULL OR %I IN (
         SELECT t.client_id FROM client_trainers t
           WHERE t.studio_id = current_studio() AND t.trainer_id = (SELECT current_clients_of())))',
      held.name, held.client
    );
  END LOOP;
END $$;
--> statement-breakpoint
CREATE POLICY own_clients ON film_pieces AS RESTRICTIVE USING (
  (SELECT current_clients_of()) IS NULL OR file_id IN (SELECT f.id FROM film_files f));
--> statement-breakpoint
CREATE POLICY own_clients ON events AS RESTRICTIVE USING (
  (SELECT current_clients_of()) IS NULL OR stream_id IN (SELECT s.id FROM sessions s UNION ALL SELECT b.id FROM blocks b));
--> statement-breakpoint
CREATE FUNCTION sees_own_only(studio uuid, trainer uuid) RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    SELECT s.trainers_see = 'own' AND t.role <> 'owner' FROM studios s JOIN trainers t ON t.studio_id = s.id
      WHERE s.id = studio AND t.id = trainer
  $$;
--> statement-breakpoint
DROP FUNCTION sign_in_holder(text);
--> statement-breakpoint
CREATE FUNCTION sign_in_holder(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, role text, own_only boolean, sign_in_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT s.studio_id, s.trainer_id, t.role, sees_own_only(s.studio_id, s.trainer_id), s.id
        FROM sign_ins s JOIN trainers t ON t.studio_id = s.studio_id AND t.id = s.trainer_id
        WHERE s.token_hash = wanted AND s.expires_at > the_time() AND t.left_at IS NULL $$;
--> statement-breakpoint
DROP FUNCTION script_token_holder(text);
--> statement-breakpoint
CREATE FUNCTION script_token_holder(hash text)
  RETURNS TABLE (studio_id uuid, id uuid, made_by uuid, own_only boolean, expires_at timestamptz, revoked_at timestamptz)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    SELECT t.studio_id, t.id, t.made_by, sees_own_only(t.studio_id, t.made_by), t.expires_at, t.revoked_at FROM script_tokens t
      JOIN trainers m ON m.studio_id = t.studio_id AND m.id = t.made_by
      WHERE t.token_hash = hash AND m.left_at IS NULL
  $$;
--> statement-breakpoint
DROP FUNCTION feed_holder(text);
--> statement-breakpoint
CREATE FUNCTION feed_holder(wanted text) RETURNS TABLE (studio_id uuid, trainer_id uuid, own_only boolean)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT f.studio_id, f.trainer_id, sees_own_only(f.studio_id, f.trainer_id)
        FROM calendar_feeds f JOIN trainers t ON t.studio_id = f.studio_id AND t.id = f.trainer_id
        WHERE f.token_hash = wanted AND t.left_at IS NULL $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION sees_own_only(uuid, uuid), sign_in_holder(text), script_token_holder(text), feed_holder(text) FROM PUBLIC;
