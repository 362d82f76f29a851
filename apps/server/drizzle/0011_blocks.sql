-- Blocks: a log of their own, told here; and the weeks that clients turn down.
CREATE TABLE "blocks" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"started_at" timestamp(3) with time zone NOT NULL,
	"ended_at" timestamp(3) with time zone,
	"state" jsonb NOT NULL,
	CONSTRAINT "blocks_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "turned_down" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "blocks" ADD CONSTRAINT "blocks_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "blocks_client" ON "blocks" USING btree ("studio_id","client_id","started_at");
--> statement-breakpoint
ALTER TABLE blocks ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON blocks USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
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
