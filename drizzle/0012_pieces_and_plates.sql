ALTER TABLE "dishes" ADD COLUMN "pieces" jsonb;--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "plate_of" jsonb;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "pieces" jsonb;