CREATE TABLE "kit" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"spec" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "plans" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"stock_id" uuid NOT NULL,
	"hole_mm" double precision NOT NULL,
	"target_inside_diameter_mm" double precision NOT NULL,
	"wall" text NOT NULL,
	"curl_deg" double precision,
	"finish" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "ring_events" (
	"id" uuid PRIMARY KEY NOT NULL,
	"ring_id" uuid NOT NULL,
	"seq" bigserial NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"body" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rings" (
	"id" uuid PRIMARY KEY NOT NULL,
	"plan_id" uuid NOT NULL,
	"stock_id" uuid NOT NULL,
	"name" text NOT NULL,
	"status" text NOT NULL,
	"promise" jsonb NOT NULL,
	"finished_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "settings" (
	"id" integer PRIMARY KEY NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "stock" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"issuer" text NOT NULL,
	"year" integer,
	"metal" text NOT NULL,
	"diameter_mm" double precision NOT NULL,
	"rim_thickness_mm" double precision,
	"mass_g" double precision,
	"form" text NOT NULL,
	"edge" text NOT NULL,
	"outside_face" text NOT NULL,
	"grade" text NOT NULL,
	"origin" text NOT NULL,
	"price" double precision,
	"legal_note" text NOT NULL,
	"notes" text NOT NULL,
	"quantity" integer NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"deleted_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_stock_id_stock_id_fk" FOREIGN KEY ("stock_id") REFERENCES "public"."stock"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ring_events" ADD CONSTRAINT "ring_events_ring_id_rings_id_fk" FOREIGN KEY ("ring_id") REFERENCES "public"."rings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rings" ADD CONSTRAINT "rings_plan_id_plans_id_fk" FOREIGN KEY ("plan_id") REFERENCES "public"."plans"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rings" ADD CONSTRAINT "rings_stock_id_stock_id_fk" FOREIGN KEY ("stock_id") REFERENCES "public"."stock"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "ring_events_by_ring" ON "ring_events" USING btree ("ring_id","seq");