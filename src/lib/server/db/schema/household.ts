import { sql } from 'drizzle-orm';
import {
	bigint,
	boolean,
	check,
	doublePrecision,
	integer,
	jsonb,
	pgTable,
	text,
	unique
} from 'drizzle-orm/pg-core';
import type { Oven, PressureCooker, SlowCooker } from '../../../core/index.ts';
import { type ContainerKey, freezerKinds, type LabelPaper } from '../../../core/published/index.ts';
import { earlierAppliances, type OwnedAppliances } from '../../../core/kitchen/index.ts';
import type { FreezerSetting } from '../../../core/storage/index.ts';
import type { TightenedLimits } from '../../../core/rules/index.ts';

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
		/** ISO 4217; null: prices are shown as plain numbers */
		currency: text(),
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
		/** who usually eats; null: not said, a meal is for as many as its pack serves */
		eaters: integer(),
		/** opens the calendar of meals, and nothing else; null: nobody subscribed */
		calendarToken: text(),
		/** proposals that were accepted or set aside, and when: what was before then does not count again */
		weighed: jsonb().$type<Record<string, number>>().notNull().default({}),
		labelSetup: jsonb().$type<LabelSetup>().notNull().default({}),
		slowCooker: jsonb().$type<SlowCooker>().notNull(),
		pressureCooker: jsonb().$type<PressureCooker>().notNull(),
		oven: jsonb().$type<Oven>().notNull().default({}),
		/** what there is to heat with; a household of an earlier version has the three that it knew */
		owned: jsonb().$type<OwnedAppliances>().notNull().default(earlierAppliances)
	},
	(t) => [
		check('household_one_row', sql`${t.id} = 1`),
		check('household_altitude', sql`${t.altitudeM} between -400 and 5000`),
		check('household_refrigerator', sql`${t.refrigeratorC} between 0 and 8`)
	]
);

/** How this household prints: the sheet or roll it uses, its own sizes, and how far its printer is off. */
export interface LabelSetup {
	paper?: string;
	offsetXMm?: number;
	offsetYMm?: number;
	/** sheets and rolls of its own */
	own?: Record<string, LabelPaper>;
}

export const freezers = pgTable(
	'freezers',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		name: text().notNull(),
		volumeL: doublePrecision().notNull(),
		setC: doublePrecision().notNull().default(-18),
		/** what it was set to from a moment on; before the first, what its packs were packed for */
		settings: jsonb().$type<FreezerSetting[]>().notNull().default([]),
		kind: text({ enum: freezerKinds }).notNull().default('upright'),
		/** the thermometer's probe that lies in it */
		probe: text(),
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

/** What a freezer's thermometer said. */
export const freezerReadings = pgTable(
	'freezer_readings',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		freezerId: integer()
			.notNull()
			.references(() => freezers.id),
		atMs: bigint({ mode: 'number' }).notNull(),
		tempC: doublePrecision().notNull(),
		source: text({ enum: ['hand', 'file', 'thermometer'] })
			.notNull()
			.default('hand')
	},
	(t) => [
		unique('freezer_readings_once').on(t.freezerId, t.atMs),
		check('freezer_reading_range', sql`${t.tempC} between -60 and 60`)
	]
);

/** How many of a container the household owns, or has left of what is used up. */
export const containerStock = pgTable(
	'container_stock',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		container: text().$type<ContainerKey>().notNull().unique(),
		owned: integer().notNull()
	},
	(t) => [check('container_stock_owned', sql`${t.owned} between 0 and 1000`)]
);

export type Household = typeof household.$inferSelect;
