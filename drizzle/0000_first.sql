CREATE SEQUENCE "public"."pack_serial" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1;--> statement-breakpoint
CREATE TABLE "cooling_readings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "cooling_readings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"run_id" integer NOT NULL,
	"at_ms" bigint NOT NULL,
	"temp_c" double precision NOT NULL,
	"removed" boolean DEFAULT false NOT NULL,
	CONSTRAINT "cooling_reading_range" CHECK ("cooling_readings"."temp_c" between -30 and 110)
);
--> statement-breakpoint
CREATE TABLE "cooling_runs" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "cooling_runs_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"dish_id" integer,
	"name" text NOT NULL,
	"vessel" text NOT NULL,
	"place" text NOT NULL,
	"volume_l" double precision NOT NULL,
	"depth_m" double precision NOT NULL,
	"input" jsonb NOT NULL,
	"forecast" jsonb NOT NULL,
	"started_at_ms" bigint NOT NULL,
	"ended_at_ms" bigint,
	CONSTRAINT "cooling_depth" CHECK ("cooling_runs"."depth_m" > 0 and "cooling_runs"."depth_m" <= 0.5)
);
--> statement-breakpoint
CREATE TABLE "dishes" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "dishes_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"servings" integer NOT NULL,
	"kind" text NOT NULL,
	"state" text NOT NULL,
	"method" text DEFAULT '' NOT NULL,
	"add_on_day" text DEFAULT '' NOT NULL,
	"instruction" jsonb,
	"created_at_ms" bigint NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "dishes_servings" CHECK ("dishes"."servings" between 1 and 100)
);
--> statement-breakpoint
CREATE TABLE "ingredient_lines" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "ingredient_lines_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"dish_id" integer NOT NULL,
	"position" integer NOT NULL,
	"text" text NOT NULL,
	"quantity" double precision,
	"quantity_to" double precision,
	"unit" text,
	"item" text NOT NULL,
	"item_name" text,
	"cut" text DEFAULT '' NOT NULL,
	"stage" text DEFAULT 'pack' NOT NULL,
	"understood" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "freezers" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "freezers_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"volume_l" double precision NOT NULL,
	"set_c" double precision DEFAULT -18 NOT NULL,
	CONSTRAINT "freezers_set" CHECK ("freezers"."set_c" between -40 and -6),
	CONSTRAINT "freezers_volume" CHECK ("freezers"."volume_l" > 0)
);
--> statement-breakpoint
CREATE TABLE "household" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"system" text DEFAULT 'metric' NOT NULL,
	"temperature" text DEFAULT 'c' NOT NULL,
	"altitude_m" double precision DEFAULT 0 NOT NULL,
	"room_c" double precision DEFAULT 21 NOT NULL,
	"refrigerator_c" double precision DEFAULT 4 NOT NULL,
	"time_zone" text DEFAULT 'UTC' NOT NULL,
	"house_months" integer,
	"slow_cooker" jsonb NOT NULL,
	"pressure_cooker" jsonb NOT NULL,
	CONSTRAINT "household_one_row" CHECK ("household"."id" = 1),
	CONSTRAINT "household_altitude" CHECK ("household"."altitude_m" between -400 and 5000),
	CONSTRAINT "household_refrigerator" CHECK ("household"."refrigerator_c" between 0 and 8)
);
--> statement-breakpoint
CREATE TABLE "shelves" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "shelves_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"freezer_id" integer NOT NULL,
	"name" text NOT NULL,
	"position" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "packings" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "packings_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"dish_id" integer NOT NULL,
	"cooling_run_id" integer,
	"packed_on" text NOT NULL,
	"servings" integer NOT NULL,
	"container" text NOT NULL,
	"mass_kg" double precision NOT NULL,
	"length_m" double precision NOT NULL,
	"width_m" double precision NOT NULL,
	"thickness_m" double precision NOT NULL,
	"state" text NOT NULL,
	"content" text NOT NULL,
	"core" text NOT NULL,
	"core_c" double precision NOT NULL,
	"allergens" jsonb NOT NULL,
	"storage" jsonb NOT NULL,
	"card" jsonb NOT NULL,
	"card_input" jsonb NOT NULL,
	CONSTRAINT "packings_mass" CHECK ("packings"."mass_kg" > 0 and "packings"."mass_kg" <= 25),
	CONSTRAINT "packings_thickness" CHECK ("packings"."thickness_m" > 0 and "packings"."thickness_m" <= 0.3)
);
--> statement-breakpoint
CREATE TABLE "packs" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "packs_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"code" text NOT NULL,
	"packing_id" integer NOT NULL,
	"number" integer NOT NULL,
	"of" integer NOT NULL,
	"shelf_id" integer NOT NULL,
	"status" text DEFAULT 'frozen' NOT NULL,
	"cooked_at_ms" bigint,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "packs_code_unique" UNIQUE("code"),
	CONSTRAINT "packs_number" CHECK ("packs"."number" between 1 and "packs"."of")
);
--> statement-breakpoint
ALTER TABLE "cooling_readings" ADD CONSTRAINT "cooling_readings_run_id_cooling_runs_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."cooling_runs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cooling_runs" ADD CONSTRAINT "cooling_runs_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "ingredient_lines" ADD CONSTRAINT "ingredient_lines_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shelves" ADD CONSTRAINT "shelves_freezer_id_freezers_id_fk" FOREIGN KEY ("freezer_id") REFERENCES "public"."freezers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "packings" ADD CONSTRAINT "packings_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "packings" ADD CONSTRAINT "packings_cooling_run_id_cooling_runs_id_fk" FOREIGN KEY ("cooling_run_id") REFERENCES "public"."cooling_runs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "packs" ADD CONSTRAINT "packs_packing_id_packings_id_fk" FOREIGN KEY ("packing_id") REFERENCES "public"."packings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "packs" ADD CONSTRAINT "packs_shelf_id_shelves_id_fk" FOREIGN KEY ("shelf_id") REFERENCES "public"."shelves"("id") ON DELETE no action ON UPDATE no action;