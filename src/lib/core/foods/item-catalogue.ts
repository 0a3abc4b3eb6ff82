import type { CoreTemperatureClass } from '../published/core-temperatures.ts';
import type { StorageGroup } from '../published/storage-life.ts';
import { normalisedComposition, type Composition } from './composition.ts';
import { itemRows, type Hygiene, type ItemRow } from './items.ts';

export type { Hygiene } from './items.ts';

export interface Item {
	readonly name: string;
	readonly composition: Readonly<Composition>;
	readonly densityKgPerL: number;
	/** weight of one, kg; null where it is not counted */
	readonly pieceKg: number | null;
	/** null: keeps with whatever it is in (oil, salt, spices) */
	readonly storage: StorageGroup | null;
	readonly hygiene: Hygiene;
	/** null: needs no core temperature of its own */
	readonly core: CoreTemperatureClass | null;
	readonly allergens: readonly string[];
}

function itemOf(row: ItemRow): Item {
	const [water, protein, fat, carbohydrate, fibre, ash] = row.gPer100g.map((g) => g / 100);
	const { name, densityKgPerL, pieceG, storage, hygiene, core, allergens } = row;
	return {
		name,
		composition: normalisedComposition({ water, protein, fat, carbohydrate, fibre, ash }),
		densityKgPerL,
		pieceKg: pieceG === null ? null : pieceG / 1000,
		storage,
		hygiene,
		core,
		allergens
	};
}

const byAlias = new Map<string, Item>();
for (const row of itemRows) {
	const item = itemOf(row);
	for (const alias of [row.name, ...row.aliases]) byAlias.set(alias, item);
}
const longestAlias = Math.max(...[...byAlias.keys()].map((alias) => alias.split(' ').length));

/**
 * The catalogue's item whose name or other name is the longest run of words in a text; null when none is. What is counted in
 * pieces is something that comes in pieces: "1 pepper" is not the spice.
 */
export function findItem(text: string, counted = false): Item | null {
	const words = text
		.toLowerCase()
		.replace(/[^\p{L}\s-]/gu, ' ')
		.split(/\s+/)
		.filter(Boolean);
	for (let length = Math.min(longestAlias, words.length); length > 0; length--)
		for (let start = words.length - length; start >= 0; start--) {
			const name = words.slice(start, start + length).join(' ');
			const item = byAlias.get(name);
			if (item && counted && item.pieceKg === null) return byAlias.get(`${name}s`) ?? item;
			if (item) return item;
		}
	return null;
}

/** An item by the catalogue's own name. */
export function itemByName(name: string): Item | null {
	const item = byAlias.get(name);
	return item && item.name === name ? item : null;
}

export const allItems: readonly Item[] = [...new Set(byAlias.values())];

/** The catalogue's own names. */
export const itemNames = (): string[] => itemRows.map(({ name }) => name);
