import { sql } from 'drizzle-orm';
import {
	bigint,
	boolean,
	check,
	doublePrecision,
	index,
	integer,
	jsonb,
	pgTable,
	text,
	unique
} from 'drizzle-orm/pg-core';
import type { Portion } from '../../../core/menu/index.ts';
import { dayEventKinds, type RunSheet } from '../../../core/schedule/index.ts';
import { dishes, type DishContent } from './dishes.ts';

/** A day on which dishes are cooked and packed. */
export const packingDays = pgTable('packing_days', {
	id: integer().primaryKey().generatedAlwaysAsIdentity(),
	onDay: text().notNull(),
	createdAtMs: bigint({ mode: 'number' }).notNull(),
	removedAtMs: bigint({ mode: 'number' }),
	/** how the day is to go and the plan as it stands; null: not planned yet */
	run: jsonb().$type<RunSheet>()
});

/** What was said and done on a packing day, each once: everything else about it follows from these. */
export const dayEvents = pgTable(
	'day_events',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		/** made by the device, so that what is sent twice counts once */
		uid: text().notNull().unique(),
		dayId: integer()
			.notNull()
			.references(() => packingDays.id),
		kind: text({ enum: dayEventKinds }).notNull(),
		/** the task, resource or prep line it is about */
		key: text().notNull().default(''),
		value: doublePrecision(),
		atMs: bigint({ mode: 'number' }).notNull()
	},
	(t) => [index('day_events_day').on(t.dayId)]
);

/** A dish planned for a day, how often, and where its portions go. */
export const dayDishes = pgTable(
	'day_dishes',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dayId: integer()
			.notNull()
			.references(() => packingDays.id),
		dishId: integer()
			.notNull()
			.references(() => dishes.id),
		position: integer().notNull(),
		batches: integer().notNull().default(1),
		portions: jsonb().$type<Portion[]>().notNull().default([])
	},
	(t) => [
		unique('day_dishes_once').on(t.dayId, t.dishId),
		check('day_dishes_batches', sql`${t.batches} between 1 and 20`)
	]
);

/** The household's price book: packs it can buy. */
export const prices = pgTable(
	'prices',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		itemName: text().notNull(),
		label: text().notNull(),
		sizeKg: doublePrecision().notNull(),
		priceCents: integer().notNull(),
		shop: text().notNull().default(''),
		/** the day it was paid; null: written down without one */
		onDay: text()
	},
	(t) => [check('prices_size', sql`${t.sizeKg} > 0 and ${t.priceCents} >= 0`)]
);

/** What is in the cupboard, by weight. */
export const stock = pgTable(
	'stock',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		itemName: text().notNull().unique(),
		massKg: doublePrecision().notNull()
	},
	(t) => [check('stock_mass', sql`${t.massKg} >= 0`)]
);

/** What was ticked in the shop, by line of a day's list; the latest wins. */
export const shopMarks = pgTable(
	'shop_marks',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dayId: integer()
			.notNull()
			.references(() => packingDays.id),
		key: text().notNull(),
		ticked: boolean().notNull(),
		/** what was really paid */
		paidCents: integer(),
		/** what the shop sends, as the cook took it; null: nothing is on its way */
		comes: text(),
		atMs: bigint({ mode: 'number' }).notNull()
	},
	(t) => [unique('shop_marks_line').on(t.dayId, t.key)]
);

/** Notes on a dish, with their day: "more milk". */
export const dishNotes = pgTable(
	'dish_notes',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dishId: integer()
			.notNull()
			.references(() => dishes.id),
		atMs: bigint({ mode: 'number' }).notNull(),
		text: text().notNull()
	},
	(t) => [index('dish_notes_dish').on(t.dishId, t.atMs)]
);

/** What a dish was before each change of it. */
export const dishVersions = pgTable(
	'dish_versions',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dishId: integer()
			.notNull()
			.references(() => dishes.id),
		/** when it ceased to be so */
		atMs: bigint({ mode: 'number' }).notNull(),
		content: jsonb().$type<DishContent>().notNull()
	},
	(t) => [index('dish_versions_dish').on(t.dishId, t.atMs)]
);
