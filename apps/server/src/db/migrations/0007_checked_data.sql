CREATE TABLE "message_photos" (
	"message_id" uuid NOT NULL,
	"photo_id" uuid NOT NULL,
	"position" integer NOT NULL,
	CONSTRAINT "message_photos_message_id_photo_id_pk" PRIMARY KEY("message_id","photo_id")
);
--> statement-breakpoint
ALTER TABLE "message_photos" ADD CONSTRAINT "message_photos_message_id_messages_id_fk" FOREIGN KEY ("message_id") REFERENCES "public"."messages"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "message_photos" ADD CONSTRAINT "message_photos_photo_id_photos_id_fk" FOREIGN KEY ("photo_id") REFERENCES "public"."photos"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "message_photos_by_photo" ON "message_photos" USING btree ("photo_id");--> statement-breakpoint
ALTER TABLE "orders" ADD CONSTRAINT "orders_stock_id_stock_id_fk" FOREIGN KEY ("stock_id") REFERENCES "public"."stock"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "orders" ADD CONSTRAINT "orders_sizer_id_sizers_id_fk" FOREIGN KEY ("sizer_id") REFERENCES "public"."sizers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "scrap" ADD CONSTRAINT "scrap_melted_into_id_scrap_id_fk" FOREIGN KEY ("melted_into_id") REFERENCES "public"."scrap"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "die_charts_by_pusher" ON "die_charts" USING btree ("archived_at","pusher_mm");--> statement-breakpoint
CREATE INDEX "kit_by_age" ON "kit" USING btree ("archived_at","created_at");--> statement-breakpoint
CREATE INDEX "messages_by_time" ON "messages" USING btree ("at");--> statement-breakpoint
CREATE INDEX "messages_by_person" ON "messages" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "messages_by_order" ON "messages" USING btree ("order_id");--> statement-breakpoint
CREATE INDEX "orders_by_person" ON "orders" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "orders_by_plan" ON "orders" USING btree ("plan_id");--> statement-breakpoint
CREATE INDEX "orders_by_stock" ON "orders" USING btree ("stock_id");--> statement-breakpoint
CREATE INDEX "orders_by_sizer" ON "orders" USING btree ("sizer_id");--> statement-breakpoint
CREATE INDEX "orders_by_age" ON "orders" USING btree ("archived_at","created_at");--> statement-breakpoint
CREATE INDEX "orders_by_date" ON "orders" USING btree ("wanted_by");--> statement-breakpoint
CREATE INDEX "people_by_name" ON "people" USING btree ("archived_at","name");--> statement-breakpoint
CREATE INDEX "plans_by_stock" ON "plans" USING btree ("stock_id");--> statement-breakpoint
CREATE INDEX "plans_by_age" ON "plans" USING btree ("archived_at","created_at");--> statement-breakpoint
CREATE INDEX "recipes_by_name" ON "recipes" USING btree ("archived_at","name");--> statement-breakpoint
CREATE INDEX "ring_events_by_time" ON "ring_events" USING btree ("at");--> statement-breakpoint
CREATE INDEX "rings_by_status" ON "rings" USING btree ("status","created_at");--> statement-breakpoint
CREATE INDEX "rings_by_finish" ON "rings" USING btree ("finished_at");--> statement-breakpoint
CREATE INDEX "rings_by_plan" ON "rings" USING btree ("plan_id");--> statement-breakpoint
CREATE INDEX "rings_by_stock" ON "rings" USING btree ("stock_id");--> statement-breakpoint
CREATE INDEX "scrap_by_button" ON "scrap" USING btree ("melted_into_id");--> statement-breakpoint
CREATE INDEX "scrap_by_time" ON "scrap" USING btree ("archived_at","at");--> statement-breakpoint
CREATE INDEX "sizers_by_person" ON "sizers" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "sizers_by_day" ON "sizers" USING btree ("archived_at","sent_on");--> statement-breakpoint
CREATE INDEX "stock_by_name" ON "stock" USING btree ("archived_at","name");--> statement-breakpoint
CREATE INDEX "stock_by_metal" ON "stock" USING btree ("metal");--> statement-breakpoint
CREATE INDEX "stock_by_year" ON "stock" USING btree ("year");--> statement-breakpoint
INSERT INTO "message_photos" ("message_id", "photo_id", "position")
SELECT "messages"."id", "photos"."id", min(listed.place) - 1
FROM "messages"
CROSS JOIN LATERAL jsonb_array_elements_text("messages"."photo_ids") WITH ORDINALITY AS listed(photo, place)
JOIN "photos" ON "photos"."id" = listed.photo::uuid
GROUP BY "messages"."id", "photos"."id";--> statement-breakpoint
ALTER TABLE "messages" DROP COLUMN "photo_ids";--> statement-breakpoint
ALTER TABLE "consumables" ADD CONSTRAINT "consumables_id" CHECK ("consumables"."id" in ('tape', 'wax', 'gas', 'abrasive', 'wool', 'compound', 'acid', 'sulphur', 'solder', 'gold'));--> statement-breakpoint
ALTER TABLE "day_plan" ADD CONSTRAINT "day_plan_only_row" CHECK ("day_plan"."id" = 1);--> statement-breakpoint
ALTER TABLE "messages" ADD CONSTRAINT "messages_kind" CHECK ("messages"."kind" in ('quote', 'refusal', 'approval', 'exchange', 'close-out', 'other'));--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_part" CHECK ("photos"."part" in ('before', 'during', 'after'));--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_kind" CHECK ("plans"."kind" in ('coin', 'handle', 'strip', 'spinner', 'coin-band', 'resize'));--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_finish" CHECK ("plans"."finish" in ('as-formed', 'satin', 'polished', 'dark'));--> statement-breakpoint
ALTER TABLE "rings" ADD CONSTRAINT "rings_status" CHECK ("rings"."status" in ('in-work', 'finished', 'spoilt'));--> statement-breakpoint
ALTER TABLE "scrap" ADD CONSTRAINT "scrap_kind" CHECK ("scrap"."kind" in ('slug', 'offcut', 'filings', 'spoilt', 'other', 'button'));--> statement-breakpoint
ALTER TABLE "scrap" ADD CONSTRAINT "scrap_source" CHECK ("scrap"."source" in ('plan', 'scale'));--> statement-breakpoint
ALTER TABLE "settings" ADD CONSTRAINT "settings_only_row" CHECK ("settings"."id" = 1);--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_kind" CHECK ("stock"."kind" in ('coin', 'handle', 'strip', 'band'));--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_form" CHECK ("stock"."form" in ('round', 'not-round', 'holed', 'ring-cored'));--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_edge" CHECK ("stock"."edge" in ('reeded', 'plain', 'lettered'));--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_outside_face" CHECK ("stock"."outside_face" in ('obverse', 'reverse', 'either'));--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_quantity" CHECK ("stock"."quantity" >= 0);