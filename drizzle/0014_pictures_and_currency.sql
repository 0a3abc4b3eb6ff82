CREATE TABLE "dish_pictures" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "dish_pictures_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"dish_id" integer NOT NULL,
	"jpeg" text NOT NULL,
	"at_ms" bigint NOT NULL,
	CONSTRAINT "dish_pictures_dishId_unique" UNIQUE("dish_id")
);
--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "currency" text;--> statement-breakpoint
ALTER TABLE "dish_pictures" ADD CONSTRAINT "dish_pictures_dish_id_dishes_id_fk" FOREIGN KEY ("dish_id") REFERENCES "public"."dishes"("id") ON DELETE cascade ON UPDATE no action;