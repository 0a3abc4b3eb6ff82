import { containersFor, portionL } from '../../../core/packing/choose-container.ts';
import { kindHandling, piecesAir01 } from '../../../core/foods/kind-handling.ts';
import type { Destination } from '../../../core/menu/day-totals.ts';
import type { ContainerKey } from '../../../core/published/containers.ts';
import type { Db } from '../../db/db.ts';
import { packsOfDay } from '../../queries/day-packs.ts';
import { containersLeft } from '../../queries/freezer-stock.ts';
import { packedKgOf } from './packed-kg.ts';
import { plannedDishes } from './day-dishes.ts';

/** Portions of a dish that are frozen or given away, as they are planned and as far as they are not packed yet. */
export interface OpenPortion {
	/** the same from one look to the next */
	key: string;
	dishId: number;
	name: string;
	to: Destination;
	packs: number;
	servings: number;
	/** of one pack */
	massKg: number;
	container: ContainerKey;
	/** of one pack */
	litres: number;
}

/** Destinations that get a pack with a label. */
const packed: ReadonlySet<Destination> = new Set<Destination>(['freezer', 'given']);

/** All portions of all dishes of a day that are still to be packed; and how many packs the plan asks for in all. */
export async function openPortions(
	db: Db,
	dayId: number
): Promise<{ open: OpenPortion[]; packs: number }> {
	const planned = await plannedDishes(db, dayId);
	const made = new Map(
		(await packsOfDay(db, dayId)).map((row) => [`${row.dishId} ${row.servings}`, row.packs])
	);
	const left = Object.fromEntries(
		(await containersLeft(db)).map((row) => [row.container, row.left])
	);
	let packs = 0;
	const open = planned.flatMap(({ row, dish }) =>
		row.portions.flatMap((portion, i): OpenPortion[] => {
			if (!packed.has(portion.to)) return [];
			packs += portion.packs;
			const key = `${dish.id} ${portion.servings}`;
			const done = Math.min(made.get(key) ?? 0, portion.packs);
			made.set(key, (made.get(key) ?? 0) - done);
			if (portion.packs === done) return [];
			const massKg = (packedKgOf(dish) * portion.servings) / dish.servings;
			const handling = kindHandling[dish.kind];
			const litres = portionL({
				massKg,
				densityKgPerM3: dish.facts.densityKgPerM3,
				air01: handling.pieces ? piecesAir01 : 0
			});
			const [best] = containersFor({
				portionL: litres,
				count: portion.packs - done,
				liquid: handling.runs,
				bake: handling.bake,
				left
			});
			return [
				{
					key: `${dish.id}-${i}`,
					dishId: dish.id,
					name: dish.name,
					to: portion.to,
					packs: portion.packs - done,
					servings: portion.servings,
					massKg,
					container: best.key,
					litres
				}
			];
		})
	);
	return { open, packs };
}
