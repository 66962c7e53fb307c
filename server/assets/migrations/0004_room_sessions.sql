CREATE TABLE "helpers" (
	"id" text PRIMARY KEY NOT NULL,
	"match_id" text NOT NULL,
	"code" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"came_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "room_sessions" (
	"id" text PRIMARY KEY NOT NULL,
	"clock" jsonb DEFAULT '{"minutes":null,"used":0,"since":null,"called":false}'::jsonb NOT NULL,
	"board_token" text DEFAULT replace(gen_random_uuid()::text, '-', '') NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ended_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "matches" ADD COLUMN "session_id" text;--> statement-breakpoint
ALTER TABLE "helpers" ADD CONSTRAINT "helpers_match_id_matches_id_fk" FOREIGN KEY ("match_id") REFERENCES "public"."matches"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "helpers_by_code" ON "helpers" USING btree ("code");--> statement-breakpoint
CREATE INDEX "helpers_by_match" ON "helpers" USING btree ("match_id");--> statement-breakpoint
CREATE UNIQUE INDEX "room_sessions_by_board" ON "room_sessions" USING btree ("board_token");--> statement-breakpoint
ALTER TABLE "matches" ADD CONSTRAINT "matches_session_id_room_sessions_id_fk" FOREIGN KEY ("session_id") REFERENCES "public"."room_sessions"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "matches_by_session" ON "matches" USING btree ("session_id");