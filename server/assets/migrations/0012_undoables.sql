CREATE TABLE "undoables" (
	"id" text PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"says" text NOT NULL,
	"kept" jsonb NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE INDEX "undoables_by_time" ON "undoables" USING btree ("at");