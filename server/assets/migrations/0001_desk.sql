CREATE TABLE "facts" (
	"match_id" text NOT NULL,
	"entry" integer NOT NULL,
	"ordinal" integer NOT NULL,
	"seat" integer NOT NULL,
	"person_id" text,
	"operation" text NOT NULL,
	"terms" jsonb NOT NULL,
	"answer" bigint NOT NULL,
	"said" bigint,
	"right" boolean NOT NULL,
	"how" text,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "facts_match_id_entry_ordinal_pk" PRIMARY KEY("match_id","entry","ordinal")
);
--> statement-breakpoint
ALTER TABLE "matches" ADD COLUMN "clock" jsonb DEFAULT '{"used":0,"since":null}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "matches" ADD COLUMN "board_token" text DEFAULT replace(gen_random_uuid()::text, '-', '') NOT NULL;--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_match_id_matches_id_fk" FOREIGN KEY ("match_id") REFERENCES "public"."matches"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "facts_by_person" ON "facts" USING btree ("person_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "matches_by_board" ON "matches" USING btree ("board_token");