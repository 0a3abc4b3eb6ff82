import { sql } from 'drizzle-orm';
import {
	bigint,
	check,
	doublePrecision,
	integer,
	jsonb,
	pgSequence,
	pgTable,
	text
} from 'drizzle-orm/pg-core';
import type { StoredPart } from '../../../core/index.ts';
import type { Nutrition } from '../../../core/foods/nutrition.ts';
import type { AsIf } from '../../../core/table/as-if.ts';
import type { CookCard, CookCardInput } from '../../../core/table/cook-card.ts';
import type { CoreTemperatureClass } from '../../../core/tables/core-temperatures.ts';
import type { ContainerKey } from '../../../core/tables/containers.ts';
import { coolingRuns } from './cooling.ts';
import { dishes } from './dishes.ts';
import { shelves } from './household.ts';

/** Counts every pack ever made; codes are made from it and never come again. */
export const packSerial = pgSequence('pack_serial', { startWith: 1 });

export interface StorageRecord {
	bestBy: string | null;
	goodTo: string | null;
	months: { from: number; to: number } | null;
	source: string;
	parts: (StoredPart & { name: string })[];
	limitingPart: number | null;
	unknownParts: number[];
	freezerC: number;
	/** the cook set the day; the computed one is kept beside it */
	bestBySet: boolean;
	computedBestBy: string | null;
}

/** Packs of one size made from one batch at one time: what they share. */
export const packings = pgTable(
	'packings',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dishId: integer()
			.notNull()
			.references(() => dishes.id),
		coolingRunId: integer().references(() => coolingRuns.id),
		packedOn: text().notNull(),
		servings: integer().notNull(),
		container: text().$type<ContainerKey>().notNull(),
		massKg: doublePrecision().notNull(),
		lengthM: doublePrecision().notNull(),
		widthM: doublePrecision().notNull(),
		thicknessM: doublePrecision().notNull(),
		state: text({ enum: ['raw', 'cooked'] }).notNull(),
		content: text({ enum: ['raw-meat', 'cooked', 'plain'] }).notNull(),
		core: text().$type<CoreTemperatureClass>().notNull(),
		coreC: doublePrecision().notNull(),
		allergens: jsonb().$type<string[]>().notNull(),
		/** energy and nutrients of a serving, kept when the household wishes them on the label */
		nutrition: jsonb().$type<Nutrition>(),
		storage: jsonb().$type<StorageRecord>().notNull(),
		card: jsonb().$type<CookCard>().notNull(),
		cardInput: jsonb().$type<CookCardInput>().notNull()
	},
	(t) => [
		check('packings_mass', sql`${t.massKg} > 0 and ${t.massKg} <= 25`),
		check('packings_thickness', sql`${t.thicknessM} > 0 and ${t.thicknessM} <= 0.3`)
	]
);

/** Where a pack is: in the freezer, or gone from it this way. */
export const packStatuses = ['frozen', 'cooked', 'given', 'discarded'] as const;

export const packs = pgTable(
	'packs',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		code: text().notNull().unique(),
		packingId: integer()
			.notNull()
			.references(() => packings.id),
		number: integer().notNull(),
		of: integer().notNull(),
		shelfId: integer()
			.notNull()
			.references(() => shelves.id),
		status: text({ enum: packStatuses }).notNull().default('frozen'),
		/** when it left the freezer, whatever for */
		cookedAtMs: bigint({ mode: 'number' }),
		/** why it was discarded */
		reason: text(),
		/** what is assumed of this pack otherwise than when it was packed; null: as packed */
		assumed: jsonb().$type<AsIf>(),
		version: integer().notNull().default(1)
	},
	(t) => [check('packs_number', sql`${t.number} between 1 and ${t.of}`)]
);
