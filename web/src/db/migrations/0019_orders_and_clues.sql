DROP VIEW "public"."public_answer";--> statement-breakpoint
DROP VIEW "public"."public_poll";--> statement-breakpoint
ALTER TABLE "glass" ADD COLUMN "given_away" boolean DEFAULT false NOT NULL;--> statement-breakpoint
UPDATE "glass" SET "given_away" = true FROM "tasting" WHERE "tasting"."venue_id" = "glass"."venue_id" AND "tasting"."id" = "glass"."tasting_id" AND "tasting"."run" -> 'clues' @> to_jsonb("glass"."place");--> statement-breakpoint
ALTER TABLE "poll" ADD COLUMN "ranked" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "poll_answer" ADD COLUMN "ranking" jsonb;--> statement-breakpoint
CREATE VIEW "public"."public_answer" AS (select "venue_id", "poll_id", "participant_id", "option", "ranking" from "poll_answer");--> statement-breakpoint
CREATE VIEW "public"."public_poll" AS (select "venue_id", "id", "tasting_id", "place", "question", "options", "ranked", "asked_tick", "closed_tick" from "poll");