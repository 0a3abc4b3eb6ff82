import { asc, count, desc, eq, inArray, isNull, sql } from 'drizzle-orm';
import { dishFacts, type DishFacts, itemByName, lineKg } from '../../core/foods/index.ts';
import type { Db } from '../db/db.ts';
import {
	dishes,
	dishNotes,
	dishVersions,
	ingredientLines,
	type DishContent,
	type LineContent
} from '../db/schema/index.ts';

export type DishRow = typeof dishes.$inferSelect;
type RawLine = typeof ingredientLines.$inferSelect;
/** A line with its weight, which follows from it. */
export type LineRow = RawLine & { readonly massKg: number | null };

const withKg = (line: RawLine): LineRow => ({
	...line,
	massKg: lineKg(line)
});
export interface Dish extends DishRow {
	lines: LineRow[];
	facts: DishFacts;
}

function factsOf(dish: DishRow, lines: readonly LineRow[]): DishFacts {
	const facts = dishFacts({
		kind: dish.kind,
		state: dish.state,
		lines: lines.map((line) => ({
			item: line.itemName ? itemByName(line.itemName) : null,
			massKg: line.massKg,
			stage: line.stage,
			text: line.text,
			unit: line.unit,
			understood: line.understood,
			doubts: line.doubts
		}))
	});
	return dish.allergens
		? { ...facts, allergens: dish.allergens, allergensKnown: true, checkPackets: [] }
		: facts;
}

/** Dishes with their lines and what follows from them. */
function withLines(rows: readonly DishRow[], lines: readonly RawLine[]): Dish[] {
	const byDish = new Map<number, LineRow[]>(rows.map((dish) => [dish.id, []]));
	for (const line of lines) byDish.get(line.dishId)?.push(withKg(line));
	return rows.map((dish) => {
		const lines = byDish.get(dish.id) ?? [];
		return { ...dish, lines, facts: factsOf(dish, lines) };
	});
}

/** Dishes with their lines and what follows from them, by their numbers; those that are not there are left out. */
export async function getDishes(db: Db, ids: readonly number[]): Promise<Map<number, Dish>> {
	if (ids.length === 0) return new Map();
	const rows = await db
		.select()
		.from(dishes)
		.where(inArray(dishes.id, [...ids]));
	const lines = await db
		.select()
		.from(ingredientLines)
		.where(inArray(ingredientLines.dishId, [...ids]))
		.orderBy(asc(ingredientLines.position));
	return new Map(withLines(rows, lines).map((dish) => [dish.id, dish]));
}

/** A dish with its lines and what follows from them; null when there is none with this number. */
export async function getDish(db: Db, id: number): Promise<Dish | null> {
	return (await getDishes(db, [id])).get(id) ?? null;
}

/** Every dish with its lines and facts, by name. */
export async function allDishes(db: Db): Promise<Dish[]> {
	const rows = await db
		.select()
		.from(dishes)
		.where(isNull(dishes.removedAtMs))
		.orderBy(asc(dishes.name));
	const lines = await db.select().from(ingredientLines).orderBy(asc(ingredientLines.position));
	return withLines(rows, lines);
}

export async function listDishes(
	db: Db
): Promise<(DishRow & { lineCount: number; unread: number })[]> {
	const rows = await db
		.select({
			dish: dishes,
			lineCount: sql<number>`(count(${ingredientLines.id}) filter (where ${ingredientLines.understood} <> 'heading'))::int`,
			unread: sql<number>`(count(*) filter (where ${ingredientLines.understood} = 'text' or ${ingredientLines.doubts} <> '[]'::jsonb))::int`
		})
		.from(dishes)
		.leftJoin(ingredientLines, eq(ingredientLines.dishId, dishes.id))
		.where(isNull(dishes.removedAtMs))
		.groupBy(dishes.id)
		.orderBy(asc(dishes.name));
	return rows.map(({ dish, ...counts }) => ({ ...dish, ...counts }));
}

export async function countDishes(db: Db): Promise<number> {
	const [row] = await db.select({ n: count() }).from(dishes).where(isNull(dishes.removedAtMs));
	return row.n;
}

/** A dish as an undo keeps it. */
export function contentOf(dish: Dish): DishContent {
	const { id: _id, version: _version, lines, facts: _facts, ...values } = dish;
	return {
		values,
		lines: lines.map(asContent)
	};
}

/** A line as it is written. */
export const asContent = ({
	id: _line,
	dishId: _dish,
	position: _position,
	massKg: _kg,
	...line
}: LineRow): LineContent => line;

export type DishNote = typeof dishNotes.$inferSelect;

/** Notes on a dish, the latest first. */
export async function notesOf(db: Db, dishId: number): Promise<DishNote[]> {
	return db
		.select()
		.from(dishNotes)
		.where(eq(dishNotes.dishId, dishId))
		.orderBy(desc(dishNotes.atMs), desc(dishNotes.id));
}

/** The latest note of each dish that has one. */
export async function latestNotes(db: Db): Promise<Map<number, string>> {
	const rows = await db
		.selectDistinctOn([dishNotes.dishId], { dishId: dishNotes.dishId, text: dishNotes.text })
		.from(dishNotes)
		.orderBy(dishNotes.dishId, desc(dishNotes.atMs), desc(dishNotes.id));
	return new Map(rows.map((row) => [row.dishId, row.text]));
}

export type DishVersion = typeof dishVersions.$inferSelect;

/** What a dish was before, the latest first. */
export async function versionsOf(db: Db, dishId: number): Promise<DishVersion[]> {
	return db
		.select()
		.from(dishVersions)
		.where(eq(dishVersions.dishId, dishId))
		.orderBy(desc(dishVersions.atMs), desc(dishVersions.id));
}
