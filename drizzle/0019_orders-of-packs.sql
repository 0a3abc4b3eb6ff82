DROP INDEX "packings_dish";--> statement-breakpoint
DROP INDEX "packs_status";--> statement-breakpoint
CREATE INDEX "packings_dish" ON "packings" USING btree ("dish_id","packed_on");--> statement-breakpoint
CREATE INDEX "packs_status" ON "packs" USING btree ("status","best_by" NULLS FIRST);