CREATE TABLE "cook_sheets" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "cook_sheets_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"codes" jsonb NOT NULL,
	"facts" jsonb NOT NULL,
	"plan" jsonb NOT NULL,
	"convert" jsonb NOT NULL,
	"ticks" jsonb DEFAULT '{}'::jsonb NOT NULL,
	"readings" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"token" text NOT NULL,
	"started_at_ms" bigint NOT NULL,
	"ended_at_ms" bigint,
	"ended" text,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "cook_sheets_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "leftovers" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "leftovers_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"name" text NOT NULL,
	"codes" jsonb NOT NULL,
	"servings" double precision NOT NULL,
	"stored_at_ms" bigint NOT NULL,
	"eat_by" text NOT NULL,
	"ended_at_ms" bigint,
	"ended" text,
	CONSTRAINT "leftovers_servings" CHECK ("leftovers"."servings" > 0 and "leftovers"."servings" <= 100)
);
--> statement-breakpoint
CREATE TABLE "planned_meals" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "planned_meals_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"uid" text NOT NULL,
	"on_day" text NOT NULL,
	"serve_at" text NOT NULL,
	"kind" text NOT NULL,
	"codes" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"name" text DEFAULT '' NOT NULL,
	"eaters" integer NOT NULL,
	"way" jsonb,
	"created_at_ms" bigint NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "planned_meals_uid_unique" UNIQUE("uid"),
	CONSTRAINT "planned_meals_eaters" CHECK ("planned_meals"."eaters" between 1 and 100)
);
--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "eaters" integer;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "calendar_token" text;