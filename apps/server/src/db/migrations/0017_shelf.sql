CREATE TABLE "shelf" (
	"id" uuid PRIMARY KEY NOT NULL,
	"ring_id" uuid NOT NULL,
	"state" text NOT NULL,
	"order_id" uuid,
	"gone_at" timestamp with time zone,
	"story" text NOT NULL,
	"texts" jsonb,
	"events" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"archived_at" timestamp with time zone,
	"version" bigint DEFAULT nextval('row_version') NOT NULL,
	CONSTRAINT "shelf_state" CHECK ("shelf"."state" in ('for-sale', 'reserved', 'sold', 'given-away', 'taken-apart'))
);
--> statement-breakpoint
ALTER TABLE "shelf" ADD CONSTRAINT "shelf_ring_id_rings_id_fk" FOREIGN KEY ("ring_id") REFERENCES "public"."rings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shelf" ADD CONSTRAINT "shelf_order_id_orders_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."orders"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "shelf_by_ring" ON "shelf" USING btree ("ring_id") WHERE "shelf"."archived_at" is null;--> statement-breakpoint
CREATE INDEX "shelf_by_order" ON "shelf" USING btree ("order_id");--> statement-breakpoint
CREATE INDEX "shelf_by_state" ON "shelf" USING btree ("archived_at","state","created_at");--> statement-breakpoint
CREATE INDEX "shelf_by_version" ON "shelf" USING btree ("version");--> statement-breakpoint
CREATE TRIGGER "draw_version" BEFORE INSERT OR UPDATE ON "shelf" FOR EACH ROW EXECUTE FUNCTION "draw_row_version"();
