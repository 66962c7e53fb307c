ALTER TABLE "matches" ADD COLUMN "asked" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "matches" ADD COLUMN "help" jsonb;