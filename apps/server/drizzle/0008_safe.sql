CREATE TABLE "known_browsers" (
	"token_hash" text NOT NULL,
	"studio_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	"expires_at" timestamp(3) with time zone NOT NULL,
	CONSTRAINT "known_browsers_studio_id_trainer_id_token_hash_pk" PRIMARY KEY("studio_id","trainer_id","token_hash")
);
--> statement-breakpoint
CREATE TABLE "one_time_links" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"made_by" uuid NOT NULL,
	"expires_at" timestamp(3) with time zone NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
DROP INDEX "trainers_email";--> statement-breakpoint
ALTER TABLE "events" ALTER COLUMN "seq" DROP IDENTITY;--> statement-breakpoint
ALTER TABLE "trainers" ALTER COLUMN "password_hash" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "training_months_at" timestamp(3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "events" ADD COLUMN "sent_by" uuid;--> statement-breakpoint
ALTER TABLE "client_histories" ADD COLUMN "before" jsonb;--> statement-breakpoint
ALTER TABLE "client_histories" ADD COLUMN "last_session_id" uuid;--> statement-breakpoint
ALTER TABLE "client_histories" ADD COLUMN "basis" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "stale" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "sign_ins" ADD COLUMN "id" uuid DEFAULT gen_random_uuid() NOT NULL;--> statement-breakpoint
ALTER TABLE "sign_ins" ADD COLUMN "browser" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "arrivals" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "trainers" ADD COLUMN "left_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "known_browsers" ADD CONSTRAINT "known_browsers_studio_id_trainer_id_trainers_studio_id_id_fk" FOREIGN KEY ("studio_id","trainer_id") REFERENCES "public"."trainers"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "one_time_links" ADD CONSTRAINT "one_time_links_studio_id_trainer_id_trainers_studio_id_id_fk" FOREIGN KEY ("studio_id","trainer_id") REFERENCES "public"."trainers"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sign_ins_trainer" ON "sign_ins" USING btree ("studio_id","trainer_id");--> statement-breakpoint
CREATE UNIQUE INDEX "trainers_studio_email" ON "trainers" USING btree ("studio_id","email") WHERE left_at IS NULL;--> statement-breakpoint
CREATE INDEX "trainers_by_email" ON "trainers" USING btree ("email");--> statement-breakpoint
UPDATE clients SET training_months_at = created_at;
--> statement-breakpoint
UPDATE studios s SET arrivals = coalesce((SELECT max(seq) FROM events e WHERE e.studio_id = s.id), 0);
--> statement-breakpoint
ALTER TABLE known_browsers ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON known_browsers USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
ALTER TABLE one_time_links ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON one_time_links USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
-- A demo studio is not somebody's: where it is not offered, the first start is still to come.
CREATE OR REPLACE FUNCTION any_studio() RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT EXISTS (SELECT 1 FROM studios WHERE NOT is_demo) $$;
--> statement-breakpoint
DROP FUNCTION trainer_for_sign_in(text);
--> statement-breakpoint
-- Every account of an e-mail: a person may work for several studios.
CREATE FUNCTION accounts_for_sign_in(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, password_hash text, studio_name text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT t.studio_id, t.id, t.password_hash, s.name
        FROM trainers t JOIN studios s ON s.id = t.studio_id
        WHERE t.email = wanted AND t.password_hash IS NOT NULL AND t.left_at IS NULL
        ORDER BY t.created_at, t.id LIMIT 8 $$;
--> statement-breakpoint
DROP FUNCTION sign_in_holder(text);
--> statement-breakpoint
CREATE FUNCTION sign_in_holder(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, role text, sign_in_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT s.studio_id, s.trainer_id, t.role, s.id
        FROM sign_ins s JOIN trainers t ON t.studio_id = s.studio_id AND t.id = s.trainer_id
        WHERE s.token_hash = wanted AND s.expires_at > now() AND t.left_at IS NULL $$;
--> statement-breakpoint
CREATE FUNCTION link_holder(wanted text)
  RETURNS TABLE (studio_id uuid, trainer_id uuid, kind text, studio_name text, name text, email text)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT l.studio_id, l.trainer_id, l.kind, s.name, t.name, t.email
        FROM one_time_links l
          JOIN trainers t ON t.studio_id = l.studio_id AND t.id = l.trainer_id
          JOIN studios s ON s.id = l.studio_id
        WHERE l.token_hash = wanted AND l.expires_at > now() AND t.left_at IS NULL $$;
--> statement-breakpoint
-- Whether a browser is one that an account has signed in with before.
CREATE FUNCTION browser_known(browser text, wanted text) RETURNS boolean
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT EXISTS (
    SELECT 1 FROM known_browsers b JOIN trainers t ON t.studio_id = b.studio_id AND t.id = b.trainer_id
      WHERE b.token_hash = browser AND t.email = wanted AND b.expires_at > now()) $$;
--> statement-breakpoint
-- What has run out is of no more use to anybody.
CREATE FUNCTION prune_access() RETURNS void
  LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    DELETE FROM sign_ins WHERE expires_at < now();
    DELETE FROM one_time_links WHERE expires_at < now();
    DELETE FROM known_browsers WHERE expires_at < now();
    DELETE FROM sign_in_tries WHERE since < now() - interval '1 day';
  $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION accounts_for_sign_in(text), sign_in_holder(text), link_holder(text), browser_known(text, text), prune_access() FROM PUBLIC;
