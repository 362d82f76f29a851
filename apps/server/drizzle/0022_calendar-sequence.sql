ALTER TABLE "bookings" ADD COLUMN "sequence" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "bookings" ADD COLUMN "changed_at" timestamp(3) with time zone DEFAULT the_time() NOT NULL;