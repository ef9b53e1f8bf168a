CREATE TABLE "flight_calendar" (
	"venue_id" uuid NOT NULL,
	"flight_id" uuid NOT NULL,
	"events" jsonb NOT NULL,
	"code_hash" text,
	"sent_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "flight_calendar_venue_id_flight_id_pk" PRIMARY KEY("venue_id","flight_id"),
	CONSTRAINT "flight_calendar_code_hash_unique" UNIQUE("code_hash")
);
--> statement-breakpoint
CREATE TABLE "flight_print" (
	"venue_id" uuid NOT NULL,
	"flight_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"paper" text NOT NULL,
	"plan" integer NOT NULL,
	"hash" text NOT NULL,
	"parts" jsonb NOT NULL,
	"printed_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "flight_print_venue_id_flight_id_kind_pk" PRIMARY KEY("venue_id","flight_id","kind")
);
--> statement-breakpoint
ALTER TABLE "flight" ADD COLUMN "plan" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "flight" ADD COLUMN "plan_revision" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "flight_calendar" ADD CONSTRAINT "flight_calendar_venue_id_flight_id_flight_venue_id_id_fk" FOREIGN KEY ("venue_id","flight_id") REFERENCES "public"."flight"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "flight_print" ADD CONSTRAINT "flight_print_venue_id_flight_id_flight_venue_id_id_fk" FOREIGN KEY ("venue_id","flight_id") REFERENCES "public"."flight"("venue_id","id") ON DELETE no action ON UPDATE no action;