import { itemByName, type Item } from '../foods/item-catalogue.ts';
import { findItem } from '../foods/find-item.ts';
import type { LineStage } from '../foods/dish-facts.ts';
import { aisleNames, aisleOf, staples, type Aisle } from '../published/aisles.ts';

/** One line of a dish, as often as the dish is made. */
export interface NeedLine {
	dish: string;
	text: string;
	itemName: string | null;
	/** the words that name it, when the catalogue does not know it */
	item: string;
	/** for all batches; null: an open amount ("to taste") or not understood */
	massKg: number | null;
	stage: LineStage;
}
export interface ShopShare {
	dish: string;
	text: string;
	massKg: number | null;
	stage: LineStage;
}
/** One thing to buy. */
export interface ShopLine {
	/** stable name: a catalogue item, or the words for what it does not know */
	key: string;
	item: Item | null;
	name: string;
	aisle: Aisle;
	/** sum of what is known; null when no amount is */
	massKg: number | null;
	fromStockKg: number;
	toBuyKg: number | null;
	/** some dish wants it without saying how much */
	alsoOpen: boolean;
	staple: boolean;
	/** wanted only on the cooking day, and how that is bought */
	keeps: null | 'buy-now' | 'buy-that-week';
	shares: ShopShare[];
}

/** Groups that do not keep from a packing day to a cooking day weeks later, unfrozen. */
const spoils = new Set([
	'soft-dairy',
	'vegetables',
	'egg-raw',
	'fish-lean',
	'fish-oily',
	'shellfish',
	'poultry-pieces',
	'ground-meat',
	'steaks-chops-roasts',
	'sausage-raw',
	'cured-meat'
]);
/** Of those, what keeps for weeks all the same. */
const keepsAnyway = new Set([
	'onion',
	'garlic',
	'potato',
	'hard cheese',
	'butter',
	'ghee',
	'coconut milk',
	'canned tomatoes',
	'passata',
	'tomato paste',
	'olives',
	'capers',
	'dried mushrooms',
	'lemon'
]);

const byName = new Intl.Collator('en');

/**
 * One list over all dishes: lines of one item merged whatever unit they came in, stock deducted, by aisle. Amounts are kept:
 * the shares of a line sum to it, and it is what is taken from stock plus what is to buy.
 */
export function shoppingList(input: {
	lines: readonly NeedLine[];
	/** kilograms at home, by catalogue name */
	stockKg?: Readonly<Record<string, number>>;
}): ShopLine[] {
	const byKey = new Map<string, ShopShare[]>();
	for (const { itemName, item, dish, text, massKg, stage } of input.lines) {
		const key = itemName ?? item.toLowerCase();
		const shares = byKey.get(key);
		const share = { dish, text, massKg, stage };
		if (shares) shares.push(share);
		else byKey.set(key, [share]);
	}
	const list = [...byKey].map(([key, shares]) => lineOf(key, shares, input.stockKg ?? {}));
	return list.sort(
		(a, b) =>
			aisleNames.indexOf(a.aisle) - aisleNames.indexOf(b.aisle) || byName.compare(a.name, b.name)
	);
}

function lineOf(
	key: string,
	shares: ShopShare[],
	stockKg: Readonly<Record<string, number>>
): ShopLine {
	const item = itemByName(key);
	const known = shares.filter((share) => share.massKg !== null);
	const massKg = known.length ? known.reduce((sum, share) => sum + (share.massKg ?? 0), 0) : null;
	const fromStockKg = Math.min(massKg ?? 0, Math.max(0, stockKg[key] ?? 0));
	const onTheDay = shares.every((share) => share.stage === 'cook-day' || share.stage === 'serve');
	const goesOff = item?.storage && spoils.has(item.storage) && !keepsAnyway.has(item.name);
	return {
		key,
		item,
		name: item?.name ?? key,
		aisle: aisleOf(item),
		massKg,
		fromStockKg,
		toBuyKg: massKg === null ? null : massKg - fromStockKg,
		alsoOpen: known.length < shares.length,
		staple: item !== null && staples.has(item.name),
		keeps: onTheDay ? (goesOff ? 'buy-that-week' : 'buy-now') : null,
		shares
	};
}

/** The catalogue's name for what a cook typed of stock or prices; null when it is not known. */
export const catalogueName = (typed: string): string | null => findItem(typed)?.name ?? null;
