-- Films of sets and stills from them: kept by the studio's rule, with consent, and gone with their client.
CREATE TABLE "film_files" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"type" text NOT NULL,
	"bytes" integer NOT NULL,
	"received" integer DEFAULT 0 NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "film_files_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "film_pieces" (
	"studio_id" uuid NOT NULL,
	"file_id" uuid NOT NULL,
	"start" integer NOT NULL,
	"bytes" "bytea" NOT NULL,
	CONSTRAINT "film_pieces_studio_id_file_id_start_pk" PRIMARY KEY("studio_id","file_id","start")
);
--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "film_consent_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "film_days" integer DEFAULT 365 NOT NULL;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "film_megabytes" integer DEFAULT 5000 NOT NULL;--> statement-breakpoint
ALTER TABLE "film_files" ADD CONSTRAINT "film_files_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "film_pieces" ADD CONSTRAINT "film_pieces_studio_id_file_id_film_files_studio_id_id_fk" FOREIGN KEY ("studio_id","file_id") REFERENCES "public"."film_files"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "film_files_client" ON "film_files" USING btree ("studio_id","client_id");
--> statement-breakpoint
ALTER TABLE film_files ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON film_files USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
ALTER TABLE film_pieces ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON film_pieces USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
-- A film is bytes already packed: the database need not try to pack them once more.
ALTER TABLE film_pieces ALTER COLUMN bytes SET STORAGE EXTERNAL;
--> statement-breakpoint
CREATE FUNCTION prune_films() RETURNS void
  LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    DELETE FROM film_pieces p USING film_files f, studios s
      WHERE f.studio_id = p.studio_id AND f.id = p.file_id AND s.id = f.studio_id
        AND f.created_at < now() - make_interval(days => s.film_days);
    DELETE FROM film_files f USING studios s
      WHERE s.id = f.studio_id AND f.created_at < now() - make_interval(days => s.film_days);
  $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION prune_films() FROM PUBLIC;
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
  DELETE FROM client_trainers WHERE studio_id = own AND client_id = wanted;
  DELETE FROM clients WHERE studio_id = own AND id = wanted;
  INSERT INTO erased_clients (studio_id, id, session_ids) VALUES (own, wanted, theirs);
  RETURN true;
END $$;
