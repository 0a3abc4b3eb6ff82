import { itemByName, likeOf } from '../foods/item-catalogue.ts';
import { cutRateMinPerKg } from '../steps/propose-steps.ts';
import type { StepLine } from '../steps/step.ts';
import { nameWords } from '../foods/name-words.ts';
import { hygieneOf, isRawAnimalClass, isRawMeatClass } from '../foods/raw-animal.ts';

export interface PrepLine extends StepLine {
	/** as it is shown, for all batches */
	text: string;
	item: string;
	/** pieces or cans when the line counts them, one batch */
	pieces: number | null;
	/** as the line's words count them: "2 x 400 g cans" */
	cans: number | null;
}

export interface PrepDish {
	id: number;
	name: string;
	state: 'raw' | 'cooked';
	batches: number;
	lines: readonly PrepLine[];
}

export interface PrepShare {
	dishId: number;
	dish: string;
	massKg: number | null;
	pieces: number | null;
}

export interface PrepItem {
	/** for ticking off: the same on every device and day */
	key: string;
	/** in the cook's words; by the catalogue where each dish calls it something else */
	item: string;
	itemName: string | null;
	cut: string;
	massKg: number | null;
	/** by the item's piece weight, when it comes in pieces */
	pieces: number | null;
	/** heaped as it is measured, litres */
	litres: number | null;
	shares: PrepShare[];
}

/** What is cut on one board: each thing once, with its cuts beneath. */
export interface PrepBoard {
	/** raw animal food has a board of its own, the last */
	raw: boolean;
	things: { item: string; cuts: PrepItem[] }[];
}

/** The things to cut by board, as hands work: what most dishes want first, raw animal food last. */
export function boardsOf(chop: readonly PrepItem[]): PrepBoard[] {
	return [false, true].flatMap((raw): PrepBoard[] => {
		const things = new Map<string, PrepBoard['things'][number]>();
		for (const one of chop.filter((item) => isRawAnimal(item) === raw)) {
			const name = one.itemName ?? one.item;
			const thing = things.get(name);
			if (thing) thing.cuts.push(one);
			else things.set(name, { item: one.item, cuts: [one] });
		}
		return things.size > 0 ? [{ raw, things: [...things.values()] }] : [];
	});
}

export interface PrepLists {
	/** cut once for all dishes: vegetables first, raw animal food last */
	chop: PrepItem[];
	cheese: PrepItem[];
	cans: PrepItem[];
	/** cooked through today, with their core temperature elsewhere */
	meats: PrepItem[];
	/** one small bowl per dish */
	spices: { key: string; dishId: number; dish: string; lines: string[] }[];
	thaw: PrepItem[];
	soak: PrepItem[];
	/** all that is set out for a dish beside what is cut and opened */
	setOut: { key: string; dishId: number; dish: string; lines: string[] }[];
}

const driedPulses = new Set(['dried beans', 'dried chickpeas', 'dried kidney beans']);
const seasonings = new Set(['salt', 'black pepper', 'spice']);

const cheeses = new Set(['hard cheese', 'soft cheese']);

/** What is lighter is weighed or spooned, not counted, unless its line counts it; kg. */
const leastPieceKg = 0.05;

/** Cans a line counts: "2 x 400 g cans", "3 cans", "1 (14 oz) can"; null when it counts none. */
export function cansOf(text: string): number | null {
	const match = /^\s*(\d+)\s*(?:[x×]|\(|(?=cans?\b|tins?\b))/i.exec(text);
	return match && /\b(cans?|tins?)\b/i.test(text) ? Number(match[1]) : null;
}

/**
 * What is got ready for a whole day, over all its dishes: each item and cut once with its shares, cans to open, meats, cheese to
 * grate, spice mixes and the rest by dish, what is thawed or soaked the evening before. Nothing is in two of the lists.
 */
export function prepLists(dishes: readonly PrepDish[]): PrepLists {
	const groups = {
		chop: new Map<string, PrepItem>(),
		cheese: new Map<string, PrepItem>(),
		cans: new Map<string, PrepItem>(),
		meats: new Map<string, PrepItem>(),
		thaw: new Map<string, PrepItem>(),
		soak: new Map<string, PrepItem>()
	};
	const spices: PrepLists['spices'] = [];
	const setOut: PrepLists['setOut'] = [];
	for (const dish of dishes) {
		const spice: string[] = [];
		const rest: string[] = [];
		for (const line of dish.lines) {
			if (line.stage === 'serve' || line.stage === 'cook-day') continue;
			const list = listOf(line, dish);
			if (line.form === 'frozen' && isRawAnimal(line)) add(groups.thaw, 'thaw', line, dish);
			if (line.itemName && driedPulses.has(likeOf(line.itemName) ?? ''))
				add(groups.soak, 'soak', line, dish);
			if (list === 'meats' && needsCutting(line)) add(groups.chop, 'chop', line, dish);
			if (list === 'spices') spice.push(line.text);
			else if (list === 'setOut') rest.push(line.text);
			else add(groups[list], list, line, dish);
		}
		const own = { dishId: dish.id, dish: dish.name };
		if (spice.length) spices.push({ key: `spices:${dish.id}`, ...own, lines: spice });
		if (rest.length) setOut.push({ key: `out:${dish.id}`, ...own, lines: rest });
	}
	const sorted = (group: Map<string, PrepItem>) =>
		[...group.values()].sort(
			(a, b) =>
				Number(isRawAnimal(a)) - Number(isRawAnimal(b)) ||
				b.shares.length - a.shares.length ||
				a.key.localeCompare(b.key, 'en')
		);
	return {
		chop: sorted(groups.chop),
		cheese: sorted(groups.cheese),
		cans: sorted(groups.cans),
		meats: sorted(groups.meats),
		thaw: sorted(groups.thaw),
		soak: sorted(groups.soak),
		spices,
		setOut
	};
}

const needsCutting = (line: PrepLine) => cutRateMinPerKg(line) !== null;

const isRawAnimal = ({ itemName }: { itemName: string | null }) =>
	isRawAnimalClass(hygieneOf(itemName));

function listOf(
	line: PrepLine,
	dish: PrepDish
): 'chop' | 'cheese' | 'cans' | 'meats' | 'spices' | 'setOut' {
	if (line.form === 'canned' || line.cans !== null) return 'cans';
	if (cheeses.has(likeOf(line.itemName) ?? '')) return 'cheese';
	const animal = isRawAnimal(line) && line.form !== 'cooked';
	if (animal && isRawMeatClass(hygieneOf(line.itemName)) && dish.state === 'cooked') return 'meats';
	if (needsCutting(line)) return 'chop';
	if (line.itemName && seasonings.has(likeOf(line.itemName) ?? '')) return 'spices';
	return 'setOut';
}

function add(group: Map<string, PrepItem>, list: string, line: PrepLine, dish: PrepDish): void {
	const { itemName } = line;
	const item = line.item || itemName || line.text;
	const cut = list === 'cans' || list === 'meats' || list === 'thaw' ? '' : line.cut;
	const key = `${list}:${itemName ?? item}${cut ? `, ${cut}` : ''}`.toLowerCase();
	const massKg = line.massKg === null ? null : line.massKg * dish.batches;
	const known = line.itemName ? itemByName(line.itemName) : null;
	const counted = list === 'cans' ? line.cans : line.pieces;
	const whole = (known?.pieceKg ?? 0) >= leastPieceKg;
	const byWeight = massKg !== null && known?.pieceKg && whole ? massKg / known.pieceKg : null;
	const pieces = counted !== null ? counted * dish.batches : list === 'cans' ? null : byWeight;
	const share: PrepShare = { dishId: dish.id, dish: dish.name, massKg, pieces };
	const plus = (a: number | null, b: number | null) => (a === null || b === null ? null : a + b);
	const litresOf = (kg: number | null) => (kg === null || !known ? null : kg / known.densityKgPerL);
	const old = group.get(key);
	if (!old) {
		group.set(key, {
			key,
			item,
			itemName,
			cut,
			massKg,
			pieces,
			litres: litresOf(massKg),
			shares: [share]
		});
		return;
	}
	if (itemName && nameWords(old.item).join() !== nameWords(item).join()) old.item = itemName;
	old.massKg = plus(old.massKg, massKg);
	old.pieces = plus(old.pieces, pieces);
	old.litres = litresOf(old.massKg);
	const same = old.shares.find(({ dishId }) => dishId === dish.id);
	if (!same) old.shares.push(share);
	else {
		same.massKg = plus(same.massKg, massKg);
		same.pieces = plus(same.pieces, pieces);
	}
}
