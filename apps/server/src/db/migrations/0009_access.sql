CREATE TABLE "paired_devices" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"secret_hash" text NOT NULL,
	"last_seen_at" timestamp with time zone DEFAULT now() NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"archived_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "workshop" (
	"id" integer PRIMARY KEY NOT NULL,
	"key" uuid DEFAULT gen_random_uuid() NOT NULL,
	"made_up" boolean,
	"open_to_network" boolean DEFAULT false NOT NULL,
	"locked" boolean DEFAULT false NOT NULL,
	"code_hash" text,
	"code_expires_at" timestamp with time zone,
	"code_tries" integer DEFAULT 0 NOT NULL,
	CONSTRAINT "workshop_only_row" CHECK ("workshop"."id" = 1)
);
--> statement-breakpoint
CREATE INDEX "paired_devices_by_age" ON "paired_devices" USING btree ("archived_at","created_at");