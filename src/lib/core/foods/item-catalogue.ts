import { litresPer } from '../units/factors.ts';
import { families } from './catalogue/index.ts';
import type { Family, Row, RowFacts } from './catalogue/row.ts';
import { normalisedComposition, type Composition } from './composition.ts';
import type { Item } from './item.ts';
import { modified } from './modified-item.ts';
import { nameWords } from './name-words.ts';

export type { Hygiene } from './catalogue/row.ts';
export type { Item } from './item.ts';

/** Names that stand in a row after a "+" are things to buy of their own with the figures of that row. */
const ownMark = '+';

interface NamedRow {
	name: string;
	names: string[];
	row: Row;
	family: Family;
	like: string;
}

function namedRows(row: Row, family: Family): NamedRow[] {
	const [name, also, , facts] = row;
	const others = also.split('|').filter(Boolean);
	const own = others.filter((other) => other.startsWith(ownMark)).map((other) => other.slice(1));
	const like = facts?.like ?? family.facts.like ?? name;
	const wordsOf = own.map((one) => ({ one, words: nameWords(one) }));
	const whose = (other: string) => {
		const words = nameWords(other);
		const holds = wordsOf.filter((at) => at.words.every((word) => words.includes(word)));
		return holds.sort((a, b) => b.words.length - a.words.length)[0]?.one ?? name;
	};
	const plain = others.filter((other) => !other.startsWith(ownMark));
	return [
		{ name, names: [name, ...plain.filter((other) => whose(other) === name)], row, family, like },
		...own.map((one) => ({
			name: one,
			names: [one, ...plain.filter((other) => whose(other) === one)],
			row,
			family,
			like
		}))
	];
}

function itemOf({ name, row, family, like }: NamedRow): Item {
	const [rowName, , [protein, fat, carbohydrate, fibre, ash], own] = row;
	const facts: Partial<RowFacts> & Family['facts'] = { ...family.facts, ...own };
	const water = 100 - protein - fat - carbohydrate - fibre - ash;
	const parts = { water, protein, fat, carbohydrate, fibre, ash };
	const entries = Object.entries(parts).map(([key, grams]) => [key, grams / 100]);
	const units = { ...family.facts.unitG, ...own?.unitG };
	return {
		name,
		like,
		composition: normalisedComposition(Object.fromEntries(entries) as unknown as Composition),
		densityKgPerL: (facts.cupG ?? 150) / 1000 / litresPer.cup,
		pieceKg: facts.pieceG ? facts.pieceG / 1000 : null,
		unitKg: Object.fromEntries(Object.entries(units).map(([unit, grams]) => [unit, grams / 1000])),
		drained01: facts.drained01 ?? null,
		storage: facts.storage,
		hygiene: facts.hygiene,
		core: facts.core ?? null,
		allergens: facts.allergens ?? [],
		checkPacket: facts.checkPacket ?? false,
		aisle: facts.aisle,
		keeps: facts.keeps,
		mixed: facts.mixed ?? false,
		weak: name === rowName && (facts.weak ?? false),
		source: facts.source ?? 'memory'
	};
}

/** Another name of an item. */
export interface ItemName {
	readonly item: Item;
	/** how many words it has */
	readonly words: number;
}

/** Every name, as its words joined by single spaces. */
const byWords = new Map<string, ItemName>();
const byOwnName = new Map<string, Item>();
for (const family of families)
	for (const row of family.rows)
		for (const named of namedRows(row, family)) {
			const item = itemOf(named);
			byOwnName.set(item.name, item);
			for (const other of named.names) {
				const words = nameWords(other);
				byWords.set(words.join(' '), { item, words: words.length });
			}
		}

/** Most words of the names that begin with a word. */
const longestFrom = new Map<string, number>();
for (const [name, { words }] of byWords) {
	const [first] = name.split(' ');
	longestFrom.set(first, Math.max(words, longestFrom.get(first) ?? 0));
}
/** Most words of a name that begins with this one; 0 when none does. */
export const longestNameFrom = (word: string): number => longestFrom.get(word) ?? 0;

/** The item that goes by exactly these words (already singular, see `nameWords`). */
export const itemOfWords = (words: string): ItemName | undefined => byWords.get(words);

/** Names that rows had before, as households may have kept them. */
const formerNames: Readonly<Record<string, string>> = { 'chili pepper': 'chilli' };

/**
 * An item by the catalogue's own name, or by such a name with what makes it another thing: "soy sauce, gluten-free",
 * "goat, minced". Null when it is none.
 */
export function itemByName(name: string): Item | null {
	const [own, ...how] = name.split(', ');
	const item = byOwnName.get(formerNames[own] ?? own);
	if (!item) return null;
	return how.reduce<Item | null>(
		(at, one) => at && modified(at, one, (other) => byOwnName.get(other) ?? null),
		item
	);
}

export const allItems: readonly Item[] = [...byOwnName.values()];

/** The catalogue's own names. */
export const itemNames = (): string[] => [...byOwnName.keys()];

/** What rules are written for: the plain item a name behaves like; null when it is not known. */
export const likeOf = (name: string | null): string | null =>
	(name && itemByName(name)?.like) || null;
