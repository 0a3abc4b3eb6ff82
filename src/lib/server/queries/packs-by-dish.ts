import { and, eq, isNotNull, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { dishes, packings, packs } from '../db/schema/index.ts';

/** What of each dish is in the freezer, and the day it was packed last. */
export async function frozenByDish(
	db: Db
): Promise<Map<number, { packs: number; servings: number; lastOn: string }>> {
	const frozen = db
		.select({
			dishId: packings.dishId,
			packs: sql<number>`count(*)`.as('frozen_packs'),
			servings: sql<number>`round(sum(${packings.servings} * ${packs.part01}))`.as(
				'frozen_servings'
			)
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(and(eq(packs.status, 'frozen'), isNotNull(packings.dishId)))
		.groupBy(packings.dishId)
		.as('frozen');
	// by the index of a dish's packings, whatever there was over the years
	const lastOn = sql<
		string | null
	>`(select max(${packings.packedOn}) from ${packings} where ${packings.dishId} = ${dishes.id})`;
	const rows = await db
		.select({
			dishId: dishes.id,
			packs: sql<number>`coalesce(${frozen.packs}, 0)::int`,
			servings: sql<number>`coalesce(${frozen.servings}, 0)::int`,
			lastOn
		})
		.from(dishes)
		.leftJoin(frozen, eq(frozen.dishId, dishes.id));
	return new Map(
		rows.flatMap(({ dishId, lastOn, ...row }) =>
			lastOn === null ? [] : [[dishId, { ...row, lastOn }]]
		)
	);
}
