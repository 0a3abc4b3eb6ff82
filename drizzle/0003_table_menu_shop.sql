CREATE TABLE "cooks" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "cooks_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"pack_id" integer NOT NULL,
	"at_ms" bigint NOT NULL,
	"method" jsonb NOT NULL,
	"route" text NOT NULL,
	"set_min" double precision NOT NULL,
	"core_c" double precision,
	"outcome" text,
	"note" text DEFAULT '' NOT NULL,
	CONSTRAINT "cooks_minutes" CHECK ("cooks"."set_min" >= 0 and "cooks"."set_min" <= 2880)
);
--> statement-breakpoint
CREATE TABLE "day_dishes" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "day_dishes_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"day_id" integer NOT NULL,
	"dish_id" integer NOT NULL,
	"position" integer NOT NULL,
	"batches" integer DEFAULT 1 NOT NULL,
	"portions" jsonb DEFAULT '[]'::jsonb NOT NULL,
	CONSTRAINT "day_dishes_once" UNIQUE("day_id","dish_id"),
	CONSTRAINT "day_dishes_batches" CHECK ("day_dishes"."batches" between 1 and 20)
);
--> statement-breakpoint
CREATE TABLE "dish_notes" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "dish_notes_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"dish_id" integer NOT NULL,
	"at_ms" bigint NOT NULL,
	"text" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "dish_versions" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "dish_versions_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"dish_id" integer NOT NULL,
	"at_ms" bigint NOT NULL,
	"content" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "packing_days" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "packing_days_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"on_day" text NOT NULL,
	"created_at_ms" bigint NOT NULL,
	"removed_at_ms" bigint
);
--> statement-breakpoint
CREATE TABLE "prices" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "prices_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"item_name" text NOT NULL,
	"label" text NOT NULL,
	"size_kg" double precision NOT NULL,
	"price_cents" integer NOT NULL,
	"shop" text DEFAULT '' NOT NULL,
	CONSTRAINT "prices_size" CHECK ("prices"."size_kg" > 0 and "prices"."price_cents" >= 0)
);
--> statement-breakpoint
CREATE TABLE "shop_marks" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "shop_marks_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"day_id" integer NOT NULL,
	"key" text NOT NULL,
	"ticked" boolean NOT NULL,
	"paid_cents" integer,
	"at_ms" bigint NOT NULL,
	CONSTRAINT "shop_marks_line" UNIQUE("day_id","key")
);
--> statement-breakpoint
CREATE TABLE "stock" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "stock_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"item_name" text NOT NULL,
	"mass_kg" double precision NOT NULL,
	CONSTRAINT "stock_itemName_unique" UNIQUE("item_name"),
	CONSTRAINT "stock_mass" CHECK ("stock"."mass_kg" >= 0)
);
--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "allergens" jsonb;--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "steps" jsonb;--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "stands_for" text;--> statement-breakpoint
ALTER TABLE "ingredient_lines" ADD COLUMN "form" text;--> statement-breakpoint
ALTER TABLE "ingredient_lines" ADD COLUMN "optional" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "ingredient_lines" ADD COLUMN "alternatives" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "freeze_anyway" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "label_nutrition" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "budget_cents" integer;--> statement-breakpoint
ALTER TABLE "packings" ADD COLUMN "nutrition" jsonb;--> statement-breakpoint
ALTER TABLE "packs" ADD COLUMN "assumed" jsonb;--> statement-breakpoint
ALTER TABLE "cooks" ADD CONSTRAINT "cooks_pack_id_packs_id_fk" FOREIGN KEY ("pack_id") REFERENCES "public"."packs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "day_dishes" ADD CONSTRAINT "day_dishes_day_id_packing_days_id_fk" FOREIGN KEY ("day_id") REFERENCES "public"."packing_days"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "day_dishes" ADD CONSTRAINT "day_dishes_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dish_notes" ADD CONSTRAINT "dish_notes_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "dish_versions" ADD CONSTRAINT "dish_versions_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shop_marks" ADD CONSTRAINT "shop_marks_day_id_packing_days_id_fk" FOREIGN KEY ("day_id") REFERENCES "public"."packing_days"("id") ON DELETE no action ON UPDATE no action;