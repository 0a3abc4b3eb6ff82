ALTER TABLE "ingredient_lines" ADD COLUMN "doubts" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "allergens_known" boolean DEFAULT true NOT NULL;