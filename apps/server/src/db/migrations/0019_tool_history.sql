ALTER TABLE "kit" ADD COLUMN "history" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "kit" ADD COLUMN "renewed_at" timestamp with time zone;