ALTER TABLE "facts" ADD COLUMN "evidence" text;--> statement-breakpoint
CREATE INDEX "facts_unread" ON "facts" USING btree ("match_id") WHERE "facts"."evidence" is null;