CREATE TABLE "learnt" (
	"id" integer PRIMARY KEY NOT NULL,
	"lessons_with" text NOT NULL,
	"learnt_from" text,
	"learnt" jsonb,
	CONSTRAINT "learnt_only_row" CHECK ("learnt"."id" = 1)
);
--> statement-breakpoint
CREATE TABLE "lessons" (
	"ring_id" uuid PRIMARY KEY NOT NULL,
	"seen" bigint DEFAULT nextval('row_version') NOT NULL,
	"taught" bigint,
	"written" bigint,
	"lesson" jsonb
);
--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_ring_id_rings_id_fk" FOREIGN KEY ("ring_id") REFERENCES "public"."rings"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "lessons_by_seen" ON "lessons" USING btree ("seen");--> statement-breakpoint
CREATE INDEX "lessons_by_written" ON "lessons" USING btree ("written");--> statement-breakpoint
CREATE INDEX "lessons_untaught" ON "lessons" USING btree ("ring_id") WHERE "lessons"."taught" is distinct from "lessons"."seen";--> statement-breakpoint
-- Whoever writes: a finished ring that changes, or is told more of, is to be learnt from anew; any other teaches nothing.
CREATE FUNCTION "note_lesson_of_ring"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF NEW."status" = 'finished' AND NEW."archived_at" IS NULL THEN
    INSERT INTO "lessons" ("ring_id") VALUES (NEW."id")
    ON CONFLICT ("ring_id") DO UPDATE SET "seen" = nextval('row_version');
  ELSE
    DELETE FROM "lessons" WHERE "ring_id" = NEW."id";
  END IF;
  RETURN NULL;
END
$$;
--> statement-breakpoint
CREATE TRIGGER "note_lesson" AFTER INSERT OR UPDATE ON "rings"
  FOR EACH ROW EXECUTE FUNCTION "note_lesson_of_ring"();
--> statement-breakpoint
CREATE FUNCTION "note_lessons_of_events"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE "lessons" SET "seen" = nextval('row_version') WHERE "ring_id" IN (SELECT "ring_id" FROM told);
  RETURN NULL;
END
$$;
--> statement-breakpoint
CREATE TRIGGER "note_lessons_of_new" AFTER INSERT ON "ring_events" REFERENCING NEW TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION "note_lessons_of_events"();
--> statement-breakpoint
CREATE TRIGGER "note_lessons_of_changed" AFTER UPDATE ON "ring_events" REFERENCING NEW TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION "note_lessons_of_events"();
--> statement-breakpoint
CREATE TRIGGER "note_lessons_of_gone" AFTER DELETE ON "ring_events" REFERENCING OLD TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION "note_lessons_of_events"();
--> statement-breakpoint
INSERT INTO "lessons" ("ring_id") SELECT "id" FROM "rings" WHERE "status" = 'finished' AND "archived_at" IS NULL;
