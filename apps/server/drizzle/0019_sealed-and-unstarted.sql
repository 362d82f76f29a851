ALTER TABLE "safety_copies" ADD COLUMN "sealed" boolean DEFAULT false NOT NULL;--> statement-breakpoint
CREATE INDEX "events_received" ON "events" USING brin ("received_at");--> statement-breakpoint
-- Entries of a session or block whose start never came tell of somebody, and of nobody who could be erased: a device sends the
-- start first, so after thirty days it does not come any more. Of later kinds of stream nothing is known here.
CREATE FUNCTION prune_unstarted() RETURNS void
  LANGUAGE sql SECURITY DEFINER SET search_path = public, pg_temp
  AS $$
    DELETE FROM events e
      WHERE e.received_at > the_time() - interval '60 days' AND e.received_at < the_time() - interval '30 days'
        AND e.stream IN ('session', 'block') AND NOT EXISTS (
          SELECT 1 FROM events s WHERE s.studio_id = e.studio_id AND s.stream_id = e.stream_id
            AND s.type IN ('session.started', 'block.started'));
  $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION prune_unstarted() FROM PUBLIC;
