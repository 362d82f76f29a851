ALTER TABLE "bookings" ADD COLUMN "arranged" jsonb;--> statement-breakpoint
ALTER TABLE "rooms" ADD COLUMN "furniture" jsonb;