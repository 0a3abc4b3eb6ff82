import { eq, isNotNull, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { packings, packs } from '../db/schema/index.ts';

/** What of each dish is in the freezer, and the day it was packed last. */
export async function frozenByDish(
	db: Db
): Promise<Map<number, { packs: number; servings: number; lastOn: string }>> {
	const rows = await db
		.select({
			dishId: packings.dishId,
			packs: sql<number>`(count(*) filter (where ${packs.status} = 'frozen'))::int`,
			servings: sql<number>`coalesce(round(sum(${packings.servings} * ${packs.part01}) filter (where ${packs.status} = 'frozen')), 0)::int`,
			lastOn: sql<string>`max(${packings.packedOn})`
		})
		.from(packings)
		.innerJoin(packs, eq(packs.packingId, packings.id))
		.where(isNotNull(packings.dishId))
		.groupBy(packings.dishId);
	return new Map(rows.flatMap(({ dishId, ...row }) => (dishId === null ? [] : [[dishId, row]])));
}
