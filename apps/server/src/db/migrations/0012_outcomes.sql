CREATE TABLE "learnt" (
	"id" integer PRIMARY KEY NOT NULL,
	"lessons_with" text NOT NULL,
	"learnt_from" text,
	"learnt" jsonb,
	CONSTRAINT "learnt_only_row" CHECK ("learnt"."id" = 1)
);
--> statement-breakpoint
CREATE TABLE "ring_outcomes" (
	"ring_id" uuid PRIMARY KEY NOT NULL,
	"seen" bigint DEFAULT nextval('row_version') NOT NULL,
	"worked_out" bigint,
	"summarised" bigint,
	"written" bigint,
	"lesson" jsonb,
	"summary" jsonb,
	"worked_min" double precision,
	"spoilt_by" text,
	"size_error_us" double precision
);
--> statement-breakpoint
ALTER TABLE "ring_outcomes" ADD CONSTRAINT "ring_outcomes_ring_id_rings_id_fk" FOREIGN KEY ("ring_id") REFERENCES "public"."rings"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "ring_outcomes_by_seen" ON "ring_outcomes" USING btree ("seen");--> statement-breakpoint
CREATE INDEX "ring_outcomes_by_written" ON "ring_outcomes" USING btree ("written");--> statement-breakpoint
CREATE INDEX "ring_outcomes_to_do" ON "ring_outcomes" USING btree ("ring_id") WHERE "ring_outcomes"."worked_out" is distinct from "ring_outcomes"."seen";
--> statement-breakpoint
-- Whoever writes: a ring that is over and changes, or is told more of, is worked out anew; nothing came of any other yet.
CREATE FUNCTION "note_outcome_of_ring"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF NEW."status" IN ('finished', 'spoilt') AND NEW."archived_at" IS NULL THEN
    INSERT INTO "ring_outcomes" ("ring_id") VALUES (NEW."id")
    ON CONFLICT ("ring_id") DO UPDATE SET "seen" = nextval('row_version');
  ELSE
    DELETE FROM "ring_outcomes" WHERE "ring_id" = NEW."id";
  END IF;
  RETURN NULL;
END
$$;
--> statement-breakpoint
CREATE TRIGGER "note_outcome" AFTER INSERT OR UPDATE ON "rings"
  FOR EACH ROW EXECUTE FUNCTION "note_outcome_of_ring"();
--> statement-breakpoint
CREATE FUNCTION "note_outcomes_of_events"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  UPDATE "ring_outcomes" SET "seen" = nextval('row_version') WHERE "ring_id" IN (SELECT "ring_id" FROM told);
  RETURN NULL;
END
$$;
--> statement-breakpoint
CREATE TRIGGER "note_outcomes_of_new" AFTER INSERT ON "ring_events" REFERENCING NEW TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION "note_outcomes_of_events"();
--> statement-breakpoint
CREATE TRIGGER "note_outcomes_of_changed" AFTER UPDATE ON "ring_events" REFERENCING NEW TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION "note_outcomes_of_events"();
--> statement-breakpoint
CREATE TRIGGER "note_outcomes_of_gone" AFTER DELETE ON "ring_events" REFERENCING OLD TABLE AS told
  FOR EACH STATEMENT EXECUTE FUNCTION "note_outcomes_of_events"();
--> statement-breakpoint
INSERT INTO "ring_outcomes" ("ring_id") SELECT "id" FROM "rings" WHERE "status" IN ('finished', 'spoilt') AND "archived_at" IS NULL;
