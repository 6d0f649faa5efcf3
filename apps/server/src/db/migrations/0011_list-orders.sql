DROP INDEX "stock_by_name";--> statement-breakpoint
DROP INDEX "orders_by_age";--> statement-breakpoint
DROP INDEX "people_by_name";--> statement-breakpoint
CREATE INDEX "rings_by_age" ON "rings" USING btree ("archived_at","created_at" DESC NULLS FIRST,"id");--> statement-breakpoint
CREATE INDEX "stock_by_name" ON "stock" USING btree ("archived_at","name","id");--> statement-breakpoint
CREATE INDEX "orders_by_age" ON "orders" USING btree ("archived_at","created_at" DESC NULLS FIRST,"id");--> statement-breakpoint
CREATE INDEX "people_by_name" ON "people" USING btree ("archived_at","name","id");