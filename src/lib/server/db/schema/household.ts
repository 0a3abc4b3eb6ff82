import { sql } from 'drizzle-orm';
import {
	bigint,
	boolean,
	check,
	doublePrecision,
	integer,
	jsonb,
	pgTable,
	text
} from 'drizzle-orm/pg-core';
import type { Oven, PressureCooker, SlowCooker } from '../../../core/index.ts';
import type { TightenedLimits } from '../../../core/safety/limits.ts';

/** One row: the household. */
export const household = pgTable(
	'household',
	{
		id: integer().primaryKey().default(1),
		system: text({ enum: ['metric', 'us'] })
			.notNull()
			.default('metric'),
		temperature: text({ enum: ['c', 'f'] })
			.notNull()
			.default('c'),
		altitudeM: doublePrecision().notNull().default(0),
		roomC: doublePrecision().notNull().default(21),
		refrigeratorC: doublePrecision().notNull().default(4),
		timeZone: text().notNull().default('UTC'),
		clock: text({ enum: ['24', '12'] })
			.notNull()
			.default('24'),
		dayOrder: text({ enum: ['dmy', 'mdy', 'ymd'] })
			.notNull()
			.default('dmy'),
		/** which end of the published range leads on lists and labels */
		leads: text({ enum: ['best-by', 'good-to'] })
			.notNull()
			.default('best-by'),
		limits: jsonb().$type<TightenedLimits>().notNull().default({}),
		/** the first-run steps are done; null: not yet */
		settledAtMs: bigint({ mode: 'number' }),
		/** quality months for what has no published figure; null: none set */
		houseMonths: integer(),
		/** catalogue items the house freezes in although they freeze badly */
		freezeAnyway: jsonb().$type<string[]>().notNull().default([]),
		/** energy and nutrients on the label */
		labelNutrition: boolean().notNull().default(false),
		/** what a serving may cost, cents; null: no budget */
		budgetCents: integer(),
		slowCooker: jsonb().$type<SlowCooker>().notNull(),
		pressureCooker: jsonb().$type<PressureCooker>().notNull(),
		oven: jsonb().$type<Oven>().notNull().default({})
	},
	(t) => [
		check('household_one_row', sql`${t.id} = 1`),
		check('household_altitude', sql`${t.altitudeM} between -400 and 5000`),
		check('household_refrigerator', sql`${t.refrigeratorC} between 0 and 8`)
	]
);

export const freezers = pgTable(
	'freezers',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		name: text().notNull(),
		volumeL: doublePrecision().notNull(),
		setC: doublePrecision().notNull().default(-18),
		removedAtMs: bigint({ mode: 'number' })
	},
	(t) => [
		check('freezers_set', sql`${t.setC} between -40 and -6`),
		check('freezers_volume', sql`${t.volumeL} > 0`)
	]
);

export const shelves = pgTable('shelves', {
	id: integer().primaryKey().generatedAlwaysAsIdentity(),
	freezerId: integer()
		.notNull()
		.references(() => freezers.id),
	name: text().notNull(),
	position: integer().notNull(),
	removedAtMs: bigint({ mode: 'number' })
});

export type Household = typeof household.$inferSelect;
