import { asc, desc, eq } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { cooks, packings, packs } from '../db/schema/index.ts';
import type { Packing } from './packs.ts';

export type CookRow = typeof cooks.$inferSelect;

/** How packs of a dish were cooked before, or of one packing where it has no dish; oldest first. */
export async function cooksLike(
	db: Db,
	{ dishId, id }: Pick<Packing, 'dishId' | 'id'>
): Promise<CookRow[]> {
	const rows = await db
		.select({ cook: cooks })
		.from(cooks)
		.innerJoin(packs, eq(packs.id, cooks.packId))
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(dishId === null ? eq(packings.id, id) : eq(packings.dishId, dishId))
		.orderBy(asc(cooks.atMs));
	return rows.map((row) => row.cook);
}

/** The last time a pack was written down; null: not yet. */
export async function lastCookOf(db: Db, packId: number): Promise<CookRow | null> {
	const [row] = await db
		.select()
		.from(cooks)
		.where(eq(cooks.packId, packId))
		.orderBy(desc(cooks.id))
		.limit(1);
	return row ?? null;
}
