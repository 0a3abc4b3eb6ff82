import { dishCosts, priceLines } from '../../../core/shopping/shop-costs.ts';
import { shoppingList } from '../../../core/shopping/shopping-list.ts';
import type { Db } from '../../db/db.ts';
import type { Dish } from '../../queries/dishes.ts';
import { knownChoices } from '../../queries/menu-index.ts';
import { listPrices } from '../../queries/pantry.ts';
import { needsOf } from '../day/plan-menu.ts';

/** What a serving of a dish costs by the price book of today, cents: what is used of the packs it is bought in; staples are at home. Null where something in it has no price. */
export async function servingCentsOf(db: Db, dish: Dish): Promise<number | null> {
	const prices = await listPrices(db);
	if (prices.length === 0) return null;
	const lines = shoppingList({ lines: needsOf(dish, 1), stockKg: {} });
	const priced = priceLines({
		lines,
		prices,
		prefer: 'price',
		withStaples: false,
		known: knownChoices(prices)
	});
	const [cost] = dishCosts(priced);
	const isWhole = cost && cost.unpriced.length === 0;
	return isWhole ? cost.usedCents / dish.servings : null;
}
