ALTER TABLE "cooks" ADD COLUMN "enough" text;--> statement-breakpoint
ALTER TABLE "cooks" ADD COLUMN "forecast_min" double precision;--> statement-breakpoint
ALTER TABLE "cooks" ADD COLUMN "with_appliance" text;--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "learned" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "usual_batches" integer;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "weighed" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "serving_cents" double precision;--> statement-breakpoint
ALTER TABLE "prices" ADD COLUMN "on_day" text;--> statement-breakpoint
CREATE INDEX "cooks_pack" ON "cooks" USING btree ("pack_id");--> statement-breakpoint
CREATE INDEX "cooks_at" ON "cooks" USING btree ("at_ms");