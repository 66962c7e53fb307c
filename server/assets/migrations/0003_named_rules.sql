CREATE TABLE "named_rules" (
	"id" text PRIMARY KEY NOT NULL,
	"game" text NOT NULL,
	"name" text NOT NULL,
	"house_rules" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX "named_rules_by_name" ON "named_rules" USING btree ("game",lower("name"));