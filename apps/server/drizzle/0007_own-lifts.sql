-- Each step may find itself done: this migration once bore a time before that of the one it follows.
CREATE TABLE IF NOT EXISTS "own_lifts" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"lift_id" text NOT NULL,
	"added" jsonb,
	"styles" jsonb NOT NULL,
	"checkpoints" jsonb NOT NULL,
	"cues" jsonb NOT NULL,
	"hidden" jsonb NOT NULL,
	CONSTRAINT "own_lifts_studio_id_id_pk" PRIMARY KEY("studio_id","id"),
	CONSTRAINT "own_lifts_one_a_lift" UNIQUE("studio_id","lift_id")
);
--> statement-breakpoint
ALTER TABLE "own_lifts" DROP CONSTRAINT IF EXISTS "own_lifts_studio_id_studios_id_fk";
--> statement-breakpoint
ALTER TABLE "own_lifts" ADD CONSTRAINT "own_lifts_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE own_lifts ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
DROP POLICY IF EXISTS own_studio ON own_lifts;
--> statement-breakpoint
CREATE POLICY own_studio ON own_lifts USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
