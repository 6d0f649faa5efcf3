CREATE TABLE "die_charts" (
	"id" uuid PRIMARY KEY NOT NULL,
	"metal" text NOT NULL,
	"coin_diameter_mm" double precision NOT NULL,
	"die" text NOT NULL,
	"pusher_mm" double precision NOT NULL,
	"observations" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "school" text DEFAULT 'over-stretch' NOT NULL;