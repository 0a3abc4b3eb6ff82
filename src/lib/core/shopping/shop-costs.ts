import { choosePacks, type PackChoice } from './choose-packs.ts';
import type { ShopLine } from './shopping-list.ts';

/** A pack a household can buy of an item. */
export interface PriceEntry {
	id: number;
	itemName: string;
	label: string;
	sizeKg: number;
	priceCents: number;
	shop: string;
	/** the day it was paid, YYYY-MM-DD; null: written down without one */
	onDay?: string | null;
}

export interface PricedLine {
	line: ShopLine;
	/** what to buy: packs with how many of each; empty when bought as needed or not priced */
	packs: { entry: PriceEntry; count: number }[];
	/** price of those whole packs; null: not in the price book */
	wholeCents: number | null;
	/** price of what is used of them */
	usedCents: number | null;
	leftKg: number;
}

export interface DishCost {
	dish: string;
	/** share of what was used, and of the price of whole packs */
	usedCents: number;
	wholeCents: number;
	/** items without a price */
	unpriced: string[];
}

/** So little short is none: a tin of 400 mL is the tin the recipe means, whatever its litre weighs. Judgement. */
const asGood01 = 0.025;

/** Whole packs for each line of a list, the cheapest or with the least left over, from the household's price book. */
export function priceLines(input: {
	lines: readonly ShopLine[];
	prices: readonly PriceEntry[];
	prefer: 'price' | 'least-left';
	/** staples at home cost nothing */
	withStaples: boolean;
	/** choices made before with the same prices: a change of one dish leaves most lines as they were */
	known?: Map<string, PackChoice>;
}): PricedLine[] {
	const byItem = new Map<string, PriceEntry[]>();
	for (const entry of input.prices) {
		const known = byItem.get(entry.itemName);
		if (known) known.push(entry);
		else byItem.set(entry.itemName, [entry]);
	}
	return input.lines.map((line) => {
		const entries = byItem.get(line.item?.name ?? line.key) ?? [];
		const openKg = line.toBuyKg ?? 0;
		const need = openKg * (1 - asGood01);
		const atHome = line.staple && !input.withStaples;
		if (atHome || need <= 0)
			return {
				line,
				packs: [],
				wholeCents: 0,
				usedCents: atHome ? 0 : usedFromStock(line, entries),
				leftKg: 0
			};
		const key = `${line.key}|${need}|${input.prefer}`;
		const choice: PackChoice | null = entries.length
			? (input.known?.get(key) ??
				choosePacks({
					need,
					prefer: input.prefer,
					packs: entries.map(({ sizeKg, priceCents }) => ({ size: sizeKg, priceCents }))
				}))
			: null;
		if (choice) input.known?.set(key, choice);
		if (!choice || choice.outcome === 'cannot-cover')
			return { line, packs: [], wholeCents: null, usedCents: null, leftKg: 0 };
		const bought = need + choice.left;
		return {
			line,
			packs: choice.counts.flatMap((count, i) => (count > 0 ? [{ entry: entries[i], count }] : [])),
			wholeCents: choice.priceCents,
			usedCents:
				(choice.priceCents * Math.min(openKg, bought)) / bought + usedFromStock(line, entries),
			leftKg: Math.max(0, bought - openKg)
		};
	});
}

/** What comes from stock was paid for once, too: at the cheapest price of its kilogram. */
function usedFromStock(line: ShopLine, entries: readonly PriceEntry[]): number {
	if (line.fromStockKg <= 0 || entries.length === 0) return 0;
	return line.fromStockKg * Math.min(...entries.map((entry) => entry.priceCents / entry.sizeKg));
}

/** Costs shared out to dishes by the weight each takes of a line. */
export function dishCosts(priced: readonly PricedLine[]): DishCost[] {
	const byDish = new Map<string, DishCost>();
	for (const { line, wholeCents, usedCents } of priced) {
		const total = line.massKg ?? 0;
		for (const { dish, massKg } of line.shares) {
			const cost = byDish.get(dish) ?? { dish, usedCents: 0, wholeCents: 0, unpriced: [] };
			byDish.set(dish, cost);
			if (massKg === null || total <= 0) continue;
			if (wholeCents === null || usedCents === null) {
				if (!cost.unpriced.includes(line.name)) cost.unpriced.push(line.name);
				continue;
			}
			cost.usedCents += (usedCents * massKg) / total;
			cost.wholeCents += (wholeCents * massKg) / total;
		}
	}
	return [...byDish.values()];
}
