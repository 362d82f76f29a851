ALTER TABLE "clients" ADD COLUMN "touch_consent_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "guardian" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "guardian_consent_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "asked_again_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "studios" ADD COLUMN "emergency_number" text DEFAULT '112' NOT NULL;--> statement-breakpoint
UPDATE "client_histories" SET "share" = NULL;