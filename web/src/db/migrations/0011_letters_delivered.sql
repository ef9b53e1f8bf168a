ALTER TABLE "mail" ADD COLUMN "delivered_at" timestamp with time zone;--> statement-breakpoint
UPDATE "mail" SET "delivered_at" = "sent_at";
