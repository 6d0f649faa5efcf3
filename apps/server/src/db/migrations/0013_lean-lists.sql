CREATE TABLE "order_standings" (
	"order_id" uuid PRIMARY KEY NOT NULL,
	"state" text NOT NULL,
	"approval" text NOT NULL,
	"last_at" timestamp with time zone,
	CONSTRAINT "order_standings_state" CHECK ("order_standings"."state" in ('asked', 'quoted', 'agreed', 'in-work', 'awaiting-approval', 'finishing', 'ready', 'sent', 'closed', 'cancelled')),
	CONSTRAINT "order_standings_approval" CHECK ("order_standings"."approval" in ('none', 'asked', 'yes', 'no', 'overridden'))
);
--> statement-breakpoint
ALTER TABLE "rings" ADD COLUMN "stock_name" text GENERATED ALWAYS AS (frozen_plan ->> 'stockName') STORED;--> statement-breakpoint
ALTER TABLE "rings" ADD COLUMN "kind" text GENERATED ALWAYS AS (coalesce(frozen_plan ->> 'kind', 'coin')) STORED;--> statement-breakpoint
ALTER TABLE "rings" ADD COLUMN "target_inside_diameter_mm" double precision GENERATED ALWAYS AS ((frozen_plan #>> '{prediction,targetInsideDiameterMm}')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "ring_outcomes" ADD COLUMN "width_error" double precision;--> statement-breakpoint
ALTER TABLE "order_standings" ADD CONSTRAINT "order_standings_order_id_orders_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."orders"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "order_standings_by_state" ON "order_standings" USING btree ("state");
--> statement-breakpoint
-- The same as `orderProgress` of core, which a test holds it to: the last event that counts says where an order stands.
CREATE FUNCTION "stand_orders"("order_ids" uuid[]) RETURNS void LANGUAGE sql AS $$
  WITH "counting" AS (
    SELECT "e"."order_id", "e"."at", "e"."id", "e"."body" FROM "order_events" "e"
    WHERE "e"."order_id" = ANY ("order_ids") AND "e"."body"->>'kind' NOT IN ('undone', 'note')
      AND NOT EXISTS (
        SELECT 1 FROM "order_events" "u" WHERE "u"."order_id" = "e"."order_id"
          AND "u"."body"->>'kind' = 'undone' AND "u"."body"->>'eventId' = "e"."id"::text
      )
  ), "stood" AS (
    SELECT DISTINCT ON ("order_id") "order_id", CASE "body"->>'kind'
      WHEN 'moved' THEN "body"->>'to'
      WHEN 'approval-asked' THEN 'awaiting-approval'
      WHEN 'approval-answered' THEN CASE WHEN ("body"->>'yes')::boolean THEN 'finishing' ELSE 'in-work' END
      WHEN 'approval-overridden' THEN 'finishing'
    END AS "state"
    FROM "counting" ORDER BY "order_id", "at" DESC, "id" DESC
  ), "approved" AS (
    SELECT DISTINCT ON ("order_id") "order_id", CASE "body"->>'kind'
      WHEN 'approval-asked' THEN 'asked'
      WHEN 'approval-answered' THEN CASE WHEN ("body"->>'yes')::boolean THEN 'yes' ELSE 'no' END
      WHEN 'approval-overridden' THEN 'overridden'
    END AS "approval"
    FROM "counting" WHERE "body"->>'kind' <> 'moved' ORDER BY "order_id", "at" DESC, "id" DESC
  ), "told" AS (
    SELECT "order_id", max("at") AS "last_at" FROM "order_events" WHERE "order_id" = ANY ("order_ids") GROUP BY "order_id"
  )
  INSERT INTO "order_standings" ("order_id", "state", "approval", "last_at")
  SELECT "orders"."id", coalesce("stood"."state", 'asked'), coalesce("approved"."approval", 'none'), "told"."last_at"
  FROM "orders"
  LEFT JOIN "stood" ON "stood"."order_id" = "orders"."id"
  LEFT JOIN "approved" ON "approved"."order_id" = "orders"."id"
  LEFT JOIN "told" ON "told"."order_id" = "orders"."id"
  WHERE "orders"."id" = ANY ("order_ids")
  ON CONFLICT ("order_id") DO UPDATE
    SET "state" = EXCLUDED."state", "approval" = EXCLUDED."approval", "last_at" = EXCLUDED."last_at"
$$;
--> statement-breakpoint
CREATE FUNCTION "stand_orders_of_rows"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM "stand_orders"(ARRAY(SELECT DISTINCT "id" FROM "made"));
  RETURN NULL;
END
$$;
--> statement-breakpoint
CREATE FUNCTION "stand_orders_of_events"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM "stand_orders"(ARRAY(SELECT DISTINCT "order_id" FROM "told"));
  RETURN NULL;
END
$$;
--> statement-breakpoint
CREATE TRIGGER "stand_new_orders" AFTER INSERT ON "orders" REFERENCING NEW TABLE AS "made"
  FOR EACH STATEMENT EXECUTE FUNCTION "stand_orders_of_rows"();
--> statement-breakpoint
CREATE TRIGGER "stand_orders_of_new" AFTER INSERT ON "order_events" REFERENCING NEW TABLE AS "told"
  FOR EACH STATEMENT EXECUTE FUNCTION "stand_orders_of_events"();
--> statement-breakpoint
CREATE TRIGGER "stand_orders_of_changed" AFTER UPDATE ON "order_events" REFERENCING NEW TABLE AS "told"
  FOR EACH STATEMENT EXECUTE FUNCTION "stand_orders_of_events"();
--> statement-breakpoint
CREATE TRIGGER "stand_orders_of_gone" AFTER DELETE ON "order_events" REFERENCING OLD TABLE AS "told"
  FOR EACH STATEMENT EXECUTE FUNCTION "stand_orders_of_events"();
--> statement-breakpoint
SELECT "stand_orders"(ARRAY(SELECT "id" FROM "orders"));
--> statement-breakpoint
-- How far widths came out is worked out with the rest of what came of a ring: once more, in the background.
UPDATE "ring_outcomes" SET "worked_out" = NULL;
