CREATE TABLE "discounts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"code" text NOT NULL,
	"details" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"archived_at" timestamp with time zone,
	"version" bigint DEFAULT nextval('row_version') NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX "discounts_by_code" ON "discounts" USING btree (upper("code")) WHERE "discounts"."archived_at" is null;--> statement-breakpoint
CREATE INDEX "discounts_by_version" ON "discounts" USING btree ("version");--> statement-breakpoint
CREATE TRIGGER "draw_version" BEFORE INSERT OR UPDATE ON "discounts" FOR EACH ROW EXECUTE FUNCTION "draw_row_version"();
