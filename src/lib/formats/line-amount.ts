import { type MeasureName, measures, upToTwelve } from '../core/units/index.ts';
import { isMeasured, isSize, unitAt } from './line-units.ts';

/** An amount as a line begins with it, or ends. */
export interface LineAmount {
	quantity: number;
	/** upper end of a typed range */
	quantityTo: number | null;
	/** null: no unit was said */
	unit: MeasureName | null;
	/** so many of a size: "2 x 400 g tins" */
	counted: number | null;
	/** the word for what it comes in, when a size was given too: "tins" */
	container: MeasureName | null;
	/** the text behind it */
	rest: string;
}

const vulgar: Readonly<Record<string, string>> = {
	'½': '1/2',
	'⅓': '1/3',
	'⅔': '2/3',
	'¼': '1/4',
	'¾': '3/4',
	'⅕': '1/5',
	'⅖': '2/5',
	'⅗': '3/5',
	'⅘': '4/5',
	'⅙': '1/6',
	'⅚': '5/6',
	'⅛': '1/8',
	'⅜': '3/8',
	'⅝': '5/8',
	'⅞': '7/8'
};
/** Numbers as words. */
export const numberWords: Readonly<Record<string, number>> = {
	...upToTwelve,
	half: 0.5,
	quarter: 0.25,
	dozen: 12,
	couple: 2
};

/** Words before or after a number that do not change it. */
const loose =
	/^(?:(?:about|approximately|approx|around|roughly|circa|ca|some|scant|scanty|heaped|heaping|rounded|level|generous|good|big|large|small|medium|lg|lge|med|sm|sml|medium-sized|large-sized|at least|up to|nearly|just under|just over|a further|extra|another|each|max|min|~|≈|±)(?=[\s.\d(~]|$)\.?,?\s*)+/i;
const number = String.raw`(?:\d+\s+\d+\s*/\s*\d+|\d+-\d\s*/\s*\d{1,2}(?!\d)|(?:one|two|three|four|\d+)\s+and\s+a\s+(?:half|quarter)|\d+\s*(?:&|and|\+)\s*\d+\s*/\s*\d+|\d+\s*/\s*\d+|\d*\.?\d+)`;
const wordNumber =
	'half an?|half(?!\\s*(?:and|&|n|-)\\s*-?half)|a quarter|quarter|an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve';
const startNumber = new RegExp(
	`^((?:half\\s+a|a|one|two|three|half|\\d+(?:\\s*/\\s*\\d+)?)?\\s*dozens?\\b|${number}|a couple(?: of)?\\b|(?:${wordNumber})\\b(?!\\s*-?\\s*(?:bit|few|little|lot)\\b))`,
	'i'
);

function valueOf(said: string): number {
	const text = said.trim().toLowerCase();
	if (/dozen/.test(text)) {
		const before = text.replace(/\s*dozens?/, '').trim();
		return 12 * (before === '' ? 1 : valueOf(before.replace(/\s+an?$/, '')));
	}
	if (text.startsWith('a couple')) return 2;
	if (/^half\b/.test(text)) return 0.5;
	if (/quarter$/.test(text)) return 0.25;
	if (text in numberWords) return numberWords[text];
	const more = /^(\w+)\s+and\s+a\s+(half|quarter)$/.exec(text);
	if (more) return valueOf(more[1]) + numberWords[more[2]];
	return text.split(/\s*(?:&|and|\+)\s*|\s+(?=\d+\s*\/)|-(?=\d+\s*\/)/).reduce((sum, part) => {
		const [above, below] = part.split('/').map(Number);
		return sum + (below === undefined ? above : below === 0 ? 0 : above / below);
	}, 0);
}

/** Fractions, dashes, spaces and decimal commas as the grammar reads them. */
export function evened(line: string): string {
	return line
		.replace(/[\u00a0\u2000-\u200b\u202f\ufeff]/g, ' ')
		.replace(
			/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g,
			(sign, at: number, all: string) =>
				`${/\d/.test(all[at - 1] ?? '') ? ' ' : ''}${vulgar[sign]}${/[a-z]/i.test(all[at + 1] ?? '') ? ' ' : ''}`
		)
		.replace(/⁄/g, '/')
		.replace(/(\d),(\d{3})(?!\d)/g, '$1$2')
		.replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2')
		.replace(/[‐‑‒–—−]/g, '-')
		.replace(/×/g, 'x')
		.replace(/\s+/g, ' ')
		.trim();
}

/** Stands between a number and its unit: "2 thick slices", "2 (8-count) packages". */
const adjective =
	/^(?:\(\s*\d+[\s-]*(?:count|ct|pack|pieces?)\.?\s*\)\s*|(?:thick|thin|whole|fresh|full|ripe|dried|frozen)\s+(?=(?:slices?|heads?|bunch|bunches|sprigs?|sticks?|stalks?|leaves|leaf|cloves?|cups?|tins?|cans?|handfuls?|bags?|jars?)\b))/i;
/** What a measured amount may come in: "1 lb bag of beans", "400 g tin". */
const containers: ReadonlySet<MeasureName> = new Set([
	'can',
	'jar',
	'bottle',
	'packet',
	'pouch',
	'sachet',
	'bag',
	'box',
	'tub',
	'pot',
	'carton',
	'tube',
	'punnet',
	'block',
	'bar',
	'roll',
	'ball',
	'loaf'
]);

/** Decimal sizes times counts, without the binary tail. */
const rounded = (value: number) => Math.round(value * 1e6) / 1e6;
const skipLoose = (text: string) => text.replace(/^\s+/, '').replace(loose, '');
const lengthUnit =
	/^\s*-?\s*(?:cm|mm|centimetres?|centimeters?|inch(?:es)?|in\b|["”])\.?\s*-?\s*(?:long\s+)?(?:(piece|pieces|knob|length|stick|chunk|thumb|slice|cube|bit)s?\b)?/i;

/** A number, or a range, at the beginning; null when there is none. */
function numberAt(text: string): { from: number; to: number | null; rest: string } | null {
	const first = startNumber.exec(text);
	if (!first) return null;
	const from = valueOf(first[0]);
	let rest = text.slice(first[0].length);
	const range = new RegExp(
		`^\\s*(?:-|to|or|bis)\\s*(${number}|(?:two|three|four|five|six|seven|eight|ten|twelve)\\b)(?!\\s*(?:inch|cm|mm)\\b)`,
		'i'
	).exec(rest);
	if (!range) return { from, to: null, rest };
	const to = valueOf(range[1]);
	rest = rest.slice(range[0].length);
	return to > from ? { from, to, rest } : { from, to: null, rest: text.slice(first[0].length) };
}

/** "1 lb 4 oz", "1 cup plus 2 tbsp": what is added in a unit of the same sort. */
function withMore(amount: LineAmount): LineAmount {
	const { unit } = amount;
	if (!unit || !isMeasured(unit) || amount.quantityTo !== null) return amount;
	const joint = /^\s*(?:,|\+|plus|and|&)?\s*/i.exec(amount.rest)?.[0] ?? '';
	const next = numberAt(amount.rest.slice(joint.length));
	const more = next && next.to === null ? unitAt(next.rest) : null;
	if (!next || !more || !isMeasured(more.unit)) return amount;
	const [own, other] = [measures[unit], measures[more.unit]];
	const share =
		own.kind === 'mass' && other.kind === 'mass'
			? other.kg / own.kg
			: own.kind === 'volume' && other.kind === 'volume'
				? other.litres / own.litres
				: null;
	if (share === null || (joint.trim() === '' && share >= 1)) return amount;
	return {
		...amount,
		quantity: rounded(amount.quantity + next.from * more.times * share),
		rest: more.rest
	};
}

/** A size in brackets or after a dash before what it comes in: "(14 oz) can", "15-oz can", "x 400 g". */
function sizeAt(text: string): { quantity: number; unit: MeasureName; rest: string } | null {
	const open = /^\s*(?:x|\*|of)?\s*(\()?\s*/i.exec(text)?.[0] ?? '';
	const inside = skipLoose(text.slice(open.length));
	const size = numberAt(inside);
	const unit = size && unitAt(size.rest);
	if (!size || !unit || !isMeasured(unit.unit)) return null;
	let { rest } = unit;
	const second = /^\s*\/\s*[\d./ ]+[a-z. -]*?(?=[\s)])/i.exec(rest);
	if (second && open.includes('(')) rest = rest.slice(second[0].length);
	if (open.includes('(')) {
		const close = rest.indexOf(')');
		if (close < 0) return null;
		rest = rest.slice(close + 1);
	}
	const quantity = size.to === null ? size.from : (size.from + size.to) / 2;
	return { quantity: quantity * unit.times, unit: unit.unit, rest };
}

/** The amount a text begins with; null when it begins with none. */
export function amountAt(text: string): LineAmount | null {
	const start = skipLoose(text);
	const sized =
		/^(?:an?\s+)?(?:thumb|walnut|finger|egg|golf ball)[\s-]*(?:tip[\s-]*)?sized?\s+(?:piece|knob|bit|chunk)s?\b/i.exec(
			start
		);
	if (sized)
		return {
			quantity: 1,
			quantityTo: null,
			unit: 'knob',
			counted: null,
			container: null,
			rest: start.slice(sized[0].length)
		};
	const bare =
		/^(pinch|handful|dash|splash|drizzle|knob|bunch|sprig|glug|slice|clove|thumb|squeeze)(?:es|s)?\b(?=\s+(?:of\s+)?[a-z])/i.exec(
			start
		);
	if (bare && !/^(handful|bunch|clove|slice)s\b/i.test(start)) {
		const unit = unitAt(start);
		if (unit)
			return {
				quantity: 1,
				quantityTo: null,
				unit: unit.unit,
				counted: null,
				container: null,
				rest: unit.rest
			};
	}
	const sizes = cansOfSize(start);
	if (sizes) return sizes;
	const first = numberAt(start);
	if (!first) return null;
	return withMore(measured(first));
}

/** "2 - 4 oz cans", "1-15 oz can": so many of that size, when what it comes in follows; null for a plain range. */
function cansOfSize(text: string): LineAmount | null {
	const dashed = /^(\d+)\s*-\s*(?=\d)/.exec(text);
	const each = dashed && sizeAt(text.slice(dashed[0].length));
	const container = each && unitAt(each.rest);
	if (!dashed || !container || isSize(container.unit)) return null;
	const counted = Number(dashed[1]);
	return {
		quantity: rounded(counted * each.quantity),
		quantityTo: null,
		unit: each.unit,
		counted,
		container: container.unit,
		rest: container.rest
	};
}

function measured({
	from,
	to,
	rest
}: {
	from: number;
	to: number | null;
	rest: string;
}): LineAmount {
	const plain = { quantity: from, quantityTo: to, counted: null, container: null };
	const after = skipLoose(rest);
	// "2 x 400 g tins", "1 (14 oz) can", "two 400g tins", "1 15-oz can"
	const size = /^\s*(?:x|\*|\(|of\s+\d|\d|a\s+\d)/i.test(rest)
		? sizeAt(rest.replace(/^\s*a\s+(?=\d)/i, ' '))
		: null;
	if (size) {
		const container = unitAt(size.rest);
		const inContainer = container && !isSize(container.unit) ? container : null;
		return {
			quantity: rounded(from * size.quantity),
			quantityTo: to === null ? null : rounded(to * size.quantity),
			unit: size.unit,
			counted: from,
			container: inContainer?.unit ?? null,
			rest: inContainer ? inContainer.rest : size.rest
		};
	}
	const times = /^\s*(?:x|\*)\s*(?=[a-z])/i.exec(rest);
	const length = lengthUnit.exec(rest);
	if (length && to === null)
		return { ...plain, quantity: 1, unit: 'knob', rest: rest.slice(length[0].length) };
	const unit = unitAt(times ? rest.slice(times[0].length) : after.replace(adjective, ''));
	if (!unit) return { ...plain, unit: null, rest: times ? rest.slice(times[0].length) : after };
	// "2 tins (400 g) chickpeas", "1 can (14 oz) tomatoes": so many of that size
	if (!isSize(unit.unit)) {
		const bracket =
			/^\s*\(/.test(unit.rest) || /^\s*-\s*\d/.test(unit.rest)
				? sizeAt(unit.rest.replace(/^\s*-\s*/, ' '))
				: null;
		if (bracket && unit.unit !== 'piece')
			return {
				quantity: rounded(from * bracket.quantity),
				quantityTo: to === null ? null : rounded(to * bracket.quantity),
				unit: bracket.unit,
				counted: from,
				container: unit.unit,
				rest: bracket.rest
			};
	}
	const inside = isMeasured(unit.unit) ? unitAt(unit.rest) : null;
	const container =
		inside && containers.has(inside.unit) && /^\s*(?:of\s+)?[a-z]/i.test(inside.rest)
			? inside
			: null;
	return {
		...plain,
		quantity: from * unit.times,
		quantityTo: to === null ? null : to * unit.times,
		unit: unit.unit,
		container: container?.unit ?? null,
		rest: container ? container.rest : unit.rest
	};
}

/** A second amount for the same thing: "/7oz", "(about 600 g)", "/ ¾ pint"; taken off the text. */
export function otherAmount(text: string): { amount: LineAmount | null; rest: string } {
	const slash = /^\s*(?:\/|\bor\b|=)\s*(?=[\d(~])/.exec(text);
	if (slash) {
		const second = amountAt(text.slice(slash[0].length));
		if (second?.unit) return { amount: second, rest: second.rest };
	}
	const bracket = /^\s*\(\s*([^()]*)\)/.exec(text);
	const inside = bracket && amountAt(bracket[1]);
	if (bracket && inside?.unit && isMeasured(inside.unit))
		return { amount: inside, rest: text.slice(bracket[0].length) };
	return { amount: null, rest: text };
}

/** A weight or volume in brackets after the name that is the amount: "1 swede (about 600 g)", "2 breasts (200 g each)". */
export function bracketedAmount(text: string, count: number | null): LineAmount | null {
	for (const [, inside] of text.matchAll(/\(([^()]*)\)/g)) {
		const found = amountAt(inside.replace(/^\s*(?:total(?:ling)?|weighing|weight|ca)\s*:?/i, ''));
		if (!found?.unit || !isMeasured(found.unit)) continue;
		const each = /\beach\b|\bper\b|a piece/i.test(inside) && count !== null ? count : 1;
		return {
			...found,
			quantity: rounded(found.quantity * each),
			quantityTo: found.quantityTo === null ? null : rounded(found.quantityTo * each)
		};
	}
	return null;
}

/** An amount at the end of a line is no longer, characters, the last word before it included. */
const longestEnd = 48;

/** An amount at the end: "butter 50 g", "flour - 200 g", "onions x 2", "Rice: 1 cup". */
export function amountAtEnd(text: string): { amount: LineAmount; before: string } | null {
	const tail = text.slice(-longestEnd);
	const match = new RegExp(
		`^(.*?[a-z)])\\s*(?:[-:,]|\\bx\\b)?\\s*((?:${number})(?:\\s*(?:-|to)\\s*(?:${number}))?\\s*[a-z#]*\\.?)\\s*$`,
		'i'
	).exec(tail);
	if (!match) return null;
	const amount = amountAt(match[2]);
	if (!amount || amount.rest.trim() !== '') return null;
	const sign = /[-:x,]\s*$/i.test(tail.slice(match[1].length, tail.length - match[2].length));
	if (!amount.unit && !sign) return null;
	return { amount, before: text.slice(0, -longestEnd) + match[1] };
}
