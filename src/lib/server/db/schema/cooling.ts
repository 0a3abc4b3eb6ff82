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
	text
} from 'drizzle-orm/pg-core';
import type { CoolingGlance } from '../../../core/cooling/index.ts';
import type { CoolingInput } from '../../../core/index.ts';
import { dishes } from './dishes.ts';
import { packingDays } from './menu.ts';

/** What somebody decided about a run: the rule's word, and the temperature it was decided at. */
export interface CoolingDecision {
	atMs: number;
	/** `moved`: into another vessel or place, with a forecast of its own from then on */
	code: 'reheated' | 'discarded' | 'moved';
	tempC: number;
}

/** What was predicted when the run started, with what it was computed from. */
export interface CoolingForecast {
	minutes: number[];
	warmestC: number[];
	slowMinutes: number[];
	slowWarmestC: number[];
	clockStartMin: number;
	/** so much longer than its middle another part of it takes; forecasts made before it was looked at have none */
	leadMin?: number;
	to21Min: number | null;
	to5Min: number | null;
	rule: 'two-stage' | 'four-hours';
	verdict: 'pass' | 'at-risk' | 'fail';
	failed: null | 'to21' | 'to5';
	iceNeededKg: number | null;
}

export const coolingRuns = pgTable(
	'cooling_runs',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dishId: integer().references(() => dishes.id),
		name: text().notNull(),
		vessel: text({ enum: ['pot', 'dish', 'tray', 'bag'] }).notNull(),
		place: text({ enum: ['counter', 'ice-bath', 'refrigerator', 'freezer'] }).notNull(),
		volumeL: doublePrecision().notNull(),
		depthM: doublePrecision().notNull(),
		input: jsonb().$type<CoolingInput>().notNull(),
		forecast: jsonb().$type<CoolingForecast>().notNull(),
		startedAtMs: bigint({ mode: 'number' }).notNull(),
		endedAtMs: bigint({ mode: 'number' }),
		/** the packing day it belongs to */
		dayId: integer().references(() => packingDays.id),
		/** the thermometer's probe that lies in it */
		probe: text(),
		/** the run whose food was reheated for this one */
		reheatOfId: integer(),
		/** what its readings make of it, for the clocks on every screen; null: to be computed anew */
		glance: jsonb().$type<CoolingGlance>(),
		/** what was decided at a limit, and when */
		decisions: jsonb().$type<CoolingDecision[]>().notNull().default([])
	},
	(t) => [check('cooling_depth', sql`${t.depthM} > 0 and ${t.depthM} <= 0.5`)]
);

export const coolingReadings = pgTable(
	'cooling_readings',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		runId: integer()
			.notNull()
			.references(() => coolingRuns.id, { onDelete: 'cascade' }),
		atMs: bigint({ mode: 'number' }).notNull(),
		tempC: doublePrecision().notNull(),
		source: text({ enum: ['hand', 'file', 'probe'] })
			.notNull()
			.default('hand'),
		removed: boolean().notNull().default(false)
	},
	(t) => [
		check('cooling_reading_range', sql`${t.tempC} between -60 and 400`),
		index('cooling_readings_run').on(t.runId, t.atMs)
	]
);
