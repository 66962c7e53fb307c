-- All servers are stopped for this: older ones know no rooms, and would see nothing.
-- Every table carries its room, and shows the rows of the room that is set alone. What was there is the one room.
SELECT set_config('nimble.room', 'one', true);
--> statement-breakpoint
CREATE TABLE "installation" (
	"key" text PRIMARY KEY NOT NULL,
	"value" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rooms" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text DEFAULT '' NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"used_at" timestamp with time zone,
	"closed_at" timestamp with time zone
);
--> statement-breakpoint
INSERT INTO "rooms" ("id") VALUES ('one');
--> statement-breakpoint
INSERT INTO "installation" ("key", "value") SELECT "key", "value" FROM "settings" WHERE "key" = 'session-key';
--> statement-breakpoint
DELETE FROM "settings" WHERE "key" = 'session-key';
--> statement-breakpoint
ALTER TABLE "entries" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "facts" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "helpers" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "matches" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "named_rules" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "room_sessions" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "seats" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "settings" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "side_members" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "undoables" ADD COLUMN "room" text DEFAULT current_setting('nimble.room') NOT NULL;
--> statement-breakpoint
ALTER TABLE "entries" DROP CONSTRAINT "entries_match_id_matches_id_fk";
--> statement-breakpoint
ALTER TABLE "facts" DROP CONSTRAINT "facts_match_id_matches_id_fk";
--> statement-breakpoint
ALTER TABLE "facts" DROP CONSTRAINT "facts_person_id_people_id_fk";
--> statement-breakpoint
ALTER TABLE "helpers" DROP CONSTRAINT "helpers_match_id_matches_id_fk";
--> statement-breakpoint
ALTER TABLE "matches" DROP CONSTRAINT "matches_session_id_room_sessions_id_fk";
--> statement-breakpoint
ALTER TABLE "seats" DROP CONSTRAINT "seats_match_id_matches_id_fk";
--> statement-breakpoint
ALTER TABLE "seats" DROP CONSTRAINT "seats_person_id_people_id_fk";
--> statement-breakpoint
ALTER TABLE "side_members" DROP CONSTRAINT "side_members_person_id_people_id_fk";
--> statement-breakpoint
ALTER TABLE "side_members" DROP CONSTRAINT "side_members_match_id_seat_seats_match_id_seat_fk";
--> statement-breakpoint
ALTER TABLE "entries" DROP CONSTRAINT "entries_match_id_number_pk";
--> statement-breakpoint
ALTER TABLE "facts" DROP CONSTRAINT "facts_match_id_entry_ordinal_pk";
--> statement-breakpoint
ALTER TABLE "seats" DROP CONSTRAINT "seats_match_id_seat_pk";
--> statement-breakpoint
ALTER TABLE "side_members" DROP CONSTRAINT "side_members_match_id_seat_member_pk";
--> statement-breakpoint
ALTER TABLE "helpers" DROP CONSTRAINT "helpers_pkey";
--> statement-breakpoint
ALTER TABLE "matches" DROP CONSTRAINT "matches_pkey";
--> statement-breakpoint
ALTER TABLE "named_rules" DROP CONSTRAINT "named_rules_pkey";
--> statement-breakpoint
ALTER TABLE "people" DROP CONSTRAINT "people_pkey";
--> statement-breakpoint
ALTER TABLE "room_sessions" DROP CONSTRAINT "room_sessions_pkey";
--> statement-breakpoint
ALTER TABLE "settings" DROP CONSTRAINT "settings_pkey";
--> statement-breakpoint
ALTER TABLE "undoables" DROP CONSTRAINT "undoables_pkey";
--> statement-breakpoint
DROP INDEX "entries_by_client_id";
--> statement-breakpoint
DROP INDEX "facts_by_person";
--> statement-breakpoint
DROP INDEX "facts_unread";
--> statement-breakpoint
DROP INDEX "helpers_by_code";
--> statement-breakpoint
DROP INDEX "helpers_by_match";
--> statement-breakpoint
DROP INDEX "matches_by_state";
--> statement-breakpoint
DROP INDEX "matches_by_time";
--> statement-breakpoint
DROP INDEX "matches_by_board";
--> statement-breakpoint
DROP INDEX "matches_by_session";
--> statement-breakpoint
DROP INDEX "named_rules_by_name";
--> statement-breakpoint
DROP INDEX "room_sessions_by_board";
--> statement-breakpoint
DROP INDEX "seats_by_person";
--> statement-breakpoint
DROP INDEX "side_members_by_person";
--> statement-breakpoint
DROP INDEX "undoables_by_time";
--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_room_match_id_number_pk" PRIMARY KEY("room","match_id","number");
--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_room_match_id_entry_ordinal_pk" PRIMARY KEY("room","match_id","entry","ordinal");
--> statement-breakpoint
ALTER TABLE "helpers" ADD CONSTRAINT "helpers_room_id_pk" PRIMARY KEY("room","id");
--> statement-breakpoint
ALTER TABLE "matches" ADD CONSTRAINT "matches_room_id_pk" PRIMARY KEY("room","id");
--> statement-breakpoint
ALTER TABLE "named_rules" ADD CONSTRAINT "named_rules_room_id_pk" PRIMARY KEY("room","id");
--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_room_id_pk" PRIMARY KEY("room","id");
--> statement-breakpoint
ALTER TABLE "room_sessions" ADD CONSTRAINT "room_sessions_room_id_pk" PRIMARY KEY("room","id");
--> statement-breakpoint
ALTER TABLE "seats" ADD CONSTRAINT "seats_room_match_id_seat_pk" PRIMARY KEY("room","match_id","seat");
--> statement-breakpoint
ALTER TABLE "settings" ADD CONSTRAINT "settings_room_key_pk" PRIMARY KEY("room","key");
--> statement-breakpoint
ALTER TABLE "side_members" ADD CONSTRAINT "side_members_room_match_id_seat_member_pk" PRIMARY KEY("room","match_id","seat","member");
--> statement-breakpoint
ALTER TABLE "undoables" ADD CONSTRAINT "undoables_room_id_pk" PRIMARY KEY("room","id");
--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_room_match_id_matches_room_id_fk" FOREIGN KEY ("room","match_id") REFERENCES "public"."matches"("room","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_room_match_id_matches_room_id_fk" FOREIGN KEY ("room","match_id") REFERENCES "public"."matches"("room","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "facts" ADD CONSTRAINT "facts_room_person_id_people_room_id_fk" FOREIGN KEY ("room","person_id") REFERENCES "public"."people"("room","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "helpers" ADD CONSTRAINT "helpers_room_match_id_matches_room_id_fk" FOREIGN KEY ("room","match_id") REFERENCES "public"."matches"("room","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "matches" ADD CONSTRAINT "matches_room_rooms_id_fk" FOREIGN KEY ("room") REFERENCES "public"."rooms"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "matches" ADD CONSTRAINT "matches_room_session_id_room_sessions_room_id_fk" FOREIGN KEY ("room","session_id") REFERENCES "public"."room_sessions"("room","id") ON DELETE set null ("session_id") ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "named_rules" ADD CONSTRAINT "named_rules_room_rooms_id_fk" FOREIGN KEY ("room") REFERENCES "public"."rooms"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_room_rooms_id_fk" FOREIGN KEY ("room") REFERENCES "public"."rooms"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "room_sessions" ADD CONSTRAINT "room_sessions_room_rooms_id_fk" FOREIGN KEY ("room") REFERENCES "public"."rooms"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "seats" ADD CONSTRAINT "seats_room_match_id_matches_room_id_fk" FOREIGN KEY ("room","match_id") REFERENCES "public"."matches"("room","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "seats" ADD CONSTRAINT "seats_room_person_id_people_room_id_fk" FOREIGN KEY ("room","person_id") REFERENCES "public"."people"("room","id") ON DELETE set null ("person_id") ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "settings" ADD CONSTRAINT "settings_room_rooms_id_fk" FOREIGN KEY ("room") REFERENCES "public"."rooms"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "side_members" ADD CONSTRAINT "side_members_room_match_id_seat_seats_room_match_id_seat_fk" FOREIGN KEY ("room","match_id","seat") REFERENCES "public"."seats"("room","match_id","seat") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "side_members" ADD CONSTRAINT "side_members_room_person_id_people_room_id_fk" FOREIGN KEY ("room","person_id") REFERENCES "public"."people"("room","id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
ALTER TABLE "undoables" ADD CONSTRAINT "undoables_room_rooms_id_fk" FOREIGN KEY ("room") REFERENCES "public"."rooms"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
CREATE UNIQUE INDEX "entries_by_client_id" ON "entries" USING btree ("room","match_id","client_id");
--> statement-breakpoint
CREATE INDEX "facts_by_person" ON "facts" USING btree ("room","person_id","at");
--> statement-breakpoint
CREATE INDEX "facts_unread" ON "facts" USING btree ("room","match_id") WHERE "facts"."evidence" is null;
--> statement-breakpoint
CREATE UNIQUE INDEX "helpers_by_code" ON "helpers" USING btree ("room","code");
--> statement-breakpoint
CREATE INDEX "helpers_by_match" ON "helpers" USING btree ("room","match_id");
--> statement-breakpoint
CREATE INDEX "matches_by_state" ON "matches" USING btree ("room","over","updated_at" DESC NULLS FIRST,"id" DESC NULLS FIRST);
--> statement-breakpoint
CREATE INDEX "matches_by_time" ON "matches" USING btree ("room","updated_at" DESC NULLS FIRST,"id" DESC NULLS FIRST);
--> statement-breakpoint
CREATE UNIQUE INDEX "matches_by_board" ON "matches" USING btree ("room","board_token");
--> statement-breakpoint
CREATE INDEX "matches_by_session" ON "matches" USING btree ("room","session_id");
--> statement-breakpoint
CREATE UNIQUE INDEX "named_rules_by_name" ON "named_rules" USING btree ("room","game",lower("name"));
--> statement-breakpoint
CREATE UNIQUE INDEX "room_sessions_by_board" ON "room_sessions" USING btree ("room","board_token");
--> statement-breakpoint
CREATE INDEX "seats_by_person" ON "seats" USING btree ("room","person_id");
--> statement-breakpoint
CREATE INDEX "side_members_by_person" ON "side_members" USING btree ("room","person_id");
--> statement-breakpoint
CREATE INDEX "undoables_by_time" ON "undoables" USING btree ("room","at");
--> statement-breakpoint
-- Whoever asks the view sees what they may see, not what its owner may.
ALTER VIEW "who_sat" SET (security_invoker = true);
--> statement-breakpoint
ALTER TABLE "entries" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "facts" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "helpers" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "matches" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "named_rules" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "people" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "room_sessions" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "seats" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "settings" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "side_members" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "undoables" ENABLE ROW LEVEL SECURITY;
--> statement-breakpoint
-- The tables' owner too.
ALTER TABLE "entries" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "facts" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "helpers" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "matches" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "named_rules" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "people" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "room_sessions" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "seats" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "settings" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "side_members" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
ALTER TABLE "undoables" FORCE ROW LEVEL SECURITY;
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "entries" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "facts" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "helpers" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "matches" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "named_rules" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "people" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "room_sessions" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "seats" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "settings" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "side_members" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
CREATE POLICY "of_this_room" ON "undoables" AS PERMISSIVE FOR ALL TO public USING (room = current_setting('nimble.room', true)) WITH CHECK (room = current_setting('nimble.room', true));
--> statement-breakpoint
-- What is told says in which room it is.
DROP FUNCTION "tell_servers"("kind" text, "about" text, "before" integer, "last" integer);
--> statement-breakpoint
CREATE FUNCTION "tell_servers"("room" text, "kind" text, "about" text, "before" integer DEFAULT NULL, "last" integer DEFAULT NULL)
RETURNS void LANGUAGE sql AS $$
	SELECT pg_notify('nimble_changes', json_build_object('by', current_setting('application_name'),
		'room', "room", 'kind', "kind", 'about', "about", 'before', "before", 'last', "last")::text)
$$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION "tell_match"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
	IF TG_OP = 'INSERT' THEN PERFORM tell_servers(NEW.room, 'made', NEW.id); RETURN NULL; END IF;
	IF TG_OP = 'DELETE' THEN PERFORM tell_servers(OLD.room, 'removed', OLD.id); RETURN NULL; END IF;
	IF NEW.clock IS DISTINCT FROM OLD.clock THEN PERFORM tell_servers(NEW.room, 'clock', NEW.id); END IF;
	IF NEW.board_token IS DISTINCT FROM OLD.board_token THEN PERFORM tell_servers(NEW.room, 'board', NEW.id); END IF;
	IF NEW.asked IS DISTINCT FROM OLD.asked THEN PERFORM tell_servers(NEW.room, 'asked', NEW.id); END IF;
	IF NEW.help IS DISTINCT FROM OLD.help THEN PERFORM tell_servers(NEW.room, 'help', NEW.id); END IF;
	IF NEW.last > OLD.last THEN PERFORM tell_servers(NEW.room, 'recorded', NEW.id, OLD.last, NEW.last);
	ELSIF (NEW.last, NEW.name, NEW.first, NEW.veiled, NEW.summary, NEW.opening, NEW.session_id)
		IS DISTINCT FROM (OLD.last, OLD.name, OLD.first, OLD.veiled, OLD.summary, OLD.opening, OLD.session_id)
		THEN PERFORM tell_servers(NEW.room, 'renamed', NEW.id);
	END IF;
	RETURN NULL;
END $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION "tell_seat"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN PERFORM tell_servers(NEW.room, 'renamed', NEW.match_id); RETURN NULL; END $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION "tell_helper"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
	IF TG_OP <> 'INSERT' THEN PERFORM tell_servers(OLD.room, 'helpers', OLD.match_id); END IF;
	RETURN NULL;
END $$;
--> statement-breakpoint
CREATE OR REPLACE FUNCTION "tell_room"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN PERFORM tell_servers(NEW.room, 'room', NEW.id); RETURN NULL; END $$;
--> statement-breakpoint
-- Who may be in a room has changed: streams that go on elsewhere are to be asked for anew.
CREATE FUNCTION "tell_access"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN PERFORM tell_servers(NEW.room, 'access', NEW.room); RETURN NULL; END $$;
--> statement-breakpoint
CREATE FUNCTION "tell_closed"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN PERFORM tell_servers(NEW.id, 'access', NEW.id); RETURN NULL; END $$;
--> statement-breakpoint
CREATE TRIGGER "told" AFTER INSERT OR UPDATE ON "settings" FOR EACH ROW
	WHEN (NEW.key IN ('passcode', 'ended-sessions')) EXECUTE FUNCTION "tell_access"();
--> statement-breakpoint
CREATE TRIGGER "told" AFTER UPDATE OF "closed_at" ON "rooms" FOR EACH ROW EXECUTE FUNCTION "tell_closed"();
