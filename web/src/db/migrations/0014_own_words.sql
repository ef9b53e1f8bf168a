CREATE TABLE "own_word" (
	"venue_id" uuid NOT NULL,
	"word" text NOT NULL,
	"term" text NOT NULL,
	"taught_by" text NOT NULL,
	"taught_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "own_word_venue_id_word_pk" PRIMARY KEY("venue_id","word")
);
--> statement-breakpoint
ALTER TABLE "own_word" ADD CONSTRAINT "own_word_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;