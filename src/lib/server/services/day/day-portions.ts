import {
	containersFor,
	type DishPieces,
	portionL,
	servingsOnPlate
} from '../../../core/packing/index.ts';
import { kindHandling, piecesAir01 } from '../../../core/foods/index.ts';
import type { Destination } from '../../../core/menu/index.ts';
import type { ContainerKey } from '../../../core/published/index.ts';
import type { Db } from '../../db/db.ts';
import { packsOfDay } from '../../queries/day-packs.ts';
import { containersLeft } from '../../queries/freezer-stock.ts';
import { piecesInPack, piecesOfDish } from '../dishes/pieces-of-dish.ts';
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
	/** of what comes in pieces: how many in one pack, and of what */
	pieces: DishPieces | null;
}

/** Destinations that get a pack with a label. */
const packed: ReadonlySet<Destination> = new Set<Destination>(['freezer', 'given']);

/** All portions of all dishes of a day that are still to be packed; and how many packs the plan asks for in all. */
export async function openPortions(
	db: Db,
	dayId: number
): Promise<{ open: OpenPortion[]; packs: number }> {
	const planned = await plannedDishes(db, dayId);
	const made = new Map<string, number>();
	const add = (dishId: number, servings: number, count: number) => {
		const key = `${dishId} ${servings}`;
		made.set(key, (made.get(key) ?? 0) + count);
	};
	for (const { dishId, servings, packs: count, plateOf } of await packsOfDay(db, dayId)) {
		add(dishId, servings, count);
		for (const part of plateOf ?? []) {
			const own = planned.find(({ dish }) => dish.id === part.dishId)?.dish;
			if (!own) continue;
			const dish = { packedKg: packedKgOf(own), servings: own.servings };
			add(own.id, servingsOnPlate(part.massKg, dish), count);
		}
	}
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
				air01: handling.pieces || piecesOfDish(dish) ? piecesAir01 : 0
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
					litres,
					pieces: piecesInPack(dish, portion.servings)
				}
			];
		})
	);
	return { open, packs };
}
