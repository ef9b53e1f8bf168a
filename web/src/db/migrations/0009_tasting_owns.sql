CREATE TABLE "derived" (
	"name" text PRIMARY KEY NOT NULL,
	"version" integer NOT NULL
);
--> statement-breakpoint
DROP INDEX "wine_facts";--> statement-breakpoint
DROP INDEX "wine_name";--> statement-breakpoint
ALTER TABLE "wine" ADD COLUMN "words" "tsvector" GENERATED ALWAYS AS (to_tsvector('simple', "search")) STORED;--> statement-breakpoint
ALTER TABLE "glass" ADD COLUMN "revealed_tick" integer;--> statement-breakpoint
ALTER TABLE "note" ADD COLUMN "begun_tick" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE INDEX "wine_words" ON "wine" USING gin ("words");--> statement-breakpoint
CREATE INDEX "flight_wine_of" ON "flight_wine" USING btree ("venue_id","wine_id");--> statement-breakpoint
CREATE INDEX "wine_name" ON "wine" USING btree ("venue_id",lower("name"));--> statement-breakpoint
-- What was uncovered before ticks were kept: the tick of its tasting, at least the first.
UPDATE "glass" SET "revealed_tick" = greatest("tasting"."tick", 1) FROM "tasting" WHERE "tasting"."venue_id" = "glass"."venue_id" AND "tasting"."id" = "glass"."tasting_id" AND "glass"."revealed_at" IS NOT NULL;--> statement-breakpoint
UPDATE "tasting" SET "tick" = greatest("tick", 1) WHERE EXISTS (SELECT 1 FROM "glass" WHERE "glass"."venue_id" = "tasting"."venue_id" AND "glass"."tasting_id" = "tasting"."id" AND "glass"."revealed_at" IS NOT NULL);--> statement-breakpoint
-- A note begun with the label in sight was never blind.
UPDATE "note" SET "begun_tick" = "glass"."revealed_tick" FROM "glass", "tasting" WHERE "glass"."venue_id" = "note"."venue_id" AND "glass"."id" = "note"."glass_id" AND "tasting"."venue_id" = "glass"."venue_id" AND "tasting"."id" = "glass"."tasting_id" AND "glass"."revealed_at" IS NOT NULL AND "note"."locked_at" IS NULL AND ("glass"."revealed_at" = "tasting"."started_at" OR "note"."tasted_at" >= "glass"."revealed_at");
