import { sql } from 'drizzle-orm';
import { check, doublePrecision, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import type { PressureCooker, SlowCooker } from '../../../core/index.ts';

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
		/** quality months for what has no published figure; null: none set */
		houseMonths: integer(),
		slowCooker: jsonb().$type<SlowCooker>().notNull(),
		pressureCooker: jsonb().$type<PressureCooker>().notNull()
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
		setC: doublePrecision().notNull().default(-18)
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
	position: integer().notNull()
});
