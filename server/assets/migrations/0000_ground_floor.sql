CREATE TABLE "entries" (
	"match_id" text NOT NULL,
	"number" integer NOT NULL,
	"client_id" text NOT NULL,
	"entry" jsonb NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "entries_match_id_number_pk" PRIMARY KEY("match_id","number")
);
--> statement-breakpoint
CREATE TABLE "matches" (
	"id" text PRIMARY KEY NOT NULL,
	"game" text NOT NULL,
	"house_rules" jsonb NOT NULL,
	"first" integer NOT NULL,
	"source" text NOT NULL,
	"seed" jsonb,
	"opening" jsonb,
	"last" integer DEFAULT 0 NOT NULL,
	"over" boolean DEFAULT false NOT NULL,
	"summary" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "people" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"pennant" integer NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "seats" (
	"match_id" text NOT NULL,
	"seat" integer NOT NULL,
	"name" text NOT NULL,
	"pennant" integer NOT NULL,
	"person_id" text,
	CONSTRAINT "seats_match_id_seat_pk" PRIMARY KEY("match_id","seat")
);
--> statement-breakpoint
CREATE TABLE "settings" (
	"key" text PRIMARY KEY NOT NULL,
	"value" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_match_id_matches_id_fk" FOREIGN KEY ("match_id") REFERENCES "public"."matches"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seats" ADD CONSTRAINT "seats_match_id_matches_id_fk" FOREIGN KEY ("match_id") REFERENCES "public"."matches"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "seats" ADD CONSTRAINT "seats_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "entries_by_client_id" ON "entries" USING btree ("match_id","client_id");--> statement-breakpoint
CREATE INDEX "matches_by_state" ON "matches" USING btree ("over","updated_at");--> statement-breakpoint
CREATE INDEX "seats_by_person" ON "seats" USING btree ("person_id");