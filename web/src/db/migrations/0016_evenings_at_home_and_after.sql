CREATE TABLE "course" (
	"venue_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"began_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "course_venue_id_id_pk" PRIMARY KEY("venue_id","id")
);
--> statement-breakpoint
CREATE TABLE "own_bottle" (
	"venue_id" uuid NOT NULL,
	"glass_id" uuid NOT NULL,
	"participant_id" uuid NOT NULL,
	"says" text NOT NULL,
	"tick" integer NOT NULL,
	CONSTRAINT "own_bottle_venue_id_glass_id_participant_id_pk" PRIMARY KEY("venue_id","glass_id","participant_id")
);
--> statement-breakpoint
DROP VIEW "public"."guest_note";--> statement-breakpoint
DROP VIEW "public"."guest_seat";--> statement-breakpoint
DROP VIEW "public"."revealed_wine";--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "paper" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "takeaway_hash" text;--> statement-breakpoint
ALTER TABLE "participant" ADD COLUMN "takeaway_until" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "opened" jsonb;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "course_id" uuid;--> statement-breakpoint
ALTER TABLE "tasting" ADD COLUMN "promised" text;--> statement-breakpoint
ALTER TABLE "glass_identity" ADD COLUMN "told" jsonb;--> statement-breakpoint
ALTER TABLE "note" ADD COLUMN "typed_by" text;--> statement-breakpoint
ALTER TABLE "note" ADD COLUMN "hinted_tick" integer;--> statement-breakpoint
ALTER TABLE "course" ADD CONSTRAINT "course_venue_id_venue_id_fk" FOREIGN KEY ("venue_id") REFERENCES "public"."venue"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "own_bottle" ADD CONSTRAINT "own_bottle_venue_id_glass_id_glass_venue_id_id_fk" FOREIGN KEY ("venue_id","glass_id") REFERENCES "public"."glass"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "own_bottle" ADD CONSTRAINT "own_bottle_venue_id_participant_id_participant_venue_id_id_fk" FOREIGN KEY ("venue_id","participant_id") REFERENCES "public"."participant"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "tasting" ADD CONSTRAINT "tasting_venue_id_course_id_course_venue_id_id_fk" FOREIGN KEY ("venue_id","course_id") REFERENCES "public"."course"("venue_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "note" ADD CONSTRAINT "note_typed_by_user_id_fk" FOREIGN KEY ("typed_by") REFERENCES "public"."user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "participant" ADD CONSTRAINT "participant_takeaway_hash_unique" UNIQUE("takeaway_hash");--> statement-breakpoint
CREATE VIEW "public"."guest_bottle" AS (select "venue_id", "participant_id", "glass_id", "says" from "own_bottle");--> statement-breakpoint
CREATE VIEW "public"."hidden_hint" AS (select "glass"."venue_id", "glass"."tasting_id", "glass"."id" as "glass_id", "glass_identity"."told" ->> 'hint' as "hint" from "glass" inner join "glass_identity" on ("glass_identity"."venue_id" = "glass"."venue_id" and "glass_identity"."glass_id" = "glass"."id") where "glass_identity"."told" ? 'hint');--> statement-breakpoint
CREATE VIEW "public"."takeaway_link" AS (select "venue_id", "id" as "participant_id", "tasting_id", "name" as "guest", "seat", "takeaway_hash", "takeaway_until" from "participant" where "participant"."takeaway_hash" is not null);--> statement-breakpoint
CREATE VIEW "public"."guest_note" AS (select "note"."venue_id", "note"."id", "note"."participant_id", "participant"."tasting_id", "participant"."simulated", "note"."glass_id", "note"."moment", "note"."revision", "note"."document", coalesce("note"."blind_document", "note"."document") as "blind", "note"."locked_at", "note"."hinted_tick" is not null as "hinted", coalesce("note"."begun_tick" < coalesce("glass"."first_fact_tick", "glass"."revealed_tick"), true) as "begun_blind", "own_bottle"."says" is not null as "differs" from "note" inner join "participant" on ("participant"."venue_id" = "note"."venue_id" and "participant"."id" = "note"."participant_id") inner join "glass" on ("glass"."venue_id" = "note"."venue_id" and "glass"."id" = "note"."glass_id") left join "own_bottle" on ("own_bottle"."venue_id" = "note"."venue_id" and "own_bottle"."glass_id" = "note"."glass_id" and "own_bottle"."participant_id" = "note"."participant_id") where "note"."deleted_at" is null);--> statement-breakpoint
CREATE VIEW "public"."guest_seat" AS (select "participant"."venue_id", "participant"."id" as "participant_id", "participant"."tasting_id", "participant"."name" as "guest", "participant"."seat", "participant"."from_place", "participant"."arrival", "participant"."card", "participant"."waits_at", "participant"."takeaway_until", "participant"."left_at", "participant"."key_hash" is not null as "keeps", "tasting"."name" as "tasting", "tasting"."tick", "tasting"."closed_at" from "participant" inner join "tasting" on ("tasting"."venue_id" = "participant"."venue_id" and "tasting"."id" = "participant"."tasting_id"));--> statement-breakpoint
CREATE VIEW "public"."revealed_wine" AS (select "glass"."venue_id", "glass"."id" as "glass_id", "wine"."name", "wine"."producer", "wine"."document", "glass_identity"."told" - 'hint' as "told" from "glass" inner join "glass_identity" on ("glass_identity"."venue_id" = "glass"."venue_id" and "glass_identity"."glass_id" = "glass"."id") inner join "wine" on ("wine"."venue_id" = "glass_identity"."venue_id" and "wine"."id" = "glass_identity"."wine_id") where "glass"."revealed_at" is not null);