CREATE TABLE "erased_clients" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"session_ids" uuid[] NOT NULL,
	"at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "erased_clients_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "measurements" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"day" text NOT NULL,
	"body_mass_g" integer NOT NULL,
	CONSTRAINT "measurements_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "birth_date" text;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "height_mm" integer;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "phone" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "email" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "preference" text DEFAULT 'none' NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "availability" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "emergency_contact" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "consent_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "squat_look" text;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "segments" jsonb;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "programme" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "overrides" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "clients" ADD COLUMN "archived_at" timestamp(3) with time zone;--> statement-breakpoint
ALTER TABLE "flags" ADD COLUMN "fine" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "flags" ADD COLUMN "since" text;--> statement-breakpoint
ALTER TABLE "flags" ADD COLUMN "said_by" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "rooms" ADD COLUMN "kettlebells" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "rooms" ADD COLUMN "stacks" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "rooms" ADD COLUMN "machines" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "rooms" ADD COLUMN "bands" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "erased_clients" ADD CONSTRAINT "erased_clients_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "measurements" ADD CONSTRAINT "measurements_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "measurements_client" ON "measurements" USING btree ("studio_id","client_id","day");