DROP INDEX "rings_by_finish";--> statement-breakpoint
CREATE INDEX "rings_by_finish" ON "rings" USING btree ("archived_at","status","finished_at" DESC NULLS LAST,"id");