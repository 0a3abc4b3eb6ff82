import { count, eq, isNull } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { dishes, packs } from '../db/schema/index.ts';

/** The live numbers at the stations, in one question. */
export async function frameCounts(db: Db): Promise<{ dishes: number; packs: number }> {
	const frozen = db.$with('frozen').as(
		db
			.select({ packs: count().as('packs') })
			.from(packs)
			.where(eq(packs.status, 'frozen'))
	);
	const all = db.$with('all_dishes').as(
		db
			.select({ dishes: count().as('dishes') })
			.from(dishes)
			.where(isNull(dishes.removedAtMs))
	);
	const [row] = await db
		.with(frozen, all)
		.select({ dishes: all.dishes, packs: frozen.packs })
		.from(frozen)
		.crossJoin(all);
	return row;
}
