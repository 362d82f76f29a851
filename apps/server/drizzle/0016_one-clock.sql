-- What time it is for who is connected: the server's time, or that of a clock which runs ahead or behind (demo, tests).
CREATE FUNCTION the_time() RETURNS timestamptz LANGUAGE sql STABLE
  AS $$ SELECT now() + make_interval(secs => coalesce(nullif(current_setting('spalo.clock_ahead_s', true), ''), '0')::float8) $$;
--> statement-breakpoint
ALTER TABLE "calendar_feeds" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "clients" ALTER COLUMN "training_months_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "clients" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "clients" ALTER COLUMN "updated_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "erased_clients" ALTER COLUMN "at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "flags" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "film_files" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "imports" ALTER COLUMN "made_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "events" ALTER COLUMN "received_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "screening_openings" ALTER COLUMN "at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "script_tokens" ALTER COLUMN "made_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "one_time_links" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "sign_ins" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "studios" ALTER COLUMN "created_at" SET DEFAULT the_time();--> statement-breakpoint
ALTER TABLE "trainers" ALTER COLUMN "created_at" SET DEFAULT the_time();
--> statement-breakpoint
CREATE OR REPLACE FUNCTION sign_in_holder(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, role text, sign_in_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT s.studio_id, s.trainer_id, t.role, s.id
        FROM sign_ins s JOIN trainers t ON t.studio_id = s.studio_id AND t.id = s.trainer_id
        WHERE s.token_hash = wanted AND s.expires_at > the_time() AND t.left_at IS NULL $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION link_holder(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, kind text, studio_name text, name text, email text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT l.studio_id, l.trainer_id, l.kind, s.name, t.name, t.email
        FROM one_time_links l
          JOIN trainers t ON t.studio_id = l.studio_id AND t.id = l.trainer_id
          JOIN studios s ON s.id = l.studio_id
        WHERE l.token_hash = wanted AND l.expires_at > the_time() AND t.left_at IS NULL $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION browser_known(browser text, wanted text) RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT EXISTS (
    SELECT 1 FROM known_browsers b JOIN trainers t ON t.studio_id = b.studio_id AND t.id = b.trainer_id
      WHERE b.token_hash = browser AND t.email = wanted AND b.expires_at > the_time()) $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION prune_access() RETURNS void
  LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    DELETE FROM sign_ins WHERE expires_at < the_time();
    DELETE FROM one_time_links WHERE expires_at < the_time();
    DELETE FROM known_browsers WHERE expires_at < the_time();
    DELETE FROM sign_in_tries WHERE since < the_time() - interval '1 day';
  $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION prune_films() RETURNS void
  LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    DELETE FROM film_pieces p USING film_files f, studios s
      WHERE f.studio_id = p.studio_id AND f.id = p.file_id AND s.id = f.studio_id
        AND f.created_at < the_time() - make_interval(days => s.film_days);
    DELETE FROM film_files f USING studios s
      WHERE s.id = f.studio_id AND f.created_at < the_time() - make_interval(days => s.film_days);
  $$;
