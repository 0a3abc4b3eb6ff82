import { refrigeratorDays } from '../../../core/published/after-thawing.ts';
import { isDishName } from '../../../core/foods/stock-name.ts';
import type { DishStock } from '../../../core/serving/weeks/fill-week.ts';
import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import type { PlannedMeal } from '../../db/schema/index.ts';
import { eatenSince, stockToPlan } from '../../queries/packs.ts';

const fortnightMs = 14 * 86_400_000;

/** What is frozen and not planned yet, by dish, with names and the dish of every pack. */
export async function weekStock(
	db: Db,
	meals: readonly PlannedMeal[],
	nowMs: number,
	timeZone: string
) {
	const planned = new Set(meals.flatMap(({ codes }) => codes));
	const rows = await stockToPlan(db);
	const eaten = await eatenSince(db, nowMs - fortnightMs);
	const stock = new Map<string, DishStock & { packs: DishStock['packs'][number][] }>();
	const keyOf = new Map<string, string>();
	const nameOf = new Map<string, string>();
	for (const { code, key, dishId, name, servings, bestBy, isMeal } of rows) {
		keyOf.set(code, key);
		nameOf.set(key, name);
		// peas or bones are no dinner
		if (planned.has(code) || !isMeal || (dishId === null && !isDishName(name))) continue;
		const lastMs = dishId === null ? undefined : eaten.get(dishId);
		const dish = stock.get(key) ?? {
			key,
			packs: [],
			eatenOn: lastMs === undefined ? null : dayIn(lastMs, timeZone),
			leftoverDays: refrigeratorDays['soup-stew']
		};
		dish.packs.push({ code, servings, bestBy });
		stock.set(key, dish);
	}
	return { stock: [...stock.values()], keyOf, nameOf, rows, planned };
}
