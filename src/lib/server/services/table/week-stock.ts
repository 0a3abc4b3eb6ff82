import { isDishName } from '../../../core/foods/index.ts';
import type { DishStock } from '../../../core/serving/index.ts';
import type { Db } from '../../db/db.ts';
import type { PlannedMeal } from '../../db/schema/index.ts';
import { stockToPlan } from '../../queries/packs.ts';

/** A dish with what of it is frozen and not planned yet, use-first. */
export interface UnplannedDish {
	key: string;
	name: string;
	dishId: number | null;
	packs: DishStock['packs'][number][];
}

/** Every frozen pack, those that are planned, and by dish what is not. */
export async function weekStock(db: Db, meals: readonly PlannedMeal[]) {
	const planned = new Set(meals.flatMap(({ codes }) => codes));
	const rows = await stockToPlan(db);
	const unplanned = new Map<string, UnplannedDish>();
	for (const { code, key, dishId, name, servings, bestBy, isMeal } of rows) {
		// peas or bones are no dinner
		if (planned.has(code) || !isMeal || (dishId === null && !isDishName(name))) continue;
		const dish = unplanned.get(key) ?? { key, name, dishId, packs: [] };
		dish.packs.push({ code, servings, bestBy });
		unplanned.set(key, dish);
	}
	return { rows, planned, unplanned: [...unplanned.values()] };
}
