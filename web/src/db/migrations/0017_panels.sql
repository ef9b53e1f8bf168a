DROP VIEW "public"."public_fact";--> statement-breakpoint
DROP VIEW "public"."public_glass";--> statement-breakpoint
ALTER TABLE "glass" DROP CONSTRAINT "glass_code";--> statement-breakpoint
ALTER TABLE "glass" ADD COLUMN "seat" integer;--> statement-breakpoint
ALTER TABLE "glass" ADD CONSTRAINT "glass_code" UNIQUE NULLS NOT DISTINCT("venue_id","tasting_id","seat","code");--> statement-breakpoint
CREATE VIEW "public"."public_fact" AS (select "uncovered_fact"."venue_id", "uncovered_fact"."glass_id", "glass"."tasting_id", "glass"."place", "glass"."seat", "uncovered_fact"."fact", "uncovered_fact"."says", "uncovered_fact"."truth" from "uncovered_fact" inner join "glass" on ("glass"."venue_id" = "uncovered_fact"."venue_id" and "glass"."id" = "uncovered_fact"."glass_id"));--> statement-breakpoint
CREATE VIEW "public"."public_glass" AS (select "venue_id", "id", "tasting_id", "place", "seat", "code", "rejected_at", "revealed_tick", "first_fact_tick" from "glass");