import { itemByName, itemOfWords, longestNameFrom, type Item } from './item-catalogue.ts';
import { canned, dried, soakedFirst, spooned } from './item-forms.ts';
import { freeWords } from './modified-item.ts';
import { nameWords } from './name-words.ts';
import { isRawMeatClass } from './raw-class.ts';

/** What a line's amount and other words say of its item. */
export interface ItemHint {
	/** it comes in pieces: "1 pepper" is not the spice */
	counted?: boolean;
	/** it comes in cans or jars */
	canned?: boolean;
	/** it is measured with a spoon or a pinch */
	spooned?: boolean;
	/** it is weighed, or measured in cups */
	weighed?: boolean;
}

/** An item as read from words. */
export interface ReadItem {
	item: Item;
	/** the name as it stands in the words, plurals taken off */
	name: string;
	/** the words end with its name: nothing after it can make it another thing */
	sure: boolean;
	/** the name is only that of a cut or a shape */
	weak: boolean;
	/** a pulse that comes dried and cooked, and the words say neither */
	driedOrCooked: boolean;
}

interface Span {
	item: Item;
	from: number;
	to: number;
	weak: boolean;
}

/** Words after which a name says what it lies in, is for or goes with. */
const prepositions = new Set(
	'in with for from to without such like plus per on into at as if until about approx approximately on under by off using save reserve plu'.split(
		' '
	)
);
/** Words that stand after a name without making it another thing: cuts, shapes, parts, states. */
const neutral = new Set(
	(
		'piece chunk cube slice strip floret leaf fillet steak chop breast thigh leg wing stalk stick sprig bunch head bulb root half quarter wedge ring ' +
		'round baton matchstick ribbon shaving kernel bit end tip top heart clove stem rind peel skin flesh meat segment portion joint side tail loin ' +
		'fresh dried frozen raw cooked canned tinned jarred ground whole chopped diced sliced minced grated crushed shredded cubed halved quartered ' +
		'peeled drained rinsed torn mashed beaten softened melted toasted roasted smoked salted unsalted sweet hot mild large small medium big ripe ' +
		'thin thick thinly finely roughly coarsely freshly good quality extra lean boneless skinless bone skin on of and or each optional required ' +
		'pack packet can tin jar bottle bag box tub block sachet package container carton punnet assorted mixed plain natural organic needed taste ' +
		'removed trimmed washed deseeded seeded pitted stoned cut type style variety brand free range few little lot some drop sized thumb inch cm walnut fish pulp roast low fat reduced full leftover day old'
	).split(' ')
);
/** Shapes and cuts that are also names of things: any other name says more. */
const shapes = new Set([
	'steak',
	'burger',
	'patty',
	'rasher',
	'roast',
	'fish',
	'toast',
	'roll',
	'bun',
	'fry',
	'bone',
	'marrow',
	'sweet',
	'wrap',
	'ring',
	'seasoning',
	'jelly',
	'game',
	'bird',
	'hamburger',
	'pot roast',
	'stuffing',
	'sprout',
	'crumb',
	'chicken',
	'wheat',
	'pod',
	'dough',
	'sponge',
	'dressing',
	'soda',
	'ice',
	'browning',
	'hen',
	'bass',
	'char',
	'dab',
	'ray'
]);

/** Every name in the words that lies in no longer one. */
function spansOf(words: readonly string[]): Span[] {
	const found: Span[] = [];
	for (let from = 0; from < words.length; from++)
		for (
			let length = Math.min(longestNameFrom(words[from]), words.length - from);
			length > 0;
			length--
		) {
			const name = words.slice(from, from + length).join(' ');
			const known = itemOfWords(name);
			if (!known) continue;
			const to = from + length;
			if (!found.some((other) => other.from <= from && other.to >= to))
				found.push({ item: known.item, from, to, weak: known.item.weak || shapes.has(name) });
			break;
		}
	return found;
}

/** The name a phrase is about: not one after a preposition, rather not a mere shape, the last of those, the longest of the last. */
function headOf(spans: readonly Span[], words: readonly string[]): Span | null {
	const cut = words.findIndex((word, at) => at > 0 && prepositions.has(word));
	const before = cut < 0 ? spans : spans.filter((span) => span.from < cut);
	const main = before.length ? before : spans;
	const strong = main.filter((span) => !span.weak);
	const last = (strong.length ? strong : main).reduce<Span | null>(
		(best, span) => (!best || span.to > best.to ? span : best),
		null
	);
	return last;
}

/** "Leg of lamb" as "lamb leg", too: what a thing is of stands before it. */
function turned(words: readonly string[]): string[] {
	const at = words.indexOf('of');
	if (at <= 0 || at >= words.length - 1) return [...words];
	return [...words.slice(at + 1), ...words.slice(0, at)];
}

/** Heads that are made of milk, unless a plant stands before them. */
const dairyHeads = new Set(['milk', 'cream', 'yogurt', 'butter', 'cheese']);
const plantOf: Readonly<Record<string, string>> = {
	milk: 'plant milk',
	cream: 'plant cream',
	yogurt: 'plant yogurt',
	cheese: 'vegan cheese',
	butter: 'margarine'
};
const plants =
	/^(almonds|cashews|hazelnuts|walnuts|pecans|pistachios|macadamias|brazil nuts|nuts|pine nuts|peanuts|dried soya beans|edamame|oats|coconut|seeds|hemp seed|sunflower seeds|pumpkin seeds|tofu|soya mince)$/;
const meatless =
	/\b(vegan|vegetarian|veggie|meat ?free|meatless|plant based|mock|faux|soya|seitan|jackfruit)\b/;

/** What the words around the name make of it. */
function qualified(item: Item, text: string, others: readonly Item[]): Item {
	const nuts = others.filter((other) => plants.test(other.name));
	const dairyHead = [...dairyHeads].find(
		(head) => item.like === head || item.name === head || item.name.endsWith(head)
	);
	let next = item;
	const plantish =
		nuts.length > 0 ||
		/\b(vegan|plant based|dairy free|non dairy|soya|oat|rice|hemp|pea)\b/.test(text);
	if (dairyHead && item.allergens.includes('milk') && plantish)
		next = itemByName(plantOf[dairyHead]) ?? item;
	if (isRawMeatClass(item.hygiene) && meatless.test(text))
		next = itemByName('meat substitute') ?? item;
	const names = [next.name];
	const add = (how: string) => {
		const changed = itemByName([...names, how].join(', '));
		if (changed && !same(changed, itemByName(names.join(', ')))) names.push(how);
	};
	for (const other of others) if (other.name !== next.name && carries(next, other)) add(other.name);
	for (const free of freeWords)
		if (new RegExp(`\\b${free.replace('-', '[ -]')}\\b`).test(text)) add(free);
	if (/\b(eggless|non dairy)\b/.test(text)) add(/eggless/.test(text) ? 'egg-free' : 'dairy-free');
	return itemByName(names.join(', ')) ?? next;
}

const same = (a: Item, b: Item | null) =>
	b !== null &&
	a.core === b.core &&
	a.hygiene === b.hygiene &&
	a.storage === b.storage &&
	a.allergens.length === b.allergens.length &&
	a.composition.water === b.composition.water;

/** Whether another name in the phrase adds something that must not be lost; plain seasonings and raw meat in a sauce's name do not. */
const carries = (item: Item, other: Item) =>
	other.allergens.some((one) => !item.allergens.includes(one)) ||
	(isRawMeatClass(item.hygiene) && isRawMeatClass(other.hygiene));

const minced = /\b(minced?|ground|keema)\b/;
const rolled = /\b(rolled|tenderised|stuffed|needled|hammered|pounded with needle)\b/;
const cooked =
	/(?<!\b(?:un|not|part|pre part|be|until|half) )\b(cooked|leftover|roasted|rotisserie|poached|barbecued|grilled|precooked|pre cooked|ready cooked)\b/;
const saysCanned =
	/\b(canned|tinned|in (?:olive oil|sunflower oil|oil|brine|tomato sauce|spring water))\b/;
const saysDried = /\b(dried|dry|soaked|soak|raw)\b/;
const saysCooked = /\b(canned|tinned|can|tin|jar|jarred|cooked|drained|rinsed|boiled|carton)\b/;

/** An item as the whole line has it: minced, cooked, from a can, dried, by the spoon, by the piece. */
function formed(item: Item, text: string, hint: ItemHint): { item: Item; driedOrCooked: boolean } {
	const settled = (name: string | undefined) => ({
		item: (name ? itemByName(name) : null) ?? item,
		driedOrCooked: false
	});
	if (isRawMeatClass(item.hygiene)) {
		if (hint.canned || saysCanned.test(text))
			return settled(canned[item.name] ?? canned[item.like] ?? `${item.name}, canned`);
		if (cooked.test(text))
			return settled(
				canned[item.name] && /prawn|crab|clam/.test(item.name)
					? canned[item.name]
					: `${item.name}, cooked`
			);
		if (item.core === 'whole-cut' && minced.test(text)) return settled(mincedOf(item));
		if (item.core === 'whole-cut' && rolled.test(text))
			return settled(
				`${item.name}, ${/stuffed/.test(text) ? 'stuffed' : /rolled/.test(text) ? 'rolled' : 'tenderised'}`
			);
		return settled(item.name);
	}
	if (item.like === 'egg' && /\b(boiled|hard cooked)\b/.test(text))
		return settled('hard-boiled egg');
	const toDried = dried[item.name];
	if (toDried) {
		if (hint.canned || (saysCooked.test(text) && !/\b(dried|dry)\b/.test(text)))
			return settled(item.name);
		if (saysDried.test(text)) return settled(toDried);
		const kidneyType = soakedFirst.has(toDried);
		return { ...settled(kidneyType && hint.weighed ? toDried : item.name), driedOrCooked: true };
	}
	const fromCan =
		Object.entries(dried).find(([, name]) => name === item.name)?.[0] ??
		(item.like === 'red lentils' ? 'canned lentils' : undefined);
	if (fromCan && !saysDried.test(text) && (hint.canned || saysCooked.test(text)))
		return settled(fromCan);
	if (hint.canned && canned[item.name]) return settled(canned[item.name]);
	if (
		/\b(cooked|boiled|leftover)\b(?! (?:on|later|when)\b)/.test(text) &&
		item.storage === 'grains-pulses' &&
		item.composition.water < 0.2
	)
		return settled(
			item.like === 'rice'
				? 'cooked rice'
				: item.like === 'pasta' && item.allergens.length > 0
					? 'cooked pasta'
					: `${item.name}, cooked`
		);
	if (hint.spooned && spooned[item.name] && !/\b(fresh|leaf|chopped)\b/.test(text))
		return settled(spooned[item.name]);
	return settled(item.name);
}

const species: readonly [RegExp, string][] = [
	[/beef|ox|steak|brisket|topside|oxtail/, 'minced beef'],
	[/veal/, 'minced veal'],
	[/lamb|mutton/, 'minced lamb'],
	[/goat/, 'goat, minced'],
	[/venison|bison|elk|deer|moose|kangaroo|reindeer/, 'minced venison'],
	[/pork|gammon/, 'minced pork']
];
/** The minced meat of an animal; of one without a row of its own, itself minced. */
const mincedOf = (item: Item) =>
	item.weak && item.name === 'raw meat'
		? 'minced meat'
		: (species.find(([words]) => words.test(item.name))?.[1] ?? `${item.name}, minced`);

/** A line that names its item has done so by then. */
const mostSegments = 8;
/** Parts of a line, in the order they are looked at: before the first comma or bracket, then the others. */
const segmentsOf = (text: string) =>
	text
		.split(/[,(;:)]|\s[-–—]\s/)
		.map((part) => part.trim())
		.filter((part) => part !== '')
		.slice(0, mostSegments);

/**
 * The item a text names: the longest name before single words, the last of a phrase, whole lines' words for its form. Null when
 * no name of the catalogue is in it.
 */
export function readItem(text: string, hint: ItemHint = {}): ReadItem | null {
	const all = nameWords(text).join(' ');
	for (const segment of segmentsOf(text)) {
		const read =
			ofPhrase(nameWords(firstOf(segment)), all, hint) ?? ofPhrase(nameWords(segment), all, hint);
		if (read) return read;
	}
	return ofPhrase(nameWords(text), all, hint);
}

/**
 * Of "x or y" and "x and y" the first, with the name both share: "chicken or vegetable stock" begins with chicken stock. A phrase
 * that is one name ("half and half"), or whose second part is no name, stays whole.
 */
function firstOf(segment: string): string {
	const match =
		/^(.+?)\s+(?:or|and|&|\+|\/)\s+(.+)$/i.exec(segment) ??
		/^(\p{L}[\p{L}\s]+?)\/(\p{L}.+)$/u.exec(segment);
	if (!match) return segment;
	const whole = nameWords(segment);
	const joint = nameWords(match[1]).length;
	if (spansOf(whole).some(({ from, to }) => from < joint && to > joint)) return segment;
	const second = nameWords(match[2]);
	const spans = spansOf(second);
	const begins = spans.find(({ from }) =>
		second.slice(0, from).every((word) => neutral.has(word) || /\d/.test(word))
	);
	// the shared name is the only one there: "carrot and coriander soup" is a soup
	if (!begins || spans.some((span) => span !== begins && !span.weak && span.to > begins.to))
		return segment;
	const shared = second.slice(begins.from, begins.to).at(-1) ?? '';
	const first = nameWords(match[1]);
	const both = [...first, shared].join(' ');
	if (longerThanOne([...first, shared])) return both;
	return spansOf(first).length > 0 ? match[1] : segment;
}

/** Whether a name of several words ends the phrase. */
const longerThanOne = (words: readonly string[]) =>
	spansOf(words).some(({ from, to }) => to === words.length && to - from > 1);

function ofPhrase(words: readonly string[], all: string, hint: ItemHint): ReadItem | null {
	const spans = spansOf(words);
	let [order, found]: [readonly string[], readonly Span[]] = [words, spans];
	if (words.includes('of') && !spans.some(({ from, to }) => words.slice(from, to).includes('of'))) {
		order = turned(words);
		found = spansOf(order);
	}
	const head = headOf(found, order);
	if (!head) return null;
	const item = byCount(head, order, hint);
	const cut = order.findIndex((word, at) => at > head.from && prepositions.has(word));
	const end = cut < 0 ? order.length : cut;
	const others = found
		.filter((span) => span.to <= end && !span.weak && !overlapsHead(span, head))
		.map((span) => span.item);
	const sure = order
		.slice(head.to, end)
		.every((word) => neutral.has(word) || /^\d/.test(word) || word.length < 3);
	const { item: shaped, driedOrCooked } = formed(item, all, hint);
	return {
		item: qualified(shaped, all, others),
		name: order.slice(head.from, head.to).join(' '),
		sure,
		weak: head.weak,
		driedOrCooked
	};
}

/** A name that shares words with the head is part of it ("green chilli" in "green chilli sauce"). */
const overlapsHead = (span: Span, head: Span) => span.from < head.to && span.to > head.from;

/** "2 peppers", "500 g peppers" are vegetables, "1 tsp pepper" is the spice; corn that is counted is on its cob. */
function byCount(head: Span, words: readonly string[], hint: ItemHint): Item {
	if (hint.counted && head.item.name === 'sweetcorn')
		return itemByName('corn on the cob') ?? head.item;
	const name = words.slice(head.from, head.to).join(' ');
	if (name === 'pepper' && (hint.counted || hint.weighed))
		return itemByName('sweet pepper') ?? head.item;
	return head.item;
}

/** The catalogue's item a text names, by `readItem`. */
export const findItem = (text: string, counted = false): Item | null =>
	readItem(text, { counted })?.item ?? null;

const joins = /\b(?:and|plus)\b|[&+]/i;

/** What a line names beside its own item ("butter and flour"), for what must not be lost: allergens and raw food of animals. */
export function otherItems(text: string, itemName: string): Item[] {
	const [phrase] = text.split(/[,(;]/);
	if (!joins.test(phrase)) return [];
	const own = itemByName(itemName);
	const named = phrase.split(joins).flatMap((part) => {
		const read = readItem(part);
		return read && !read.weak ? [read.item] : [];
	});
	const whole = readItem(phrase);
	if (whole?.item.name === itemName && !named.some((item) => item.name === itemName)) return [];
	return named.filter((item) => item.name !== itemName && item.like !== own?.like);
}
