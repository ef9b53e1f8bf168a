ALTER TABLE "note" ADD COLUMN "evidence" jsonb;--> statement-breakpoint
UPDATE "note" SET "evidence" = jsonb_build_object('observed', coalesce("blind_document", "document")->'observed', 'chips', coalesce("blind_document", "document")->'chips');--> statement-breakpoint
ALTER TABLE "note" ALTER COLUMN "evidence" SET NOT NULL;
