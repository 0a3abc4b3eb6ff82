import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { plannedMeals, type PlannedMeal } from '../db/schema/index.ts';

/** Plans meals. Gives their numbers. */
export async function addMeals(
	db: Db,
	values: (typeof plannedMeals.$inferInsert)[]
): Promise<number[]> {
	if (values.length === 0) return [];
	const rows = await db.insert(plannedMeals).values(values).returning({ id: plannedMeals.id });
	return rows.map(({ id }) => id);
}

/** Changes a meal that is still as it was when it was shown; false when somebody else was quicker. */
export async function changeMeal(
	db: Db,
	{ id, version }: { id: number; version: number },
	values: Partial<typeof plannedMeals.$inferInsert>
): Promise<boolean> {
	const rows = await db
		.update(plannedMeals)
		.set({ ...values, version: sql`${plannedMeals.version} + 1` })
		.where(and(eq(plannedMeals.id, id), eq(plannedMeals.version, version)))
		.returning({ id: plannedMeals.id });
	return rows.length === 1;
}

export async function removeMeals(db: Db, ids: readonly number[]): Promise<void> {
	await db.delete(plannedMeals).where(inArray(plannedMeals.id, [-1, ...ids]));
}

/** Meals as they were, with their numbers; a calendar sees them changed once more. */
export async function putMeals(db: Db, rows: readonly PlannedMeal[]): Promise<void> {
	for (const { version, id, ...row } of rows) {
		const now = sql`greatest(${plannedMeals.version}, ${version}) + 1`;
		await db
			.insert(plannedMeals)
			.overridingSystemValue()
			.values({ ...row, id, version: version + 1 })
			.onConflictDoUpdate({ target: plannedMeals.id, set: { ...row, version: now } });
	}
}
