import { and, eq, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import {
	dishes,
	dishNotes,
	dishVersions,
	ingredientLines,
	type LineContent,
	type NewDish
} from '../db/schema/index.ts';
import { type DishRow, type LineRow } from '../queries/dishes.ts';

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

export async function addNote(db: Db, values: typeof dishNotes.$inferInsert): Promise<void> {
	const { dishId, atMs, text } = values;
	const same = and(
		eq(dishNotes.dishId, dishId),
		eq(dishNotes.atMs, atMs),
		eq(dishNotes.text, text)
	);
	// the same entry, sent again, is one note
	if ((await db.select({ id: dishNotes.id }).from(dishNotes).where(same)).length === 0)
		await db.insert(dishNotes).values(values);
}

/** Moves a line of a dish to another stage, or adds words to it; the dish's version rises. */
export async function changeLine(
	db: Db,
	dishId: number,
	position: number,
	change: Partial<Pick<LineRow, 'stage' | 'text' | 'cut'>>
): Promise<boolean> {
	return db.transaction(async (tx) => {
		const rows = await tx
			.update(ingredientLines)
			.set(change)
			.where(and(eq(ingredientLines.dishId, dishId), eq(ingredientLines.position, position)))
			.returning({ id: ingredientLines.id });
		await tx
			.update(dishes)
			.set({ version: sql`${dishes.version} + 1` })
			.where(eq(dishes.id, dishId));
		return rows.length === 1;
	});
}

/** Sets what a dish has beside its recipe: allergens as corrected, steps, what it stands for. */
export async function setDishExtras(
	db: Db,
	dishId: number,
	change: Partial<Pick<DishRow, 'allergens' | 'steps' | 'standsFor'>>
): Promise<boolean> {
	const rows = await db
		.update(dishes)
		.set({ ...change, version: sql`${dishes.version} + 1` })
		.where(eq(dishes.id, dishId))
		.returning({ id: dishes.id });
	return rows.length === 1;
}

export async function addVersion(db: Db, values: typeof dishVersions.$inferInsert): Promise<void> {
	await db.insert(dishVersions).values(values);
}

/** Keeps what was learned of a dish. False when there is none with this number. */
export async function setDishLearned(
	db: Db,
	id: number,
	values: Pick<DishRow, 'learned' | 'usualBatches'>
): Promise<boolean> {
	const rows = await db.update(dishes).set(values).where(eq(dishes.id, id)).returning();
	return rows.length === 1;
}

/** Takes a note away again. */
export async function removeNote(db: Db, dishId: number, atMs: number): Promise<void> {
	await db.delete(dishNotes).where(and(eq(dishNotes.dishId, dishId), eq(dishNotes.atMs, atMs)));
}
