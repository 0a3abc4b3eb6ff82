DROP INDEX "packings_dish";--> statement-breakpoint
CREATE INDEX "packings_dish" ON "packings" USING btree ("dish_id","packed_on");