ALTER TABLE "plans" DROP COLUMN "hole_mm";--> statement-breakpoint
ALTER TABLE "plans" DROP COLUMN "wall";--> statement-breakpoint
ALTER TABLE "plans" DROP COLUMN "curl_deg";--> statement-breakpoint
ALTER TABLE "plans" DROP COLUMN "school";