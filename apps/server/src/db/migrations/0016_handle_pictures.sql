ALTER TABLE "stock" ADD COLUMN "top_face_id" uuid;--> statement-breakpoint
ALTER TABLE "stock" ADD COLUMN "top_outline" jsonb;--> statement-breakpoint
ALTER TABLE "stock" ADD CONSTRAINT "stock_top_face_id_faces_id_fk" FOREIGN KEY ("top_face_id") REFERENCES "public"."faces"("id") ON DELETE no action ON UPDATE no action;