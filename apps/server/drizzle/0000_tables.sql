CREATE TABLE "bookings" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	"starts_at" timestamp(3) with time zone NOT NULL,
	"minutes" integer NOT NULL,
	CONSTRAINT "bookings_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "client_histories" (
	"studio_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"history" jsonb NOT NULL,
	CONSTRAINT "client_histories_studio_id_client_id_pk" PRIMARY KEY("studio_id","client_id")
);
--> statement-breakpoint
CREATE TABLE "client_trainers" (
	"studio_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	CONSTRAINT "client_trainers_studio_id_client_id_trainer_id_pk" PRIMARY KEY("studio_id","client_id","trainer_id")
);
--> statement-breakpoint
CREATE TABLE "clients" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"called_name" text NOT NULL,
	"body_mass_g" integer NOT NULL,
	"sex" text NOT NULL,
	"training_months" integer NOT NULL,
	"birth_year" smallint,
	"nervous" boolean NOT NULL,
	"goal" text NOT NULL,
	"brief" text NOT NULL,
	"reports" jsonb NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "clients_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "events" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"seq" bigint GENERATED ALWAYS AS IDENTITY (sequence name "events_seq_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"session_id" uuid NOT NULL,
	"type" text NOT NULL,
	"at" timestamp(3) with time zone NOT NULL,
	"author" uuid NOT NULL,
	"device" uuid NOT NULL,
	"payload" jsonb NOT NULL,
	"received_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "events_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "flags" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"place" text NOT NULL,
	"side" text NOT NULL,
	"note" text NOT NULL,
	"state" text NOT NULL,
	"usual_pain" smallint NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "flags_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "rooms" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"bars" jsonb NOT NULL,
	"plates" jsonb NOT NULL,
	"dumbbells" jsonb NOT NULL,
	CONSTRAINT "rooms_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "screening_openings" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	"allowed" boolean NOT NULL,
	"at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "screening_openings_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "screenings" (
	"studio_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"answers" jsonb NOT NULL,
	"answered_at" timestamp(3) with time zone NOT NULL,
	CONSTRAINT "screenings_studio_id_client_id_pk" PRIMARY KEY("studio_id","client_id")
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"booking_id" uuid,
	"trainer_id" uuid NOT NULL,
	"started_at" timestamp(3) with time zone NOT NULL,
	"finished_at" timestamp(3) with time zone,
	"state" jsonb NOT NULL,
	CONSTRAINT "sessions_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "sets" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"client_id" uuid NOT NULL,
	"lift_id" text NOT NULL,
	"at" timestamp(3) with time zone NOT NULL,
	"kind" text NOT NULL,
	"load_g" integer NOT NULL,
	"reps" smallint NOT NULL,
	"clean_reps" smallint NOT NULL,
	"rir" smallint,
	"voided" boolean NOT NULL,
	"corrected" boolean NOT NULL,
	CONSTRAINT "sets_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
CREATE TABLE "sign_in_tries" (
	"key" text PRIMARY KEY NOT NULL,
	"tries" integer NOT NULL,
	"since" timestamp(3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_ins" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"studio_id" uuid NOT NULL,
	"trainer_id" uuid NOT NULL,
	"expires_at" timestamp(3) with time zone NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "studios" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"unit" text NOT NULL,
	"zone" text NOT NULL,
	"is_demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "trainers" (
	"studio_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"password_hash" text NOT NULL,
	"role" text NOT NULL,
	"created_at" timestamp(3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "trainers_studio_id_id_pk" PRIMARY KEY("studio_id","id")
);
--> statement-breakpoint
ALTER TABLE "bookings" ADD CONSTRAINT "bookings_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "client_histories" ADD CONSTRAINT "client_histories_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "client_trainers" ADD CONSTRAINT "client_trainers_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "clients" ADD CONSTRAINT "clients_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "flags" ADD CONSTRAINT "flags_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rooms" ADD CONSTRAINT "rooms_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "screenings" ADD CONSTRAINT "screenings_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_studio_id_client_id_clients_studio_id_id_fk" FOREIGN KEY ("studio_id","client_id") REFERENCES "public"."clients"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sign_ins" ADD CONSTRAINT "sign_ins_studio_id_trainer_id_trainers_studio_id_id_fk" FOREIGN KEY ("studio_id","trainer_id") REFERENCES "public"."trainers"("studio_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trainers" ADD CONSTRAINT "trainers_studio_id_studios_id_fk" FOREIGN KEY ("studio_id") REFERENCES "public"."studios"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "bookings_start" ON "bookings" USING btree ("studio_id","starts_at");--> statement-breakpoint
CREATE INDEX "events_session" ON "events" USING btree ("studio_id","session_id");--> statement-breakpoint
CREATE UNIQUE INDEX "events_seq" ON "events" USING btree ("studio_id","seq");--> statement-breakpoint
CREATE INDEX "flags_client" ON "flags" USING btree ("studio_id","client_id");--> statement-breakpoint
CREATE INDEX "screening_openings_client" ON "screening_openings" USING btree ("studio_id","client_id","at");--> statement-breakpoint
CREATE INDEX "sessions_client" ON "sessions" USING btree ("studio_id","client_id","started_at");--> statement-breakpoint
CREATE INDEX "sessions_booking" ON "sessions" USING btree ("studio_id","booking_id");--> statement-breakpoint
CREATE INDEX "sets_client_lift" ON "sets" USING btree ("studio_id","client_id","lift_id","at");--> statement-breakpoint
CREATE INDEX "sets_session" ON "sets" USING btree ("studio_id","session_id");--> statement-breakpoint
CREATE UNIQUE INDEX "trainers_email" ON "trainers" USING btree ("email");