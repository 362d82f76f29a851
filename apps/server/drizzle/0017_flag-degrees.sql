ALTER TABLE "flags" ADD COLUMN "degree" text;--> statement-breakpoint
ALTER TABLE "flags" ADD COLUMN "worst" smallint;--> statement-breakpoint
ALTER TABLE "flags" ADD COLUMN "closed_on" text;