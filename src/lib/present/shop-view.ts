import type { PricedLine } from '../core/shopping/index.ts';
import type { Aisle } from '../core/published/index.ts';

/** A line of the shopping list as screens and files show it. */
export interface ShopViewLine {
	key: string;
	name: string;
	/** the catalogue knows it */
	known: boolean;
	aisle: Aisle;
	/** typical weight of one, to say "3 onions" beside grams; null: not counted */
	pieceKg: number | null;
	massKg: number | null;
	toBuyKg: number | null;
	fromStockKg: number;
	alsoOpen: boolean;
	staple: boolean;
	keeps: null | 'buy-now' | 'buy-that-week';
	packs: { label: string; sizeKg: number; count: number; shop: string }[];
	wholeCents: number | null;
	leftKg: number;
	shares: { dish: string; text: string; massKg: number | null }[];
}

export function shopViewLine({ line, packs, wholeCents, leftKg }: PricedLine): ShopViewLine {
	const { key, name, aisle, item, massKg, toBuyKg, fromStockKg, alsoOpen, staple, keeps } = line;
	return {
		key,
		name,
		known: item !== null,
		aisle,
		pieceKg: item?.pieceKg ?? null,
		massKg,
		toBuyKg,
		fromStockKg,
		alsoOpen,
		staple,
		keeps,
		packs: packs.map(({ entry, count }) => ({
			label: entry.label,
			sizeKg: entry.sizeKg,
			count,
			shop: entry.shop
		})),
		wholeCents,
		leftKg,
		shares: line.shares.map(({ dish, text, massKg: kg }) => ({ dish, text, massKg: kg }))
	};
}
