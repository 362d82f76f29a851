-- A device that was offline while a client was deleted for good sends their session later. Its start is refused; this
-- remembers the stream, so that what follows is refused as well, and takes away what came before the start did. Only
-- streams that never began here are touched.
CREATE FUNCTION refuse_streams(wanted uuid, streams uuid[]) RETURNS void
  LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
DECLARE
  own uuid := current_studio();
BEGIN
  IF NOT EXISTS (SELECT 1 FROM erased_clients WHERE studio_id = own AND id = wanted) THEN
    RETURN;
  END IF;
  DELETE FROM events e WHERE e.studio_id = own AND e.stream_id = ANY(streams) AND NOT EXISTS (
    SELECT 1 FROM events s
      WHERE s.studio_id = own AND s.stream_id = e.stream_id AND s.type = 'session.started');
  UPDATE erased_clients
    SET session_ids = (SELECT array_agg(DISTINCT each) FROM unnest(session_ids || streams) AS each)
    WHERE studio_id = own AND id = wanted;
END $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION refuse_streams(uuid, uuid[]) FROM PUBLIC;
