import { isIce, someFood } from '../../../core/foods/index.ts';
import { defrostPlan, usableL } from '../../../core/storage/index.ts';
import { addDays } from '../../../core/units/index.ts';
import type { Db } from '../../db/db.ts';
import { foodsInFreezer, shelfContents } from '../../queries/freezer-stock.ts';
import type { Freezer } from '../../queries/household.ts';

/** Best by within so many days is eaten on the day. */
const soonDays = 14;

/** Where the packs of a freezer go while it is defrosted, and which other freezer has most room; null: there is none. */
export async function defrostOf(
	db: Db,
	freezer: Freezer,
	freezers: readonly Freezer[],
	today: string
) {
	const contents = await shelfContents(db, 0);
	const takenL = ({ shelves }: Freezer) =>
		contents
			.filter(({ shelfId }) => shelves.some(({ id }) => id === shelfId))
			.reduce((sum, { litres }) => sum + litres, 0);
	const [otherFreezer = null] = freezers
		.filter(({ id }) => id !== freezer.id)
		.map((of) => ({ name: of.name, leftL: Math.max(0, usableL(of) - takenL(of)) }))
		.sort((a, b) => b.leftL - a.leftL);
	const packs = (await foodsInFreezer(db, freezer.id)).map(({ food, ...pack }) => ({
		...pack,
		food: food ?? someFood,
		isIce: isIce(pack.name)
	}));
	const until = addDays(today, soonDays);
	const {
		eat,
		other: toOther,
		stack
	} = defrostPlan(packs, {
		otherL: otherFreezer?.leftL ?? 0,
		until
	});
	return { otherFreezer, eat, toOther, stack };
}
