CREATE INDEX "cooling_readings_run" ON "cooling_readings" USING btree ("run_id","at_ms");--> statement-breakpoint
CREATE INDEX "ingredient_lines_dish" ON "ingredient_lines" USING btree ("dish_id","position");--> statement-breakpoint
CREATE INDEX "packings_dish" ON "packings" USING btree ("dish_id");--> statement-breakpoint
CREATE INDEX "packings_packed" ON "packings" USING btree ("packed_on");--> statement-breakpoint
CREATE INDEX "packings_day" ON "packings" USING btree ("day_id");--> statement-breakpoint
CREATE INDEX "packs_packing" ON "packs" USING btree ("packing_id","number");--> statement-breakpoint
CREATE INDEX "packs_gone" ON "packs" USING btree ("cooked_at_ms","status");--> statement-breakpoint
CREATE INDEX "day_events_day" ON "day_events" USING btree ("day_id");--> statement-breakpoint
CREATE INDEX "dish_notes_dish" ON "dish_notes" USING btree ("dish_id","at_ms");--> statement-breakpoint
CREATE INDEX "dish_versions_dish" ON "dish_versions" USING btree ("dish_id","at_ms");