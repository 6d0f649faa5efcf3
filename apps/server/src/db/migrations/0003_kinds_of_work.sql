ALTER TABLE "stock" ALTER COLUMN "diameter_mm" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "kind" text DEFAULT 'coin' NOT NULL;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "choices" jsonb;--> statement-breakpoint
UPDATE "plans" SET "choices" = jsonb_build_object('holeMm', "hole_mm", 'wall', "wall", 'curlDeg', "curl_deg", 'school', "school");--> statement-breakpoint
ALTER TABLE "plans" ALTER COLUMN "choices" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "kind" text DEFAULT 'coin' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "shape" jsonb;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "evidence" jsonb;