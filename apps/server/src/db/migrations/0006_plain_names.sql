ALTER TABLE "die_charts" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "kit" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "orders" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "people" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "photos" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "plans" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "recipes" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "rings" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "scrap" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "sizers" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "stock" RENAME COLUMN "deleted_at" TO "archived_at";
--> statement-breakpoint
ALTER TABLE "rings" RENAME COLUMN "promise" TO "frozen_plan";
--> statement-breakpoint
-- Moves and piece states were kept under other names.
UPDATE "rings" SET "frozen_plan" =
  ("frozen_plan" - 'way')
  || CASE WHEN "frozen_plan" ? 'way' THEN jsonb_build_object('moves', "frozen_plan"->'way') ELSE '{}'::jsonb END
  || jsonb_build_object('steps', (
  SELECT coalesce(jsonb_agg(
    CASE WHEN step ? 'stand' THEN (step - 'stand') || jsonb_build_object('pieceState', step->'stand') ELSE step END
    ORDER BY place), '[]'::jsonb)
  FROM jsonb_array_elements("frozen_plan"->'steps') WITH ORDINALITY AS listed(step, place)
));
--> statement-breakpoint
UPDATE "ring_events" SET "body" = jsonb_set("body", '{steps}', (
  SELECT coalesce(jsonb_agg(
    CASE WHEN step ? 'stand' THEN (step - 'stand') || jsonb_build_object('pieceState', step->'stand') ELSE step END
    ORDER BY place), '[]'::jsonb)
  FROM jsonb_array_elements("body"->'steps') WITH ORDINALITY AS listed(step, place)
))
WHERE "body"->>'kind' = 'rerouted';
--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "stock_id" uuid;
--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "sizer_id" uuid;
--> statement-breakpoint
-- What an order points at becomes columns of its own; what is not there any more is let go.
UPDATE "orders" SET
  "stock_id" = (SELECT "id" FROM "stock" WHERE "stock"."id" = ("orders"."details"->>'stockId')::uuid),
  "sizer_id" = (SELECT "id" FROM "sizers" WHERE "sizers"."id" = ("orders"."details"->>'sizerId')::uuid),
  "details" = "details" - 'stockId' - 'sizerId';
--> statement-breakpoint
UPDATE "scrap" SET "melted_into_id" = NULL
WHERE "melted_into_id" IS NOT NULL AND NOT EXISTS (SELECT 1 FROM "scrap" AS button WHERE button."id" = "scrap"."melted_into_id");
