CREATE TABLE "glass_doubt" (
	"venue_id" uuid NOT NULL,
	"glass_id" uuid NOT NULL,
	"participant_id" uuid NOT NULL,
	"smells" text NOT NULL,
	"tick" integer NOT NULL,
	CONSTRAINT "glass_doubt_venue_id_glass_id_participant_id_pk" PRIMARY KEY("venue_id","glass_id","participant_id")
);
--> statement-breakpoint
CREATE TABLE "poll" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"tasting_id" uuid NOT NULL,
	"place" integer,
	"question" text NOT NULL,
	"options" jsonb NOT NULL,
	"forecast" integer,
	"asked_tick" integer NOT NULL,
	"closed_tick" integer,
	CONSTRAINT "poll_venue_id_id_pk" PRIMARY KEY("venue_id","id")
);
--> statement-breakpoint
CREATE TABLE "poll_answer" (
	"venue_id" uuid NOT NULL,
	"poll_id" uuid NOT NULL,
	"participant_id" uuid NOT NULL,
	"option" integer NOT NULL,
	CONSTRAINT "poll_answer_venue_id_poll_id_participant_id_pk" PRIMARY KEY("venue_id","poll_id","participant_id")
);
--> statement-breakpoint
CREATE TABLE "tasting_part" (
	"venue_id" uuid NOT NULL,
	"tasting_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"part" text NOT NULL,
	"since_tick" integer NOT NULL,
	CONSTRAINT "tasting_part_venue_id_tasting_id_user_id_pk" PRIMARY KEY("venue_id","tasting_id","user_id")
);
--> statement-breakpoint
CREATE TABLE "uncovered_fact" (
	"venue_id" uuid NOT NULL,
	"glass_id" uuid NOT NULL,
	"fact" text NOT NULL,
	"tick" integer NOT NULL,
	"says" text NOT NULL,
	"truth" jsonb NOT NULL,
	CONSTRAINT "uncovered_fact_venue_id_glass_id_fact_pk" PRIMARY KEY("venue_id","glass_id","fact")
);
--> statement-breakpoint
DROP VIEW "public"."guest_seat";--> statement-breakpoint
DROP VIEW "public"."public_glass";--> statement-breakpoint
ALTER TABLE "glass" ADD COLUMN "first_fact_tick" integer;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "joined_tick" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "from_place" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "here_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "left_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "key_hash" text;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "arrival" jsonb;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "card" jsonb;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "waits_at" integer;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "plan" jsonb;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "run" jsonb;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "parked" jsonb;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "wheel" text;--> statement-breakpoint
ALTER TABLE "note" ADD COLUMN "seen_tick" integer;--> statement-breakpoint
ALTER TABLE "note" ADD COLUMN "unproven_document" jsonb;--> statement-breakpoint
ALTER TABLE "glass_doubt" ADD CONSTRAINT "glass_doubt_venue_id_glass_id_glass_venue_id_id_fk" FOREIGN KEY ("venue_id","glass_id") REFERENCES "public"."glass"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "glass_doubt" ADD CONSTRAINT "glass_doubt_venue_id_participant_id_participant_venue_id_id_fk" FOREIGN KEY ("venue_id","participant_id") REFERENCES "public"."participant"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "poll" ADD CONSTRAINT "poll_venue_id_tasting_id_tasting_venue_id_id_fk" FOREIGN KEY ("venue_id","tasting_id") REFERENCES "public"."tasting"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "poll_answer" ADD CONSTRAINT "poll_answer_venue_id_poll_id_poll_venue_id_id_fk" FOREIGN KEY ("venue_id","poll_id") REFERENCES "public"."poll"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "poll_answer" ADD CONSTRAINT "poll_answer_venue_id_participant_id_participant_venue_id_id_fk" FOREIGN KEY ("venue_id","participant_id") REFERENCES "public"."participant"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tasting_part" ADD CONSTRAINT "tasting_part_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tasting_part" ADD CONSTRAINT "tasting_part_venue_id_tasting_id_tasting_venue_id_id_fk" FOREIGN KEY ("venue_id","tasting_id") REFERENCES "public"."tasting"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "uncovered_fact" ADD CONSTRAINT "uncovered_fact_venue_id_glass_id_glass_venue_id_id_fk" FOREIGN KEY ("venue_id","glass_id") REFERENCES "public"."glass"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "poll_tasting" ON "poll" USING btree ("venue_id","tasting_id");--> statement-breakpoint
ALTER TABLE "tasting" ADD CONSTRAINT "tasting_wheel_user_id_fk" FOREIGN KEY ("wheel") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "participant_key" ON "participant" USING btree ("venue_id","key_hash");--> statement-breakpoint
CREATE VIEW "public"."guest_note" AS (select "note"."venue_id", "note"."id", "note"."participant_id", "participant"."tasting_id", "participant"."simulated", "note"."glass_id", "note"."moment", "note"."revision", "note"."document", coalesce("note"."blind_document", "note"."document") as "blind", "note"."locked_at" from "note" inner join "participant" on ("participant"."venue_id" = "note"."venue_id" and "participant"."id" = "note"."participant_id") where "note"."deleted_at" is null);--> statement-breakpoint
CREATE VIEW "public"."public_answer" AS (select "venue_id", "poll_id", "participant_id", "option" from "poll_answer");--> statement-breakpoint
CREATE VIEW "public"."public_evening" AS (select "tasting"."venue_id", "tasting"."id", "tasting"."name", "tasting"."tick", "tasting"."plan", "tasting"."run", "tasting"."join_code", "tasting"."closed_at", "venue"."name" as "venue", "venue"."settings" ->> 'country' as "country" from "tasting" inner join "venue" on "venue"."id" = "tasting"."venue_id");--> statement-breakpoint
CREATE VIEW "public"."public_fact" AS (select "uncovered_fact"."venue_id", "uncovered_fact"."glass_id", "glass"."tasting_id", "glass"."place", "uncovered_fact"."fact", "uncovered_fact"."says", "uncovered_fact"."truth" from "uncovered_fact" inner join "glass" on ("glass"."venue_id" = "uncovered_fact"."venue_id" and "glass"."id" = "uncovered_fact"."glass_id"));--> statement-breakpoint
CREATE VIEW "public"."public_poll" AS (select "venue_id", "id", "tasting_id", "place", "question", "options", "asked_tick", "closed_tick" from "poll");--> statement-breakpoint
CREATE VIEW "public"."guest_seat" AS (select "participant"."venue_id", "participant"."id" as "participant_id", "participant"."tasting_id", "participant"."name" as "guest", "participant"."seat", "participant"."from_place", "participant"."arrival", "participant"."card", "participant"."waits_at", "participant"."left_at", "participant"."key_hash" is not null as "keeps", "tasting"."name" as "tasting", "tasting"."tick", "tasting"."closed_at" from "participant" inner join "tasting" on ("tasting"."venue_id" = "participant"."venue_id" and "tasting"."id" = "participant"."tasting_id"));--> statement-breakpoint
CREATE VIEW "public"."public_glass" AS (select "venue_id", "id", "tasting_id", "place", "code", "rejected_at", "revealed_tick", "first_fact_tick" from "glass");