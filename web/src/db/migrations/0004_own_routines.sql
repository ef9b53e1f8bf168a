CREATE TABLE "routine" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"version" integer NOT NULL,
	"document" jsonb NOT NULL,
	"made_by" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "routine_venue_id_id_version_pk" PRIMARY KEY("venue_id","id","version")
);
--> statement-breakpoint
ALTER TABLE "routine" ADD CONSTRAINT "routine_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;