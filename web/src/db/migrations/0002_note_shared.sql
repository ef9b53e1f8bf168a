ALTER TABLE "note" ADD COLUMN "shared" boolean DEFAULT false NOT NULL;--> statement-breakpoint
UPDATE "note" SET "shared" = true FROM "glass", "tasting" WHERE "glass"."venue_id" = "note"."venue_id" AND "glass"."id" = "note"."glass_id" AND "tasting"."venue_id" = "glass"."venue_id" AND "tasting"."id" = "glass"."tasting_id" AND "tasting"."kind" <> 'solo';
