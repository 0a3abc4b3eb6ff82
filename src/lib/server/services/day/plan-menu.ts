import { hygieneOf, isRawMeatClass } from '../../../core/foods/index.ts';
import { dayTotals, goesWellWith, type RankedDish } from '../../../core/menu/index.ts';
import {
	dishCosts,
	type NeedLine,
	priceLines,
	shoppingList,
	stapleItems
} from '../../../core/shopping/index.ts';
import { handsMin, longestCookingMin } from '../../../core/steps/index.ts';
import type { Db } from '../../db/db.ts';
import { dishesOfDay, getDay } from '../../queries/days.ts';
import { getDishes, type Dish } from '../../queries/dishes.ts';
import { listFreezers } from '../../queries/household.ts';
import { knownChoices, menuDishes } from '../../queries/menu-index.ts';
import { withDishes } from './day-dishes.ts';
import { packedKgOf } from './packed-kg.ts';
import { unpromisedKg } from './promised.ts';
import { stepsOfDish } from '../dishes/steps-of-dish.ts';
import { frozenSummary, listPrices, stockKgByItem } from '../../queries/pantry.ts';

const cutWords = /(diced|chopped|sliced|minced|grated|shredded|cubed|crushed)/;

/** What so many batches of a dish take, line by line. */
export function needsOf(dish: Dish, batches: number): NeedLine[] {
	return dish.lines.flatMap((line) => {
		if (line.understood === 'heading') return [];
		const kg = line.massKg;
		return {
			dish: dish.name,
			text: line.text,
			itemName: line.itemName,
			item: line.item || line.text,
			massKg: kg === null ? null : kg * batches,
			stage: line.stage,
			quantity: line.quantity,
			quantityTo: line.quantityTo,
			unit: line.unit,
			cut: line.cut,
			form: line.form
		};
	});
}

function rankedOf(dish: Dish, frozenServings: number): RankedDish {
	const needKg = new Map<string, number>();
	const chopped = new Set<string>();
	let protein: { item: string; kg: number } | null = null;
	for (const line of dish.lines) {
		if (!line.itemName) continue;
		const kg = line.massKg ?? 0;
		needKg.set(line.itemName, (needKg.get(line.itemName) ?? 0) + kg);
		const cut = cutWords.exec(line.cut)?.[1];
		if (cut) chopped.add(`${line.itemName}, ${cut}`);
		if (isRawMeatClass(hygieneOf(line.itemName)) && kg > (protein?.kg ?? 0))
			protein = { item: line.itemName, kg };
	}
	const told = dish.instruction?.method;
	return {
		id: dish.id,
		name: dish.name,
		needKg,
		chopped,
		ovenC: told?.appliance === 'oven' ? told.ovenC : null,
		protein: protein?.item ?? null,
		frozenServings
	};
}

export interface PlanOptions {
	prefer: 'price' | 'least-left';
	withStaples: boolean;
	/** ranks other dishes, too: the whole menu is read */
	matches: boolean;
	/** YYYY-MM-DD: what days before this one want is not at home for it */
	today: string;
}

/** What cooks longest by itself of a day, whatever it cooks in; null when nothing does. */
function longestPot(planned: readonly { row: { batches: number }; dish: Dish }[]) {
	const all = planned.map(({ row, dish }) => ({
		dish: dish.name,
		minutes: longestCookingMin(stepsOfDish(dish), row.batches)
	}));
	const [longest] = all.sort((a, b) => b.minutes - a.minutes);
	return longest && longest.minutes > 0 ? longest : null;
}

/** A packing day with everything that follows from it; null when there is no such day. */
export async function planOfDay(db: Db, dayId: number, options: PlanOptions) {
	const day = await getDay(db, dayId);
	if (!day) return null;
	const rows = await dishesOfDay(db, dayId);
	const menu = options.matches ? await menuDishes(db) : [];
	const onMenu = new Map(menu.map((dish) => [dish.id, dish]));
	const others = rows.map(({ dishId }) => dishId).filter((id) => !onMenu.has(id));
	const planned = withDishes(rows, new Map([...onMenu, ...(await getDishes(db, others))]));
	const [stockKg, prices, frozen, freezers] = await Promise.all([
		stockKgByItem(db),
		listPrices(db),
		frozenSummary(db),
		listFreezers(db)
	]);
	const list = shoppingList({
		lines: planned.flatMap(({ row, dish }) => needsOf(dish, row.batches)),
		stockKg: await unpromisedKg(db, day, options.today, stockKg)
	});
	const priced = priceLines({ lines: list, prices, known: knownChoices(prices), ...options });
	const totals = dayTotals({
		dishes: planned.map(({ row, dish }) => ({
			servings: dish.servings,
			batches: row.batches,
			packedKg: packedKgOf(dish),
			densityKgPerL: dish.facts.densityKgPerM3 / 1000,
			portions: row.portions
		})),
		freezers,
		storedL: frozen.storedL
	});
	const ranked = (dish: Dish) => rankedOf(dish, frozen.servings.get(dish.id) ?? 0);
	const chosen = planned.map(({ dish }) => ranked(dish));
	const chosenIds = new Set(chosen.map((dish) => dish.id));
	const leftKg = Object.fromEntries(priced.map(({ line, leftKg: left }) => [line.key, left]));
	return {
		day,
		planned,
		list,
		priced,
		costs: dishCosts(priced),
		totals,
		handsMin: planned.reduce(
			(sum, { row, dish }) => sum + handsMin(stepsOfDish(dish), row.batches),
			0
		),
		longest: longestPot(planned),
		matches: options.matches
			? goesWellWith({
					chosen,
					others: menu.filter((dish) => !chosenIds.has(dish.id)).map(ranked),
					leftKg,
					common: stapleItems
				})
			: []
	};
}
