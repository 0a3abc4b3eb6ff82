CREATE TABLE "undo_entries" (
	"id" integer PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "undo_entries_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"action" jsonb NOT NULL,
	"what" text NOT NULL,
	"at_ms" bigint NOT NULL,
	"state" text DEFAULT 'open' NOT NULL
);
--> statement-breakpoint
ALTER TABLE "dishes" ADD COLUMN "removed_at_ms" bigint;--> statement-breakpoint
ALTER TABLE "freezers" ADD COLUMN "removed_at_ms" bigint;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "clock" text DEFAULT '24' NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "day_order" text DEFAULT 'dmy' NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "leads" text DEFAULT 'best-by' NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "limits" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "household" ADD COLUMN "settled_at_ms" bigint;--> statement-breakpoint
ALTER TABLE "shelves" ADD COLUMN "removed_at_ms" bigint;