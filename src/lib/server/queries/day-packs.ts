import { asc, eq, sql } from 'drizzle-orm';
import type { PlatePart } from '../../core/packing/index.ts';
import type { Db } from '../db/db.ts';
import { dishes, packings, packs } from '../db/schema/index.ts';

/** Packs that were made on a packing day, by dish and servings in each. */
export async function packsOfDay(
	db: Db,
	dayId: number
): Promise<{ dishId: number; servings: number; packs: number; plateOf: PlatePart[] | null }[]> {
	const rows = await db
		.select({
			dishId: packings.dishId,
			servings: packings.servings,
			plateOf: dishes.plateOf,
			packs: sql<number>`count(${packs.id})::int`
		})
		.from(packings)
		.innerJoin(packs, eq(packs.packingId, packings.id))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.where(eq(packings.dayId, dayId))
		.groupBy(packings.dishId, packings.servings, dishes.plateOf);
	return rows.flatMap((row) => (row.dishId === null ? [] : [{ ...row, dishId: row.dishId }]));
}

/** Codes of the packs that were made on a packing day: what one label job prints. */
export async function codesOfDay(db: Db, dayId: number): Promise<string[]> {
	const rows = await db
		.select({ code: packs.code })
		.from(packs)
		.innerJoin(packings, eq(packs.packingId, packings.id))
		.where(eq(packings.dayId, dayId))
		.orderBy(asc(packs.id));
	return rows.map(({ code }) => code);
}
