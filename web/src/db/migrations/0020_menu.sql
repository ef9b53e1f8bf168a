CREATE TABLE "menu" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"revision" integer NOT NULL,
	"writes" text[] NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone,
	"name" text NOT NULL,
	"document" jsonb NOT NULL,
	CONSTRAINT "menu_venue_id_id_pk" PRIMARY KEY("venue_id","id")
);
--> statement-breakpoint
ALTER TABLE "menu" ADD CONSTRAINT "menu_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;