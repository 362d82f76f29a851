-- What is planned: bookings with what became of them and what was built, wishes of clients, kept sessions and blocks.
CREATE TABLE "templates" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"content" jsonb NOT NULL,
	CONSTRAINT "templates_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
ALTER TABLE "bookings" ADD COLUMN "state" text DEFAULT 'booked' NOT NULL;--> statement-breakpoint
ALTER TABLE "bookings" ADD COLUMN "lifts" jsonb;--> statement-breakpoint
ALTER TABLE "bookings" ADD COLUMN "room_id" uuid;--> statement-breakpoint
ALTER TABLE "bookings" ADD COLUMN "series" jsonb;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "wishes" jsonb DEFAULT '{"focus":[],"liked":[],"disliked":[]}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "templates" ADD CONSTRAINT "templates_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE templates ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON templates USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
