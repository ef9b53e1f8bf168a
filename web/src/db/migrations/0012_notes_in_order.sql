DROP INDEX "note_tasted";--> statement-breakpoint
CREATE INDEX "note_tasted" ON "note" USING btree ("venue_id","tasted_at" DESC NULLS FIRST,"id");