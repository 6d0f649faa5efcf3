CREATE SEQUENCE "public"."row_version" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1;--> statement-breakpoint
CREATE TABLE "stock_counts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"stock_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"change" integer NOT NULL,
	"why" text NOT NULL,
	"ring_id" uuid,
	CONSTRAINT "stock_counts_why" CHECK ("stock_counts"."why" in ('counted', 'bought', 'sold', 'lost', 'taken', 'given-back'))
);
--> statement-breakpoint
ALTER TABLE "die_charts" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "kit" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "photos" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "recipes" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "rings" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "settings" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "consumables" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "day_plan" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "messages" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "scrap" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "sizers" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "paired_devices" ADD COLUMN "version" bigint DEFAULT nextval('row_version') NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_counts" ADD CONSTRAINT "stock_counts_stock_id_stock_id_fk" FOREIGN KEY ("stock_id") REFERENCES "public"."stock"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_counts" ADD CONSTRAINT "stock_counts_ring_id_rings_id_fk" FOREIGN KEY ("ring_id") REFERENCES "public"."rings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "stock_counts_by_stock" ON "stock_counts" USING btree ("stock_id","seq");--> statement-breakpoint
CREATE INDEX "stock_counts_by_ring" ON "stock_counts" USING btree ("ring_id");--> statement-breakpoint
CREATE INDEX "stock_counts_by_seq" ON "stock_counts" USING btree ("seq");--> statement-breakpoint
CREATE INDEX "die_charts_by_version" ON "die_charts" USING btree ("version");--> statement-breakpoint
CREATE INDEX "kit_by_version" ON "kit" USING btree ("version");--> statement-breakpoint
CREATE INDEX "photos_by_version" ON "photos" USING btree ("version");--> statement-breakpoint
CREATE INDEX "plans_by_version" ON "plans" USING btree ("version");--> statement-breakpoint
CREATE INDEX "recipes_by_version" ON "recipes" USING btree ("version");--> statement-breakpoint
CREATE INDEX "ring_events_by_seq" ON "ring_events" USING btree ("seq");--> statement-breakpoint
CREATE INDEX "rings_by_version" ON "rings" USING btree ("version");--> statement-breakpoint
CREATE INDEX "stock_by_version" ON "stock" USING btree ("version");--> statement-breakpoint
CREATE INDEX "messages_by_version" ON "messages" USING btree ("version");--> statement-breakpoint
CREATE INDEX "order_events_by_seq" ON "order_events" USING btree ("seq");--> statement-breakpoint
CREATE INDEX "orders_by_version" ON "orders" USING btree ("version");--> statement-breakpoint
CREATE INDEX "people_by_version" ON "people" USING btree ("version");--> statement-breakpoint
CREATE INDEX "scrap_by_version" ON "scrap" USING btree ("version");--> statement-breakpoint
CREATE INDEX "sizers_by_version" ON "sizers" USING btree ("version");--> statement-breakpoint
CREATE FUNCTION "draw_row_version"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  NEW."version" := nextval('row_version');
  RETURN NEW;
END
$$;
--> statement-breakpoint
DO $$
DECLARE
  named text;
BEGIN
  FOR named IN
    SELECT c.table_name FROM information_schema.columns c
    WHERE c.table_schema = 'public' AND c.column_name = 'version'
  LOOP
    EXECUTE format(
      'CREATE TRIGGER "draw_version" BEFORE INSERT OR UPDATE ON %I FOR EACH ROW EXECUTE FUNCTION "draw_row_version"()',
      named
    );
  END LOOP;
END
$$;
--> statement-breakpoint
-- A file is taken in a page at a time: what was melted may stand before the button that it was melted into.
ALTER TABLE "scrap" ALTER CONSTRAINT "scrap_melted_into_id_scrap_id_fk" DEFERRABLE INITIALLY IMMEDIATE;
--> statement-breakpoint
-- Events are ordered by their clock from now on: of those told at one moment, each keeps its place by a microsecond.
UPDATE "ring_events" e SET "at" = e."at" + (p.place - 1) * interval '1 microsecond'
FROM (SELECT "id", row_number() OVER (PARTITION BY "ring_id", "at" ORDER BY "seq") AS place FROM "ring_events") p
WHERE p."id" = e."id" AND p.place > 1;
--> statement-breakpoint
UPDATE "order_events" e SET "at" = e."at" + (p.place - 1) * interval '1 microsecond'
FROM (SELECT "id", row_number() OVER (PARTITION BY "order_id", "at" ORDER BY "seq") AS place FROM "order_events") p
WHERE p."id" = e."id" AND p.place > 1;
