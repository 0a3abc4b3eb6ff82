CREATE TABLE "container_stock" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "container_stock_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"container" text NOT NULL,
	"owned" integer NOT NULL,
	CONSTRAINT "container_stock_container_unique" UNIQUE("container"),
	CONSTRAINT "container_stock_owned" CHECK ("container_stock"."owned" between 0 and 1000)
);
--> statement-breakpoint
CREATE TABLE "freezer_readings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "freezer_readings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"freezer_id" integer NOT NULL,
	"at_ms" bigint NOT NULL,
	"temp_c" double precision NOT NULL,
	"source" text DEFAULT 'hand' NOT NULL,
	CONSTRAINT "freezer_readings_once" UNIQUE("freezer_id","at_ms"),
	CONSTRAINT "freezer_reading_range" CHECK ("freezer_readings"."temp_c" between -60 and 60)
);
--> statement-breakpoint
CREATE TABLE "pack_events" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "pack_events_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"pack_id" integer NOT NULL,
	"at_ms" bigint NOT NULL,
	"kind" text NOT NULL,
	"detail" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
ALTER TABLE "packings" ALTER COLUMN "dish_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "packings" ALTER COLUMN "card" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "packings" ALTER COLUMN "card_input" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "freezers" ADD COLUMN "kind" text DEFAULT 'upright' NOT NULL;--> statement-breakpoint
ALTER TABLE "freezers" ADD COLUMN "probe" text;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "label_setup" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "name" text;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "item_name" text;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "day_known" text DEFAULT 'day' NOT NULL;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "bought_on" text;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "cooked_on" text;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "thawed_before" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "part01" double precision DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "mass_kg" double precision;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "frozen_at_ms" bigint;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "pulled_at_ms" bigint;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "thaw_place" text;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "best_by" text;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "lost_days" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "split_from" text;--> statement-breakpoint
ALTER TABLE "freezer_readings" ADD CONSTRAINT "freezer_readings_freezer_id_freezers_id_fk" FOREIGN KEY ("freezer_id") REFERENCES "public"."freezers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pack_events" ADD CONSTRAINT "pack_events_pack_id_packs_id_fk" FOREIGN KEY ("pack_id") REFERENCES "public"."packs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "pack_events_pack" ON "pack_events" USING btree ("pack_id");--> statement-breakpoint
CREATE INDEX "packs_status" ON "packs" USING btree ("status","best_by");--> statement-breakpoint
ALTER TABLE "packs" ADD CONSTRAINT "packs_part" CHECK ("packs"."part01" >= 0 and "packs"."part01" <= 1);--> statement-breakpoint
UPDATE "packs" SET "best_by" = "packings"."storage"->>'bestBy' FROM "packings" WHERE "packings"."id" = "packs"."packing_id";
