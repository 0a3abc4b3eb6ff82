import { allItems, itemByName, likeOf, type Item } from '../foods/item-catalogue.ts';
import { findItem, readItem } from '../foods/find-item.ts';
import { boughtKg, lineKg } from '../foods/line-mass.ts';
import { nameWords } from '../foods/name-words.ts';
import type { LineStage } from '../foods/dish-facts.ts';
import { aisleNames, staples, type Aisle } from '../published/aisles.ts';

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
	/** as it was read, to know a can's own weight where it is drained into the dish */
	quantity?: number | null;
	quantityTo?: number | null;
	unit?: string | null;
	cut?: string | null;
	form?: string | null;
}
export interface ShopShare {
	dish: string;
	text: string;
	massKg: number | null;
	stage: LineStage;
}
/** One thing to buy. */
export interface ShopLine {
	/** stable name: a catalogue item with the cook's word where it holds several things to buy, or the words it does not know */
	key: string;
	item: Item | null;
	/** in the cook's own words */
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

const byName = new Intl.Collator('en');

/** Items a kitchen has as a rule, by the catalogue's names. */
export const stapleItems: ReadonlySet<string> = new Set(
	allItems.filter(({ like }) => staples.has(like)).map(({ name }) => name)
);

/**
 * One list over all dishes: lines of one item merged whatever unit they came in, stock deducted, by aisle. Amounts are kept:
 * the shares of a line sum to it, and it is what is taken from stock plus what is to buy.
 */
export function shoppingList(input: {
	lines: readonly NeedLine[];
	/** kilograms at home, by catalogue name */
	stockKg?: Readonly<Record<string, number>>;
}): ShopLine[] {
	const byKey = new Map<string, Bought>();
	for (const line of input.lines) {
		const { itemName, item, dish, text, stage } = line;
		const own = ownName(item);
		const several = itemName !== null && itemByName(itemName)?.mixed && own !== null;
		const key = several ? `${itemName}: ${own}` : (itemName ?? nameWords(item).join(' '));
		const share = { dish, text, massKg: asBoughtKg(line), stage };
		const known = byKey.get(key);
		if (known) {
			known.shares.push(share);
			known.words.push(item);
		} else byKey.set(key, { itemName, shares: [share], words: [item] });
	}
	const list = [...byKey].map(([key, bought]) => lineOf(key, bought, input.stockKg ?? {}));
	return list.sort(
		(a, b) =>
			aisleNames.indexOf(a.aisle) - aisleNames.indexOf(b.aisle) || byName.compare(a.name, b.name)
	);
}

interface Bought {
	itemName: string | null;
	shares: ShopShare[];
	/** what each dish calls it */
	words: string[];
}

/** The name a cook's words hold, plurals taken off: "large carrots" and "carrot" are one. */
const ownName = (words: string): string | null => readItem(words)?.name ?? null;

/** Weight of a line as it is bought: where a can is drained into the dish, the can. */
function asBoughtKg(line: NeedLine): number | null {
	const { quantity, quantityTo = null, unit = null, itemName, massKg } = line;
	if (massKg === null || quantity == null) return massKg;
	const kept = {
		quantity,
		quantityTo,
		unit,
		itemName,
		cut: line.cut ?? line.text,
		form: line.form
	};
	const [used, bought] = [lineKg(kept), boughtKg(kept)];
	return used && bought ? (massKg * bought) / used : massKg;
}

const sizes =
	/^(?:(?:extra[- ])?(?:large|small|medium|big|ripe|fresh|good|some|a little|a few|of)\s+)+/i;

/** What a line is called: as most of its dishes do, shortest first; the catalogue's word when each calls it something else. */
function nameOf({ itemName, words }: Bought, key: string): string {
	const called = new Map<string, string[]>();
	for (const word of words) {
		const plain = word.replace(sizes, '').trim();
		const own = ownName(plain) ?? nameWords(plain).join(' ');
		called.set(own, [...(called.get(own) ?? []), plain]);
	}
	const ranked = [...called.values()].sort((a, b) => b.length - a.length);
	if (ranked.length > 1 && itemName && ranked[0].length === ranked[1].length) return itemName;
	const [shortest = key] = [...(ranked[0] ?? [])].sort((a, b) => a.length - b.length);
	return shortest || key;
}

function lineOf(key: string, bought: Bought, stockKg: Readonly<Record<string, number>>): ShopLine {
	const { itemName, shares } = bought;
	const item = itemName ? itemByName(itemName) : null;
	const known = shares.filter((share) => share.massKg !== null);
	const massKg = known.length ? known.reduce((sum, share) => sum + (share.massKg ?? 0), 0) : null;
	const fromStockKg = Math.min(massKg ?? 0, Math.max(0, stockKg[itemName ?? key] ?? 0));
	const onTheDay = shares.every((share) => share.stage === 'cook-day' || share.stage === 'serve');
	return {
		key,
		item,
		name: nameOf(bought, key),
		aisle: item?.aisle ?? 'other',
		massKg,
		fromStockKg,
		toBuyKg: massKg === null ? null : massKg - fromStockKg,
		alsoOpen: known.length < shares.length,
		staple: staples.has(likeOf(itemName) ?? ''),
		keeps: onTheDay ? (item?.keeps === 'days' ? 'buy-that-week' : 'buy-now') : null,
		shares
	};
}

/** The catalogue's name for what a cook typed of stock or prices; null when it is not known. */
export const catalogueName = (typed: string): string | null => findItem(typed)?.name ?? null;
