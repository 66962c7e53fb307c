DROP INDEX "matches_by_state";--> statement-breakpoint
ALTER TABLE "matches" ADD COLUMN "name" text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX "matches_by_time" ON "matches" USING btree ("updated_at" DESC NULLS FIRST,"id" DESC NULLS FIRST);--> statement-breakpoint
CREATE INDEX "matches_by_state" ON "matches" USING btree ("over","updated_at" DESC NULLS FIRST,"id" DESC NULLS FIRST);