import { and, eq } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { cooks } from '../db/schema/index.ts';

/** Writes a cook down; null when this one of this pack is there already, sent twice by a device that was away. */
export async function addCook(db: Db, values: typeof cooks.$inferInsert): Promise<number | null> {
	const same = and(eq(cooks.packId, values.packId), eq(cooks.atMs, values.atMs));
	if ((await db.select({ id: cooks.id }).from(cooks).where(same)).length > 0) return null;
	const [row] = await db.insert(cooks).values(values).returning({ id: cooks.id });
	return row.id;
}

export async function removeCook(db: Db, id: number): Promise<void> {
	await db.delete(cooks).where(eq(cooks.id, id));
}

/** Whether what was eaten was enough; null takes that back. False when there is no such cook. */
export async function setEnough(
	db: Db,
	id: number,
	enough: (typeof cooks.$inferSelect)['enough']
): Promise<boolean> {
	const rows = await db.update(cooks).set({ enough }).where(eq(cooks.id, id)).returning();
	return rows.length === 1;
}

/** Keeps what was forecast for cooks, and with which appliance. */
export async function setForecasts(
	db: Db,
	made: readonly { id: number; forecastMin: number | null; withAppliance: string }[]
): Promise<void> {
	await db.transaction(async (tx) => {
		for (const { id, ...values } of made)
			await tx.update(cooks).set(values).where(eq(cooks.id, id));
	});
}
