import { sql } from 'drizzle-orm';
import {
	bigint,
	check,
	doublePrecision,
	index,
	integer,
	jsonb,
	pgTable,
	text
} from 'drizzle-orm/pg-core';
import type { ConvertInput, Method } from '../../../core/index.ts';
import type { RouteName, SheetPlan, SheetTicks } from '../../../core/serving/index.ts';
import type { CoreTemperatureClass } from '../../../core/published/index.ts';
import { packs } from './packs.ts';

/** How a pack was cooked in the end: what the cook wrote down afterwards. */
export const cooks = pgTable(
	'cooks',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		packId: integer()
			.notNull()
			.references(() => packs.id),
		atMs: bigint({ mode: 'number' }).notNull(),
		method: jsonb().$type<Method>().notNull(),
		route: text().$type<RouteName>().notNull(),
		setMin: doublePrecision().notNull(),
		/** core temperature when it was looked at after that time; null: not measured */
		coreC: doublePrecision(),
		outcome: text({ enum: ['under', 'right', 'over'] }),
		/** whether it was enough for those who ate */
		enough: text({ enum: ['too-little', 'enough', 'too-much'] }),
		/** minutes the same would have taken as computed for its kind of appliance, without anything learned; null: it says nothing of the appliance */
		forecastMin: doublePrecision(),
		/** the appliance as it was set then: a forecast with another one says nothing of this */
		withAppliance: text(),
		note: text().notNull().default('')
	},
	(t) => [
		index('cooks_pack').on(t.packId),
		index('cooks_at').on(t.atMs),
		check('cooks_minutes', sql`${t.setMin} >= 0 and ${t.setMin} <= 2880`)
	]
);

/** What a sheet shows besides its steps; as it was when it was begun. */
export interface SheetFacts {
	name: string;
	servings: number;
	state: 'raw' | 'cooked';
	content: 'raw-meat' | 'cooked' | 'plain';
	core: CoreTemperatureClass;
	coreC: number;
	tenderC: number | null;
	inPan: boolean;
	block: { lengthM: number; widthM: number; thicknessM: number };
	/** what is added late, in the cook's own words, this pack's share of it, in the order of the plan's additions */
	lateTexts: string[];
	addOnDay: string;
	serveWith: string[];
	allergens: string[];
	allergensKnown: boolean;
	/** days what is left keeps in the refrigerator */
	leftoverDays: number;
	/** minutes it stays above 60 °C off the heat, covered, once it is ready */
	hotMin: number;
}

/** A reading in the middle while it cooks. */
export interface CoreReading {
	atMs: number;
	tempC: number;
	/** it was ready then, or after so many minutes more */
	moreMin: number;
}

/** A meal being cooked: one plan as steps back from serving. */
export const cookSheets = pgTable('cook_sheets', {
	id: integer().primaryKey().generatedAlwaysAsIdentity(),
	codes: jsonb().$type<string[]>().notNull(),
	facts: jsonb().$type<SheetFacts>().notNull(),
	plan: jsonb().$type<SheetPlan>().notNull(),
	/** what lies in the appliance, to ask the model again */
	convert: jsonb().$type<ConvertInput>().notNull(),
	ticks: jsonb().$type<SheetTicks>().notNull().default({}),
	readings: jsonb().$type<CoreReading[]>().notNull().default([]),
	/** opens this sheet and nothing else for a helper, while it is cooked */
	token: text().notNull().unique(),
	startedAtMs: bigint({ mode: 'number' }).notNull(),
	endedAtMs: bigint({ mode: 'number' }),
	/** eaten, or given up: the packs stay as they are */
	ended: text({ enum: ['served', 'left'] }),
	version: integer().notNull().default(1)
});

/** What stands in the refrigerator after a meal. */
export const leftovers = pgTable(
	'leftovers',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		name: text().notNull(),
		/** the packs it is of */
		codes: jsonb().$type<string[]>().notNull(),
		servings: doublePrecision().notNull(),
		storedAtMs: bigint({ mode: 'number' }).notNull(),
		/** the last day it is eaten, YYYY-MM-DD */
		eatBy: text().notNull(),
		endedAtMs: bigint({ mode: 'number' }),
		ended: text({ enum: ['eaten', 'thrown', 'frozen'] })
	},
	(t) => [check('leftovers_servings', sql`${t.servings} > 0 and ${t.servings} <= 100`)]
);

/** A meal on a day of the weeks to come. */
export const plannedMeals = pgTable(
	'planned_meals',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		/** stays with it when it is moved: what a calendar knows it by */
		uid: text().notNull().unique(),
		onDay: text().notNull(),
		/** HH:MM */
		serveAt: text().notNull(),
		kind: text({ enum: ['packs', 'leftovers', 'note'] }).notNull(),
		codes: jsonb().$type<string[]>().notNull().default([]),
		/** leftovers or a note ("out", "packing day"); empty for packs, which have names */
		name: text().notNull().default(''),
		eaters: integer().notNull(),
		/** how it is cooked; null: as is best on the day */
		way: jsonb().$type<{ method: Method; route: RouteName }>(),
		createdAtMs: bigint({ mode: 'number' }).notNull(),
		version: integer().notNull().default(1)
	},
	(t) => [check('planned_meals_eaters', sql`${t.eaters} between 1 and 100`)]
);

export type PlannedMeal = typeof plannedMeals.$inferSelect;
export type Leftovers = typeof leftovers.$inferSelect;
