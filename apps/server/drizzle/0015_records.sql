-- Records that come in and go out: imported sets, safety copies, tokens of scripts, and what a studio sets for itself.
CREATE TABLE "imported_sets" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"import_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"lift_id" text NOT NULL,
	"day" text NOT NULL,
	"load_g" integer NOT NULL,
	"reps" smallint NOT NULL,
	"rir" smallint,
	"note" text DEFAULT '' NOT NULL,
	CONSTRAINT "imported_sets_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "imports" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"file_name" text NOT NULL,
	"made_by" uuid NOT NULL,
	"made_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"read" integer NOT NULL,
	CONSTRAINT "imports_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "safety_copies" (
	"id" uuid PRIMARY KEY NOT NULL,
	"taken_at" timestamp(3) with time zone NOT NULL,
	"bytes" bigint NOT NULL,
	"verified_at" timestamp(3) with time zone,
	"problem" text DEFAULT '' NOT NULL,
	"kept_until" timestamp(3) with time zone NOT NULL,
	"removed_at" timestamp(3) with time zone
);
--> statement-breakpoint
CREATE TABLE "script_tokens" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"name" text NOT NULL,
	"made_by" uuid NOT NULL,
	"made_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp(3) with time zone NOT NULL,
	"revoked_at" timestamp(3) with time zone,
	CONSTRAINT "script_tokens_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "script_uses" (
	"studio_id" uuid NOT NULL,
	"token_id" uuid NOT NULL,
	"day" text NOT NULL,
	"operation" text NOT NULL,
	"times" integer NOT NULL,
	"last_at" timestamp(3) with time zone NOT NULL,
	CONSTRAINT "script_uses_studio_id_token_id_day_operation_pk" PRIMARY KEY("studio_id","token_id","day","operation")
);
--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "imported" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "week_start" smallint DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "room_id" uuid;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "booking_minutes" smallint DEFAULT 60 NOT NULL;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "screening_words" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "imported_sets" ADD CONSTRAINT "imported_sets_studio_id_import_id_imports_studio_id_id_fk" FOREIGN KEY ("studio_id","import_id") REFERENCES "public"."imports"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "imported_sets" ADD CONSTRAINT "imported_sets_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "imports" ADD CONSTRAINT "imports_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "script_tokens" ADD CONSTRAINT "script_tokens_studio_id_made_by_trainers_studio_id_id_fk" FOREIGN KEY ("studio_id","made_by") REFERENCES "public"."trainers"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "script_uses" ADD CONSTRAINT "script_uses_studio_id_token_id_script_tokens_studio_id_id_fk" FOREIGN KEY ("studio_id","token_id") REFERENCES "public"."script_tokens"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "imported_sets_client" ON "imported_sets" USING btree ("studio_id","client_id","day");--> statement-breakpoint
CREATE INDEX "imported_sets_import" ON "imported_sets" USING btree ("studio_id","import_id");--> statement-breakpoint
CREATE UNIQUE INDEX "script_tokens_hash" ON "script_tokens" USING btree ("token_hash");--> statement-breakpoint
CREATE INDEX "script_uses_last" ON "script_uses" USING btree ("studio_id","token_id","last_at");
--> statement-breakpoint
ALTER TABLE imports ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON imports USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
ALTER TABLE imported_sets ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON imported_sets USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
ALTER TABLE script_tokens ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON script_tokens USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
ALTER TABLE script_uses ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON script_uses USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
-- Whose token a hash is of; one that has ended is found as well, so that it can be said.
CREATE FUNCTION script_token_holder(hash text)
  RETURNS TABLE (studio_id uuid, id uuid, made_by uuid, expires_at timestamptz, revoked_at timestamptz)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    SELECT t.studio_id, t.id, t.made_by, t.expires_at, t.revoked_at FROM script_tokens t
      JOIN trainers m ON m.studio_id = t.studio_id AND m.id = t.made_by
      WHERE t.token_hash = hash AND m.left_at IS NULL
  $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION script_token_holder(text) FROM PUBLIC;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION erase_client(wanted uuid) RETURNS boolean
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
DECLARE
  own uuid := current_studio();
  theirs uuid[];
BEGIN
  IF NOT EXISTS (SELECT 1 FROM clients WHERE studio_id = own AND id = wanted) THEN
    RETURN false;
  END IF;
  SELECT coalesce(array_agg(DISTINCT stream_id), '{}') INTO theirs FROM events
    WHERE studio_id = own AND type IN ('session.started', 'block.started') AND payload->>'clientId' = wanted::text;
  DELETE FROM film_pieces WHERE studio_id = own AND file_id IN
    (SELECT id FROM film_files WHERE studio_id = own AND client_id = wanted);
  DELETE FROM film_files WHERE studio_id = own AND client_id = wanted;
  DELETE FROM events WHERE studio_id = own AND stream_id = ANY(theirs);
  DELETE FROM sets WHERE studio_id = own AND client_id = wanted;
  DELETE FROM sessions WHERE studio_id = own AND client_id = wanted;
  DELETE FROM blocks WHERE studio_id = own AND client_id = wanted;
  DELETE FROM client_histories WHERE studio_id = own AND client_id = wanted;
  DELETE FROM bookings WHERE studio_id = own AND client_id = wanted;
  DELETE FROM measurements WHERE studio_id = own AND client_id = wanted;
  DELETE FROM flags WHERE studio_id = own AND client_id = wanted;
  DELETE FROM screenings WHERE studio_id = own AND client_id = wanted;
  DELETE FROM screening_openings WHERE studio_id = own AND client_id = wanted;
  DELETE FROM imported_sets WHERE studio_id = own AND client_id = wanted;
  -- A file's name may be somebody's: an import of which nothing is left goes as well.
  DELETE FROM imports i WHERE i.studio_id = own
    AND NOT EXISTS (SELECT 1 FROM imported_sets s WHERE s.studio_id = own AND s.import_id = i.id);
  DELETE FROM client_trainers WHERE studio_id = own AND client_id = wanted;
  DELETE FROM clients WHERE studio_id = own AND id = wanted;
  INSERT INTO erased_clients (studio_id, id, session_ids) VALUES (own, wanted, theirs);
  RETURN true;
END $$;
--> statement-breakpoint
-- When copies were made is for every studio to read; only who runs Spalo writes it.
ALTER TABLE safety_copies ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY everybody_reads ON safety_copies FOR SELECT USING (true);
