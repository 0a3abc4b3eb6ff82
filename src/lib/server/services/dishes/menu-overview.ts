import { handsMin, longestCookingMin } from '../../../core/steps/index.ts';
import {
	dishCosts,
	type PriceEntry,
	priceLines,
	shoppingList
} from '../../../core/shopping/index.ts';
import type { DishKind } from '../../../core/index.ts';
import type { Db } from '../../db/db.ts';
import { frozenByDish } from '../../queries/packs-by-dish.ts';
import { knownChoices, menuDishes } from '../../queries/menu-index.ts';
import { listPrices } from '../../queries/pantry.ts';
import { picturesAt } from '../../queries/dish-pictures.ts';
import type { Dish } from '../../queries/dishes.ts';
import { needsOf } from '../day/plan-menu.ts';
import { stepsOfDish } from './steps-of-dish.ts';

/** A dish as the menu lists it. */
export interface MenuRow {
	id: number;
	name: string;
	kind: DishKind;
	state: 'raw' | 'cooked';
	servings: number;
	/** lines kept as text */
	unread: number;
	/** hands' work and what cooks by itself, one batch */
	handsMin: number;
	cooksMin: number;
	/** of a serving, as used of whole packs; null: nothing of it has a price */
	costCents: number | null;
	frozenPacks: number;
	frozenServings: number;
	/** YYYY-MM-DD; null: never packed */
	lastOn: string | null;
	/** when its photo was taken in; null: none */
	pictureAtMs: number | null;
}

/** What a serving takes of the packs that would be bought for it, cents; null: nothing of it has a price. */
function centsOf(dish: Dish, prices: readonly PriceEntry[]): number | null {
	const list = shoppingList({ lines: needsOf(dish, 1), stockKg: {} });
	const [cost] = dishCosts(
		priceLines({
			lines: list,
			prices,
			prefer: 'price',
			withStaples: false,
			known: knownChoices(prices)
		})
	);
	return cost && cost.usedCents > 0 ? cost.usedCents / dish.servings : null;
}

/** The same of one dish. */
export const servingCents = async (db: Db, dish: Dish): Promise<number | null> =>
	centsOf(dish, await listPrices(db));

/** Every dish of the menu with what a cook chooses by, by name. */
export async function menuOverview(db: Db): Promise<MenuRow[]> {
	const [dishes, prices, frozen, pictures] = await Promise.all([
		menuDishes(db),
		listPrices(db),
		frozenByDish(db),
		picturesAt(db)
	]);
	return dishes
		.filter(({ plateOf }) => plateOf === null)
		.map((dish) => ({
			id: dish.id,
			name: dish.name,
			kind: dish.kind,
			state: dish.state,
			servings: dish.servings,
			unread: dish.lines.filter(
				({ understood, doubts }) => understood === 'text' || doubts.length > 0
			).length,
			handsMin: handsMin(stepsOfDish(dish), 1),
			cooksMin: longestCookingMin(stepsOfDish(dish), 1),
			costCents: centsOf(dish, prices),
			frozenPacks: frozen.get(dish.id)?.packs ?? 0,
			frozenServings: frozen.get(dish.id)?.servings ?? 0,
			lastOn: frozen.get(dish.id)?.lastOn ?? null,
			pictureAtMs: pictures.get(dish.id) ?? null
		}));
}
