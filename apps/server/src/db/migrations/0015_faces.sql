CREATE TABLE "faces" (
	"id" uuid PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"side_px" integer NOT NULL,
	"jpeg" "bytea" NOT NULL,
	"version" bigint DEFAULT nextval('row_version') NOT NULL
);
--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "face_turn" text DEFAULT 'medal' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "must_stay" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "obverse_face_id" uuid;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "reverse_face_id" uuid;--> statement-breakpoint
CREATE INDEX "faces_by_version" ON "faces" USING btree ("version");--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_obverse_face_id_faces_id_fk" FOREIGN KEY ("obverse_face_id") REFERENCES "public"."faces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_reverse_face_id_faces_id_fk" FOREIGN KEY ("reverse_face_id") REFERENCES "public"."faces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_face_turn" CHECK ("stock"."face_turn" in ('medal', 'coin'));