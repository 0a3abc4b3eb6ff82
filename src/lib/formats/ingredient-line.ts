import { parseIngredient } from 'parse-ingredient';
import { findItem, itemByName, type Item } from '../core/foods/item-catalogue.ts';
import type { LineCorrection, LineForm } from '../core/foods/line-correction.ts';
import { longestLine } from '../core/foods/recipe-limits.ts';
import { lineKg, lineMassKg } from '../core/foods/line-mass.ts';
import type { LineStage } from '../core/foods/dish-facts.ts';
import type { MeasureName } from '../core/units/measures.ts';

/** An ingredient line as understood. The text is kept as typed, whatever was understood of it. */
export interface ParsedLine {
	text: string;
	quantity: number | null;
	/** upper end of a typed range */
	quantityTo: number | null;
	unit: MeasureName | null;
	/** the words that name the item */
	item: string;
	/** name in the catalogue; null when it is not known */
	itemName: string | null;
	cut: string;
	stage: LineStage;
	form: LineForm | null;
	optional: boolean;
	/** catalogue items that do as well */
	alternatives: string[];
	/** `full`: weight can be computed; `item`: item known, amount open ("to taste"); `text`: kept as text only */
	understood: 'full' | 'item' | 'text';
}

const unitOfId: Record<string, MeasureName> = {
	gram: 'g',
	kilogram: 'kg',
	kilo: 'kg',
	ounce: 'oz',
	pound: 'lb',
	milliliter: 'ml',
	centiliter: 'cl',
	deciliter: 'dl',
	liter: 'l',
	teaspoon: 'tsp',
	tablespoon: 'tbsp',
	fluidounce: 'fl oz',
	cup: 'cup',
	pint: 'pint',
	quart: 'quart',
	gallon: 'gallon',
	pinch: 'pinch',
	dash: 'pinch',
	handful: 'handful',
	can: 'can',
	clove: 'piece',
	piece: 'piece',
	stick: 'piece',
	bunch: 'bunch',
	sprig: 'piece',
	head: 'piece',
	slice: 'piece',
	small: 'piece',
	medium: 'piece',
	large: 'piece'
};

const cuts =
	/\b(?:finely |roughly |coarsely |thinly )?(diced|chopped|sliced|minced|grated|crushed|shredded|cubed|halved|quartered|peeled|drained|rinsed|rinsed and drained|torn|in (?:\d+\s?cm |small |large )?(?:cubes|pieces|strips|slices|rings))\b/i;
const stageWords: [RegExp, LineStage][] = [
	[/\b(to serve|for serving|on top when served)\b/i, 'serve'],
	[/\b(on the day|when cooking|cook-day|added later)\b/i, 'cook-day'],
	[/\b(own small bag|separate bag|inner bag)\b/i, 'inner']
];

/** Rewrites what the parser does not know: decimal commas, "2 x 400 g cans", "1 (14 oz) can", "a handful of". */
function plain(line: string): string {
	let text = line.trim().replace(/^[-•*–]\s*/, '');
	text = text.replace(/^(\d+),(\d{1,2})(?=\D)/, '$1.$2');
	text = text
		.replace(/^(a )?dozen\b/i, '12')
		.replace(numberWord, (word) => numberWords[word.toLowerCase()]);
	text = text.replace(/^(an?)\s+(handful|pinch|dash|piece|bunch|can|tin|knob)\b/i, '1 $2');
	text = text.replace(
		/^([\d.]+)\s*[x×]\s*([\d.]+)\s*(kg|g|ml|l|oz|lb)\b\.?\s*(?:cans?|tins?|packs?|bags?|bottles?|jars?)?(?:\s+of)?/i,
		(_, n: string, size: string, unit: string) => `${round(Number(n) * Number(size))} ${unit}`
	);
	text = text.replace(
		/^([\d.]+)\s*\(\s*([\d.]+)[\s-]*(kg|g|ml|l|oz|ounces?|lb)\.?\s*\)\s*(?:cans?|tins?|packs?|jars?)?(?:\s+of)?/i,
		(_, n: string, size: string, unit: string) => `${round(Number(n) * Number(size))} ${unit}`
	);
	// "1 400 g can": so many of that size
	text = text.replace(
		/^(\d+)\s+([\d.]+)\s*(kg|g|ml|l|oz|lb)\b\.?\s*(?:cans?|tins?|packs?|bags?|bottles?|jars?)(?:\s+of)?/i,
		(_, n: string, size: string, unit: string) => `${round(Number(n) * Number(size))} ${unit}`
	);
	return text.replace(/^([\d./½¼¾⅓⅔]+)\s*(tins?)\b(?:\s+of)?/i, '$1 can');
}

const numberWords: Record<string, string> = {
	one: '1',
	two: '2',
	three: '3',
	four: '4',
	five: '5',
	six: '6',
	seven: '7',
	eight: '8',
	nine: '9',
	ten: '10',
	twelve: '12'
};
const numberWord = new RegExp(`^(${Object.keys(numberWords).join('|')})\\b`, 'i');

const round = (value: number) => Math.round(value * 1000) / 1000;

/** Reads one line. Never throws and never loses the text; one longer than a line can be is kept as text. */
export function parseIngredientLine(line: string): ParsedLine {
	const text = line.trim();
	if (text.length > longestLine) return unreadLine(text);
	const [read] = parseIngredient(plain(text), { additionalUOMs: ownUnits });
	const quantity = read?.quantity ?? null;
	const unit = read?.unitOfMeasureID
		? (unitOfId[read.unitOfMeasureID] ?? null)
		: quantity === null
			? null
			: 'piece';
	const words = (read?.description ?? text).replace(/^of\s+/i, '');
	const cut = cuts.exec(words)?.[0].toLowerCase() ?? '';
	const name = words.split(/[,(;]/)[0].replace(cuts, '').replace(/\s+/g, ' ').trim() || words;
	const item = itemOf(words, { counted: unit === 'piece', canned: cannedWords.test(text) });
	const known = item !== null && (unit !== null || quantity === null || !read?.unitOfMeasureID);
	const massKg = known ? lineMassKg({ quantity, unit, item }) : null;
	return {
		text,
		quantity,
		quantityTo: read?.quantity2 ?? null,
		unit,
		item: name,
		itemName: item?.name ?? null,
		cut,
		stage: stageWords.find(([pattern]) => pattern.test(text))?.[1] ?? 'pack',
		form: formOf(text, item),
		optional: /\boptional\b/i.test(text),
		alternatives: alternativesOf(words, item),
		understood: massKg !== null ? 'full' : item ? 'item' : 'text'
	};
}

/** A line nobody could read: it stands as it was written. */
const unreadLine = (text: string): ParsedLine => ({
	text,
	quantity: null,
	quantityTo: null,
	unit: null,
	item: text,
	itemName: null,
	cut: '',
	stage: 'pack',
	form: null,
	optional: false,
	alternatives: [],
	understood: 'text'
});

const formWords: [RegExp, LineForm][] = [
	[/\b(cans?|canned|tins?|tinned)\b/i, 'canned'],
	[/\bfrozen\b/i, 'frozen'],
	[/\b(cooked|boiled|roasted|leftover)\b/i, 'cooked']
];

function formOf(text: string, item: Item | null): LineForm | null {
	const said = formWords.find(([words]) => words.test(text));
	if (said) return said[1];
	return item && item.hygiene !== 'ready-to-eat' ? 'raw' : null;
}

/** What else a line names after "or". */
function alternativesOf(words: string, item: Item | null): string[] {
	const [, ...others] = words.split(/\s+or\s+/i);
	const names = others.flatMap((other) => findItem(other)?.name ?? []);
	return [...new Set(names)].filter((name) => name !== item?.name);
}

const cannedWords = /\b(cans?|canned|tins?|tinned)\b/i;

/** The catalogue's item a line is about: of "x or y", "x and y" the first; tomatoes in a can are canned ones. */
function itemOf(words: string, how: { counted: boolean; canned: boolean }): Item | null {
	const [first] = words.split(/[,(;]/);
	const [before] = first.split(/\s+(?:or|and)\s+/i);
	for (const text of [before, first, words]) {
		const found = findItem(text, how.counted);
		if (found) return found.name === 'tomato' && how.canned ? itemByName('canned tomatoes') : found;
	}
	return null;
}

/** Units the parser does not know. */
const ownUnits = {
	kilo: { short: 'kilo', plural: 'kilos', alternates: [] },
	sprig: { short: 'sprig', plural: 'sprigs', alternates: [] },
	handful: { short: 'handful', plural: 'handfuls', alternates: [] },
	deciliter: { short: 'dl', plural: 'deciliters', alternates: ['decilitre', 'decilitres'] },
	centiliter: { short: 'cl', plural: 'centiliters', alternates: ['centilitre', 'centilitres'] }
};

/** Reads pasted lines, one item each; blank lines are left out. */
export function parseIngredientLines(pasted: string): ParsedLine[] {
	return pasted
		.split(/\r?\n/)
		.map((line) => line.trim())
		.filter((line) => line !== '')
		.map(parseIngredientLine);
}

/** Kilograms of a parsed line. */
export const parsedLineKg = lineKg;

/** A line with its corrections; its weight is known or not by the item it is now. */
export function correctedLine(
	line: ParsedLine,
	correction: LineCorrection | undefined
): ParsedLine {
	if (!correction) return line;
	const next = { ...line, ...correction };
	const item = next.itemName ? itemByName(next.itemName) : null;
	return { ...next, understood: parsedLineKg(next) !== null ? 'full' : item ? 'item' : 'text' };
}
