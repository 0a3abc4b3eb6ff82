import type { DishPieces } from '../../../core/packing/index.ts';
import { sql } from 'drizzle-orm';
import {
	bigint,
	boolean,
	check,
	doublePrecision,
	index,
	integer,
	jsonb,
	pgSequence,
	pgTable,
	text
} from 'drizzle-orm/pg-core';
import { thawPlaces } from '../../../core/rules/index.ts';
import type { StoredPart } from '../../../core/index.ts';
import type { Nutrition } from '../../../core/foods/index.ts';
import type { AsIf, CookCard, CookCardInput } from '../../../core/serving/index.ts';
import type { ContainerKey, CoreTemperatureClass } from '../../../core/published/index.ts';
import { coolingRuns } from './cooling.ts';
import { dishes } from './dishes.ts';
import { packingDays } from './menu.ts';
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
		/** null: not made from a dish here: bought, or there before the household began to write things down */
		dishId: integer().references(() => dishes.id),
		/** what it is called where it is not a dish's pack */
		name: text(),
		/** the catalogue item it is stock of, for Menu and Shop */
		itemName: text(),
		coolingRunId: integer().references(() => coolingRuns.id),
		/** the packing day it was packed on, where it was planned there */
		dayId: integer().references(() => packingDays.id),
		/** frozen that day; where that is not known, the day it was written down */
		packedOn: text().notNull(),
		dayKnown: text({ enum: ['day', 'about', 'unknown'] })
			.notNull()
			.default('day'),
		boughtOn: text(),
		/** when it was cooked, if that was before it was frozen: days in the refrigerator count */
		cookedOn: text(),
		/** bought frozen and thawed before it was put in: not frozen again unless cooked */
		thawedBefore: boolean().notNull().default(false),
		servings: integer().notNull(),
		/** pieces in each pack, of what comes in pieces */
		pieces: jsonb().$type<DishPieces>(),
		container: text().$type<ContainerKey>().notNull(),
		massKg: doublePrecision().notNull(),
		lengthM: doublePrecision().notNull(),
		widthM: doublePrecision().notNull(),
		thicknessM: doublePrecision().notNull(),
		state: text({ enum: ['raw', 'cooked'] }).notNull(),
		content: text({ enum: ['raw-meat', 'cooked', 'plain'] }).notNull(),
		core: text().$type<CoreTemperatureClass>().notNull(),
		coreC: doublePrecision().notNull(),
		/** what a serving cost by the price book of that day, cents; null: something in it had no price */
		servingCents: doublePrecision(),
		allergens: jsonb().$type<string[]>().notNull(),
		/** false: something in it nobody could read, more may be in it */
		allergensKnown: boolean().notNull().default(true),
		/** energy and nutrients of a serving, kept when the household wishes them on the label */
		nutrition: jsonb().$type<Nutrition>(),
		storage: jsonb().$type<StorageRecord>().notNull(),
		/** null: nothing is known of it that a cook card could be computed from */
		card: jsonb().$type<CookCard>(),
		cardInput: jsonb().$type<CookCardInput>()
	},
	(t) => [
		check('packings_mass', sql`${t.massKg} > 0 and ${t.massKg} <= 25`),
		check('packings_thickness', sql`${t.thicknessM} > 0 and ${t.thicknessM} <= 0.3`),
		index('packings_dish').on(t.dishId, t.packedOn),
		index('packings_packed').on(t.packedOn),
		index('packings_day').on(t.dayId)
	]
);

/** Where a pack is: its label printed but not filled yet, in the freezer, thawing, or gone this way. */
export const packStatuses = [
	'reserved',
	'frozen',
	'thawing',
	'cooked',
	'given',
	'discarded'
] as const;
export type PackStatus = (typeof packStatuses)[number];

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
		/** what is still in it, of what was packed */
		part01: doublePrecision().notNull().default(1),
		/** as weighed; null: as planned for all of its packing */
		massKg: doublePrecision(),
		/** when it went into the freezer, for the freezer's load; null: long ago */
		frozenAtMs: bigint({ mode: 'number' }),
		/** taken out to thaw: when and where */
		pulledAtMs: bigint({ mode: 'number' }),
		thawPlace: text({ enum: thawPlaces }),
		/** as things stand: readings of the freezer may have brought it forward */
		bestBy: text(),
		lostDays: integer().notNull().default(0),
		/** the pack it was split from */
		splitFrom: text(),
		/** when it left the freezer, whatever for */
		cookedAtMs: bigint({ mode: 'number' }),
		/** why it was discarded */
		reason: text(),
		/** what is assumed of this pack otherwise than when it was packed; null: as packed */
		assumed: jsonb().$type<AsIf>(),
		version: integer().notNull().default(1)
	},
	(t) => [
		check('packs_number', sql`${t.number} between 1 and ${t.of}`),
		check('packs_part', sql`${t.part01} >= 0 and ${t.part01} <= 1`),
		index('packs_status').on(t.status, t.bestBy.nullsFirst()),
		index('packs_packing').on(t.packingId, t.number),
		// what was eaten or thrown away in a time
		index('packs_gone').on(t.cookedAtMs, t.status),
		// a shelf's picture: the first to use
		index('packs_shelf').on(t.shelfId, t.status, sql`${t.bestBy} asc nulls first`, t.code)
	]
);

export const packEventKinds = [
	'reserved',
	'frozen',
	'moved',
	'pulled',
	'put-back',
	'refrozen',
	'used-part',
	'split',
	'cooked',
	'given',
	'discarded',
	'missing',
	'found',
	'taken-back'
] as const;
export type PackEventKind = (typeof packEventKinds)[number];

/** What happened to a pack, from pot to plate. */
export const packEvents = pgTable(
	'pack_events',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		packId: integer()
			.notNull()
			.references(() => packs.id),
		atMs: bigint({ mode: 'number' }).notNull(),
		kind: text({ enum: packEventKinds }).notNull(),
		/** the shelf, the reason, the servings used: in words as they were then */
		detail: text().notNull().default('')
	},
	(t) => [index('pack_events_pack').on(t.packId)]
);
