ALTER TABLE "client_histories" ADD COLUMN "last_session_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "client_histories" ADD COLUMN "share" jsonb;--> statement-breakpoint
UPDATE client_histories SET last_session_at = (history ->> 'lastSessionAt')::timestamptz;
--> statement-breakpoint
-- Whose sessions they are, for export and erasing: a session that was taken back has no row of its own.
CREATE INDEX events_started ON events (studio_id, (payload ->> 'clientId')) WHERE type = 'session.started';
