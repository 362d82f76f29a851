ALTER TABLE "client_histories" ADD COLUMN "last_session_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "client_histories" ADD COLUMN "share" jsonb;--> statement-breakpoint
UPDATE client_histories SET last_session_at = (history ->> 'lastSessionAt')::timestamptz;
