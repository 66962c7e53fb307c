-- Every change is told in the transaction that makes it, so that all servers on one database hear of it: ids, never contents.
CREATE FUNCTION "tell_servers"("kind" text, "about" text, "before" integer DEFAULT NULL, "last" integer DEFAULT NULL)
RETURNS void LANGUAGE sql AS $$
	SELECT pg_notify('nimble_changes', json_build_object(
		'by', current_setting('application_name'), 'kind', "kind", 'about', "about", 'before', "before", 'last', "last")::text)
$$;
--> statement-breakpoint
CREATE FUNCTION "tell_match"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
	IF TG_OP = 'INSERT' THEN PERFORM tell_servers('made', NEW.id); RETURN NULL; END IF;
	IF TG_OP = 'DELETE' THEN PERFORM tell_servers('removed', OLD.id); RETURN NULL; END IF;
	IF NEW.clock IS DISTINCT FROM OLD.clock THEN PERFORM tell_servers('clock', NEW.id); END IF;
	IF NEW.board_token IS DISTINCT FROM OLD.board_token THEN PERFORM tell_servers('board', NEW.id); END IF;
	IF NEW.asked IS DISTINCT FROM OLD.asked THEN PERFORM tell_servers('asked', NEW.id); END IF;
	IF NEW.help IS DISTINCT FROM OLD.help THEN PERFORM tell_servers('help', NEW.id); END IF;
	IF NEW.last > OLD.last THEN PERFORM tell_servers('recorded', NEW.id, OLD.last, NEW.last);
	ELSIF (NEW.last, NEW.name, NEW.first, NEW.veiled, NEW.summary, NEW.opening, NEW.session_id)
		IS DISTINCT FROM (OLD.last, OLD.name, OLD.first, OLD.veiled, OLD.summary, OLD.opening, OLD.session_id)
		THEN PERFORM tell_servers('renamed', NEW.id);
	END IF;
	RETURN NULL;
END $$;
--> statement-breakpoint
CREATE FUNCTION "tell_seat"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN PERFORM tell_servers('renamed', NEW.match_id); RETURN NULL; END $$;
--> statement-breakpoint
CREATE FUNCTION "tell_helper"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
	IF TG_OP <> 'INSERT' THEN PERFORM tell_servers('helpers', OLD.match_id); END IF;
	RETURN NULL;
END $$;
--> statement-breakpoint
CREATE FUNCTION "tell_room"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN PERFORM tell_servers('room', NEW.id); RETURN NULL; END $$;
--> statement-breakpoint
CREATE TRIGGER "told" AFTER INSERT OR UPDATE OR DELETE ON "matches" FOR EACH ROW EXECUTE FUNCTION "tell_match"();
--> statement-breakpoint
CREATE TRIGGER "told" AFTER UPDATE ON "seats" FOR EACH ROW EXECUTE FUNCTION "tell_seat"();
--> statement-breakpoint
CREATE TRIGGER "told" AFTER UPDATE ON "entries" FOR EACH ROW EXECUTE FUNCTION "tell_seat"();
--> statement-breakpoint
CREATE TRIGGER "told" AFTER UPDATE OR DELETE ON "helpers" FOR EACH ROW EXECUTE FUNCTION "tell_helper"();
--> statement-breakpoint
CREATE TRIGGER "told" AFTER INSERT OR UPDATE ON "room_sessions" FOR EACH ROW EXECUTE FUNCTION "tell_room"();
