CREATE TABLE "side_members" (
	"match_id" text NOT NULL,
	"seat" integer NOT NULL,
	"member" integer NOT NULL,
	"person_id" text NOT NULL,
	CONSTRAINT "side_members_match_id_seat_member_pk" PRIMARY KEY("match_id","seat","member")
);
--> statement-breakpoint
ALTER TABLE "seats" ADD COLUMN "member_order" text DEFAULT 'turns' NOT NULL;--> statement-breakpoint
ALTER TABLE "seats" ADD COLUMN "called" jsonb;--> statement-breakpoint
ALTER TABLE "side_members" ADD CONSTRAINT "side_members_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "side_members" ADD CONSTRAINT "side_members_match_id_seat_seats_match_id_seat_fk" FOREIGN KEY ("match_id","seat") REFERENCES "public"."seats"("match_id","seat") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "side_members_by_person" ON "side_members" USING btree ("person_id");--> statement-breakpoint
CREATE VIEW "public"."who_sat" AS ((select "match_id", "seat", "person_id" from "seats" where "seats"."person_id" is not null) union all (select "match_id", "seat", "person_id" from "side_members"));