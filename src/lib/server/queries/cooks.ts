import { asc, eq, isNotNull } from 'drizzle-orm';
import type { LoggedCook } from '../../core/learning/learn-from-cooks.ts';
import { lyingBy } from '../../core/serving/lying-by.ts';
import { asIf } from '../../core/serving/as-if.ts';
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

/** Cooks whose core was measured, with what lay in the appliance. */
export async function measuredCooks(db: Db): Promise<LoggedCook[]> {
	const rows = await db
		.select({ cook: cooks, assumed: packs.assumed, cardInput: packings.cardInput })
		.from(cooks)
		.innerJoin(packs, eq(packs.id, cooks.packId))
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(isNotNull(cooks.coreC))
		.orderBy(asc(cooks.atMs));
	return rows.flatMap(({ cook, assumed, cardInput }) => {
		if (!cardInput) return [];
		const convert = assumed ? asIf(cardInput.convert, assumed) : cardInput.convert;
		const cooked: LoggedCook = {
			method: cook.method,
			state: cook.route === 'frozen' || cook.route === 'softened' ? 'frozen' : 'thawed',
			setMin: cook.setMin,
			coreC: cook.coreC as number,
			convert: lyingBy(cook.route, convert)
		};
		return [cooked];
	});
}
