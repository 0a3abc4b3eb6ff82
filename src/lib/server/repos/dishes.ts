import { asc, count, eq, isNull, sql } from 'drizzle-orm';
import { dishFacts, type DishFacts } from '../../core/foods/dish-facts.ts';
import { itemByName } from '../../core/foods/item-catalogue.ts';
import { parsedLineKg } from '../../formats/ingredient-line.ts';
import type { Db } from '../db/open.ts';
import {
	dishes,
	ingredientLines,
	type DishContent,
	type LineContent,
	type NewDish
} from '../db/schema/index.ts';

export type DishRow = typeof dishes.$inferSelect;
export type LineRow = typeof ingredientLines.$inferSelect;
export interface Dish extends DishRow {
	lines: LineRow[];
	facts: DishFacts;
}

function factsOf(dish: DishRow, lines: readonly LineRow[]): DishFacts {
	return dishFacts({
		kind: dish.kind,
		state: dish.state,
		lines: lines.map((line) => ({
			item: line.itemName ? itemByName(line.itemName) : null,
			massKg: parsedLineKg(line),
			stage: line.stage,
			text: line.text
		}))
	});
}

/** A dish with its lines and what follows from them; null when there is none with this number. */
export async function getDish(db: Db, id: number): Promise<Dish | null> {
	const [dish] = await db.select().from(dishes).where(eq(dishes.id, id));
	if (!dish) return null;
	const lines = await db
		.select()
		.from(ingredientLines)
		.where(eq(ingredientLines.dishId, id))
		.orderBy(asc(ingredientLines.position));
	return { ...dish, lines, facts: factsOf(dish, lines) };
}

/** Every dish with its lines and facts, by name. */
export async function allDishes(db: Db): Promise<Dish[]> {
	const rows = await db
		.select()
		.from(dishes)
		.where(isNull(dishes.removedAtMs))
		.orderBy(asc(dishes.name));
	const byDish = new Map<number, LineRow[]>(rows.map((dish) => [dish.id, []]));
	for (const line of await db.select().from(ingredientLines).orderBy(asc(ingredientLines.position)))
		byDish.get(line.dishId)?.push(line);
	return rows.map((dish) => {
		const lines = byDish.get(dish.id) ?? [];
		return { ...dish, lines, facts: factsOf(dish, lines) };
	});
}

export async function listDishes(
	db: Db
): Promise<(DishRow & { lineCount: number; unread: number })[]> {
	const rows = await db
		.select({
			dish: dishes,
			lineCount: sql<number>`count(${ingredientLines.id})::int`,
			unread: sql<number>`(count(*) filter (where ${ingredientLines.understood} = 'text'))::int`
		})
		.from(dishes)
		.leftJoin(ingredientLines, eq(ingredientLines.dishId, dishes.id))
		.where(isNull(dishes.removedAtMs))
		.groupBy(dishes.id)
		.orderBy(asc(dishes.name));
	return rows.map(({ dish, ...counts }) => ({ ...dish, ...counts }));
}

/** Saves a dish and its lines; with an `id` it takes the place of that one. Returns its number. */
export async function saveDish(
	db: Db,
	values: NewDish,
	lines: readonly LineContent[],
	id?: number
): Promise<number> {
	return db.transaction(async (tx) => {
		const { createdAtMs, ...changes } = values;
		const [dish] =
			id === undefined
				? await tx
						.insert(dishes)
						.values({ ...changes, createdAtMs })
						.returning()
				: await tx
						.update(dishes)
						.set({ ...changes, version: sql`${dishes.version} + 1` })
						.where(eq(dishes.id, id))
						.returning();
		await tx.delete(ingredientLines).where(eq(ingredientLines.dishId, dish.id));
		if (lines.length > 0)
			await tx
				.insert(ingredientLines)
				.values(lines.map((line, position) => ({ ...line, dishId: dish.id, position })));
		return dish.id;
	});
}

export async function countDishes(db: Db): Promise<number> {
	const [row] = await db.select({ n: count() }).from(dishes).where(isNull(dishes.removedAtMs));
	return row.n;
}

/** Takes a dish off the menu, or puts it back; its packs stay. False when there is none with this number. */
export async function setDishRemoved(
	db: Db,
	id: number,
	removedAtMs: number | null
): Promise<boolean> {
	const changed = await db
		.update(dishes)
		.set({ removedAtMs })
		.where(eq(dishes.id, id))
		.returning({ id: dishes.id });
	return changed.length === 1;
}

/** A dish as an undo keeps it. */
export function contentOf(dish: Dish): DishContent {
	const { id: _id, version: _version, lines, facts: _facts, ...values } = dish;
	return {
		values,
		lines: lines.map(({ id: _line, dishId: _dish, position: _position, ...line }) => line)
	};
}
