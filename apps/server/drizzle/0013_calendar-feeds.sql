-- A trainer's calendar at a secret address, for programs that cannot sign in.
CREATE TABLE "calendar_feeds" (
	"studio_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	"token_hash" text NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "calendar_feeds_studio_id_trainer_id_pk" PRIMARY KEY("studio_id","trainer_id"),
	CONSTRAINT "calendar_feeds_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
ALTER TABLE "calendar_feeds" ADD CONSTRAINT "calendar_feeds_studio_id_trainer_id_trainers_studio_id_id_fk" FOREIGN KEY ("studio_id","trainer_id") REFERENCES "public"."trainers"("studio_id","id") ON DELETE no action ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE calendar_feeds ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY own_studio ON calendar_feeds USING (studio_id = current_studio()) WITH CHECK (studio_id = current_studio());
--> statement-breakpoint
-- Whose calendar an address is, asked before a studio is known; of one who has left, nobody's.
CREATE FUNCTION feed_holder(wanted text) RETURNS TABLE (studio_id uuid, trainer_id uuid)
  LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp
  AS $$ SELECT f.studio_id, f.trainer_id
        FROM calendar_feeds f JOIN trainers t ON t.studio_id = f.studio_id AND t.id = f.trainer_id
        WHERE f.token_hash = wanted AND t.left_at IS NULL $$;
--> statement-breakpoint
REVOKE ALL ON FUNCTION feed_holder(text) FROM PUBLIC;
