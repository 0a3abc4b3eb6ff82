CREATE TABLE "day_events" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "day_events_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"uid" text NOT NULL,
	"day_id" integer NOT NULL,
	"kind" text NOT NULL,
	"key" text DEFAULT '' NOT NULL,
	"value" double precision,
	"at_ms" bigint NOT NULL,
	CONSTRAINT "day_events_uid_unique" UNIQUE("uid")
);
--> statement-breakpoint
ALTER TABLE "cooling_readings" DROP CONSTRAINT "cooling_reading_range";--> statement-breakpoint
ALTER TABLE "cooling_readings" ADD COLUMN "source" text DEFAULT 'hand' NOT NULL;--> statement-breakpoint
ALTER TABLE "cooling_runs" ADD COLUMN "day_id" integer;--> statement-breakpoint
ALTER TABLE "cooling_runs" ADD COLUMN "probe" text;--> statement-breakpoint
ALTER TABLE "cooling_runs" ADD COLUMN "reheat_of_id" integer;--> statement-breakpoint
ALTER TABLE "cooling_runs" ADD COLUMN "decisions" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "packing_days" ADD COLUMN "run" jsonb;--> statement-breakpoint
ALTER TABLE "day_events" ADD CONSTRAINT "day_events_day_id_packing_days_id_fk" FOREIGN KEY ("day_id") REFERENCES "public"."packing_days"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cooling_runs" ADD CONSTRAINT "cooling_runs_day_id_packing_days_id_fk" FOREIGN KEY ("day_id") REFERENCES "public"."packing_days"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cooling_readings" ADD CONSTRAINT "cooling_reading_range" CHECK ("cooling_readings"."temp_c" between -60 and 400);