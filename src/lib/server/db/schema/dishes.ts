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
import type { Method, DishKind } from '../../../core/index.ts';
import type { LearnedMinutes } from '../../../core/cooking/index.ts';
import type { LineDoubt, LineForm, LineStage } from '../../../core/foods/index.ts';
import type { DishPieces, PlatePart } from '../../../core/packing/index.ts';
import type { DishStep } from '../../../core/steps/index.ts';
import type { MeasureName } from '../../../core/units/index.ts';

/** The one cooking instruction a recipe gives. */
export interface Instruction {
	method: Method;
	state: 'thawed' | 'frozen' | 'fresh';
	minutes: { from: number; to: number };
}

export const dishes = pgTable(
	'dishes',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		name: text().notNull(),
		servings: integer().notNull(),
		kind: text().$type<DishKind>().notNull(),
		state: text({ enum: ['raw', 'cooked'] }).notNull(),
		method: text().notNull().default(''),
		addOnDay: text().notNull().default(''),
		instruction: jsonb().$type<Instruction>(),
		/** allergens as the cook corrected them; null: as the lines say */
		allergens: jsonb().$type<string[]>(),
		/** pieces of work, as proposed and corrected; null: not looked at yet */
		steps: jsonb().$type<DishStep[]>(),
		/** what a batch comes in, as the cook said; null: as the method says, or not in pieces */
		pieces: jsonb().$type<DishPieces>(),
		/** of a plate: the dishes whose parts lie on it, with how much of each, kg */
		plateOf: jsonb().$type<PlatePart[]>(),
		/** the catalogue item its packs stand for in other dishes: a component; null: none */
		standsFor: text(),
		/** minutes this household adds to it in an appliance, or takes off, as learned from how it came out */
		learned: jsonb().$type<LearnedMinutes[]>().notNull().default([]),
		/** batches it is put on a day with; null: one */
		usualBatches: integer(),
		createdAtMs: bigint({ mode: 'number' }).notNull(),
		version: integer().notNull().default(1),
		removedAtMs: bigint({ mode: 'number' })
	},
	(t) => [check('dishes_servings', sql`${t.servings} between 1 and 100`)]
);

export const ingredientLines = pgTable(
	'ingredient_lines',
	{
		id: integer().primaryKey().generatedAlwaysAsIdentity(),
		dishId: integer()
			.notNull()
			.references(() => dishes.id, { onDelete: 'cascade' }),
		position: integer().notNull(),
		text: text().notNull(),
		quantity: doublePrecision(),
		quantityTo: doublePrecision(),
		unit: text().$type<MeasureName>(),
		item: text().notNull(),
		itemName: text(),
		cut: text().notNull().default(''),
		stage: text().$type<LineStage>().notNull().default('pack'),
		form: text().$type<LineForm>(),
		optional: boolean().notNull().default(false),
		/** catalogue items that do as well */
		alternatives: jsonb().$type<string[]>().notNull().default([]),
		understood: text({ enum: ['full', 'item', 'text', 'heading'] }).notNull(),
		/** what its reading left open, until the cook has said */
		doubts: jsonb().$type<LineDoubt[]>().notNull().default([])
	},
	(t) => [index('ingredient_lines_dish').on(t.dishId, t.position)]
);

/** A photo of a dish as its page shows it: a small JPEG, base64, made in the browser. */
export const dishPictures = pgTable('dish_pictures', {
	id: integer().primaryKey().generatedAlwaysAsIdentity(),
	dishId: integer()
		.notNull()
		.unique()
		.references(() => dishes.id, { onDelete: 'cascade' }),
	jpeg: text().notNull(),
	atMs: bigint({ mode: 'number' }).notNull()
});

export type NewDish = Omit<typeof dishes.$inferInsert, 'id' | 'version'>;
export type LineContent = Omit<typeof ingredientLines.$inferInsert, 'id' | 'dishId' | 'position'>;
/** A dish as it can be written again: what an undo keeps. */
export interface DishContent {
	values: NewDish;
	lines: LineContent[];
}
