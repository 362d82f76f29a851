-- Logs of more than sessions: an event names its stream and the id of what the stream is about.
ALTER TABLE "events" RENAME COLUMN "session_id" TO "stream_id";
--> statement-breakpoint
ALTER TABLE "events" ADD COLUMN "stream" text NOT NULL DEFAULT 'session';
--> statement-breakpoint
ALTER TABLE "events" ALTER COLUMN "stream" DROP DEFAULT;
--> statement-breakpoint
ALTER INDEX "events_session" RENAME TO "events_stream";
--> statement-breakpoint
ALTER TABLE "sessions" ADD COLUMN "state_version" integer DEFAULT 1 NOT NULL;
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
    WHERE studio_id = own AND type = 'session.started' AND payload->>'clientId' = wanted::text;
  DELETE FROM events WHERE studio_id = own AND stream_id = ANY(theirs);
  DELETE FROM sets WHERE studio_id = own AND client_id = wanted;
  DELETE FROM sessions WHERE studio_id = own AND client_id = wanted;
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
