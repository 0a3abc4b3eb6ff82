import {
	itemByName,
	type ItemHint,
	type LineCorrection,
	type LineDoubt,
	type LineForm,
	lineKg,
	type LineStage,
	longestLine,
	nameWords,
	readItem
} from '../core/foods/index.ts';
import { type MeasureName, measures } from '../core/units/index.ts';
import {
	amountAt,
	amountAtEnd,
	bracketedAmount,
	evened,
	otherAmount,
	type LineAmount
} from './line-amount.ts';

/** An ingredient line as understood. The text is kept as typed, whatever was understood of it. */
export interface ParsedLine {
	text: string;
	quantity: number | null;
	/** upper end of a typed range */
	quantityTo: number | null;
	/** null beside a quantity: what it counts is not known */
	unit: MeasureName | null;
	/** the words that name the item */
	item: string;
	/** name in the catalogue; null when it is not known */
	itemName: string | null;
	/** how it is cut or got ready, in the line's own words */
	cut: string;
	stage: LineStage;
	form: LineForm | null;
	optional: boolean;
	/** catalogue items that do as well */
	alternatives: string[];
	/** `full`: weight can be computed; `item`: item known, amount open ("to taste"); `text`: kept as text only; `heading`: no ingredient */
	understood: 'full' | 'item' | 'text' | 'heading';
	doubts: LineDoubt[];
	/** "For the sauce:" */
	heading?: true;
}

const bullet =
	/^(?:\s*(?:[-•*–—▢☐☑✓✔◦▪▸·●○□■➤»>‣⁃]+(?=\s|[^\d\s-])|\[[ xX✓]?\]|\(\s\)|\d{1,2}[.)](?=\s+\S)))+\s*/u;
const serveWords =
	/\b(to serve|for serving|to garnish|for garnish|garnish|as a garnish|on top when served|for the table|to finish|for sprinkling|for dipping|on the side)\b/i;
const stageWords: [RegExp, LineStage][] = [
	[
		/\b(on the day|when cooking|cook-day|added later|on cooking day|day of cooking|at the end of cooking day|when reheating|do not freeze|don't freeze)\b/i,
		'cook-day'
	],
	[/\b(own small bag|separate bag|inner bag|small bag|own bag)\b/i, 'inner'],
	[serveWords, 'serve']
];

/** Words that say how a thing is got ready. */
const cutWord = String.raw`(?:diced?|chopped|sliced?|slices|minced|grated|crushed|shredded|cubed|cubes?|halved|halves|quartered|quarters|peeled|drained|rinsed|torn|mashed|jointed|julienned|zested|juiced|beaten|whisked|softened|melted|trimmed|deseeded|seeded|de-seeded|cored|stoned|pitted|deveined|shelled|boned|deboned|butterflied|flaked|crumbled|ground|pur[ée]e?d|blanched|toasted|soaked|washed|scrubbed|separated|scored|strips|chunks|pieces|rings|wedges|batons|matchsticks|florets|ribbons|cut|snipped|smashed|bruised|bashed|split|slit|thawed|squeezed|picked|podded|husked|hulled|rolled|tied|tenderised|tenderized|stuffed|skinned|skin removed|bone removed|casings? removed|stems? removed|fat removed|browned|fried|boiled|cooked|roasted|warmed|cooled|chilled|crushed|pounded|sifted|packed|coarsely|finely|roughly|thinly|in half|lengthways|lengthwise)`;
const cutClause = new RegExp(`\\b${cutWord}\\b`, 'i');
const leadingCut = new RegExp(
	String.raw`^((?:(?:very |freshly |finely |roughly |coarsely |thinly |thickly |well[- ]|lightly |hand[- ]|pre[- ]?)*(?:diced|chopped|sliced|minced|grated|crushed|shredded|cubed|halved|quartered|peeled|drained|rinsed|torn|mashed|julienned|beaten|melted|softened|trimmed|deseeded|pitted|stoned|crumbled|flaked|toasted|soaked|cooked)(?:\s*(?:,|and|&)\s*(?=\w+ed\b))?\s*)+)(?=\S)`,
	'i'
);

/** Reads one line. Never throws and never loses the text; one longer than a line can be is kept as text. */
export function parseIngredientLine(line: string): ParsedLine {
	const text = line.trim();
	if (text.length > longestLine) return unreadLine(text);
	const plain = evened(text.replace(bullet, ''))
		.replace(/^\((?=[^)]*$)|\*\*|__/g, '')
		.replace(/^optional\s*:\s*/i, '');
	if (isHeading(plain))
		return { ...unreadLine(text), understood: 'heading', doubts: [], heading: true };
	const { amount, words } = amountOf(plain);
	const hint = hintOf(amount, text);
	const read = readItem(words, hint);
	const how = partsOf(words, read?.name ?? '');
	const item = read?.item ?? null;
	const unit = unitFor(amount, read !== null, item?.pieceKg != null);
	const base = {
		text,
		quantity: amount?.quantity ?? null,
		quantityTo: amount?.quantityTo ?? null,
		unit,
		item: how.item || text,
		itemName: item?.name ?? null,
		cut: how.cut,
		stage: stageWords.find(([pattern]) => pattern.test(text))?.[1] ?? ('pack' as const),
		form: formOf(text, item?.hygiene === 'ready-to-eat'),
		optional: /\boptional(ly)?\b|\bif (you )?(like|liked|wish|desired|using)\b/i.test(text),
		alternatives: alternativesOf(words, item?.name ?? null)
	};
	const known = item !== null && parsedLineKg(base) !== null;
	const doubts: LineDoubt[] = [
		...(read === null ? (['unknown'] as const) : []),
		...(read && !read.sure ? (['perhaps'] as const) : []),
		...(read?.driedOrCooked ? (['dried-or-cooked'] as const) : []),
		...(amount && unit === null ? (['amount'] as const) : []),
		...(item && unit !== null && !known ? (['weight'] as const) : [])
	];
	return { ...base, understood: known ? 'full' : item ? 'item' : 'text', doubts };
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
	understood: 'text',
	doubts: ['unknown']
});

/** "For the sauce:", "TOPPING", "— Marinade —": a line that names a part of the dish. */
function isHeading(plain: string): boolean {
	const text = plain.replace(/^[#\s-]+|[#\s-]+$/g, '');
	if (text === '' || text.split(' ').length > 8 || /^\d/.test(text)) return text === '';
	if (/[:：]$/.test(text)) return amountAt(text) === null || !/\d/.test(text);
	if (/^(for|to make|to assemble) (the|your|a)\b/i.test(text) && !/\d/.test(text))
		return !/,/.test(text);
	const shouted = text === text.toUpperCase() && /[A-Z]{3}/.test(text) && !/\d/.test(text);
	if (
		shouted &&
		/^(ingredients|sauce|marinade|topping|filling|dough|base|dressing|garnish|to serve|crust|batter|glaze|you will need|meat|vegetables|dry ingredients|wet ingredients|spices?|to garnish|main ingredients|other|extras|optional|for serving)$/i.test(
			text
		)
	)
		return true;
	return (
		/^(to serve|to garnish|to finish|garnish|ingredients|dry ingredients|wet ingredients|optional extras|tempering|for tempering|for garnish|for serving)$/i.test(
			text
		) ||
		(shouted && readItem(text) === null)
	);
}

/** The amount of a line and its other words. */
function amountOf(plain: string): { amount: LineAmount | null; words: string } {
	const juice =
		/^((?:(?:finely |grated |freshly squeezed )*(?:juice|zest|rind|peel)(?:\s*(?:and|&|\+)\s*(?:juice|zest|rind))?(?:\s*\([^)]*\))?\s+of|the juice of|juice from))\s+(?=\S)/i.exec(
			plain
		);
	const from = juice ? plain.slice(juice[0].length) : plain;
	const start = amountAt(from);
	if (!start) return atEnd(plain);
	const second = otherAmount(start.rest);
	let rest = second.rest.replace(/^\s*[.,]?\s*(?:of\s+(?:the\s+|a\s+)?|x\s+)?/i, '');
	let amount: LineAmount = start;
	// a count with a weight behind it is that weight
	const counts =
		start.unit === null || (start.unit !== null && measures[start.unit].kind === 'count');
	if (counts && second.amount?.unit)
		amount = { ...second.amount, counted: start.quantity, container: start.unit };
	else if (counts && start.container === null && start.counted === null) {
		const inside = bracketedAmount(rest, start.quantity) ?? weightBehind(rest);
		if (inside) amount = { ...inside, counted: start.quantity, container: start.unit };
	}
	// the unit's word alone is the thing: "6 cloves", "4 rolls"
	const bracket = /^\([^)]*\)\s*(?=\S)/.exec(rest);
	if (bracket && start.unit) rest = rest.slice(bracket[0].length);
	if (rest === '' || /^[,(;]/.test(rest)) {
		const word =
			from
				.slice(0, from.length - start.rest.length)
				.trim()
				.split(/[\s\d]+/)
				.at(-1) ?? '';
		if (start.unit && measures[start.unit].kind === 'count' && /[a-z]/i.test(word)) {
			rest = `${word}${rest}`;
			if (amount === start) amount = { ...start, unit: null };
		}
	}
	if (juice)
		rest = `${juice[0].replace(/^the |\([^)]*\)\s*/gi, '')}${rest}`.replace(/\bfrom\b/i, 'of');
	return { amount, words: rest };
}

/** "1 turkey breast, 3 lb": a weight behind the name that is the amount. */
function weightBehind(rest: string): LineAmount | null {
	const end = /,/.test(rest) ? amountAtEnd(rest) : null;
	return end?.amount.unit && measures[end.amount.unit].kind === 'mass' ? end.amount : null;
}

function atEnd(plain: string): { amount: LineAmount | null; words: string } {
	const end = amountAtEnd(plain.replace(/\(([^()]*)\)\s*$/, '$1'));
	if (!end) {
		const inside = bracketedAmount(plain, null);
		return { amount: inside, words: plain };
	}
	return { amount: end.amount, words: end.before };
}

/** The unit that counts: said; a piece of what comes in pieces, or of what nobody knows; else not known. */
function unitFor(
	amount: LineAmount | null,
	known: boolean,
	comesInPieces: boolean
): MeasureName | null {
	if (!amount) return null;
	if (amount.unit) return amount.unit;
	return !known || comesInPieces ? 'piece' : null;
}

const canWords = /\b(cans?|canned|tins?|tinned|jars?|jarred)\b/i;
function hintOf(amount: LineAmount | null, text: string): ItemHint {
	const unit = amount?.unit ?? null;
	const kind = unit ? measures[unit].kind : null;
	const spoon = unit !== null && ['tsp', 'tbsp', 'pinch', 'dash'].includes(unit);
	return {
		counted: amount !== null && (unit === null || unit === 'piece'),
		canned:
			unit === 'can' ||
			unit === 'jar' ||
			amount?.container === 'can' ||
			amount?.container === 'jar' ||
			canWords.test(text),
		spooned: spoon,
		weighed: kind === 'mass' || (kind === 'volume' && !spoon)
	};
}

/** Clauses that may stand before the one that names the item: "boneless, skinless chicken thighs". */
const mostJoined = 3;

/** Words that name the item, apart from how it is got ready. */
function partsOf(words: string, name: string): { item: string; cut: string } {
	const clauses = splitClauses(words);
	const cuts: string[] = [];
	let [main = ''] = clauses;
	// "boneless, skinless chicken thighs": what stands before names nothing alone
	let others = clauses.slice(1);
	let joined = 0;
	while (
		joined++ < mostJoined &&
		others.length &&
		readItem(main) === null &&
		readItem(others[0]) !== null &&
		!cutClause.test(others[0])
	) {
		main = `${main}, ${others[0]}`;
		others = others.slice(1);
	}
	// "ground almonds" are bought so; "chopped onions" are cut
	const said = leadingCut.exec(main);
	const lead =
		said && nameWords(said[1]).some((word) => name.split(' ').includes(word)) ? null : said;
	if (lead) cuts.push(lead[1].trim().replace(/,$/, ''));
	const trailing = new RegExp(
		String.raw`\s(cut (?:in|into)\b.*|in (?:\d|small|large|thin|thick|bite|strips|slices|cubes|pieces|chunks|rings|half|quarters|rounds|batons)\b.*)$`,
		'i'
	).exec(main);
	if (trailing) cuts.push(trailing[1]);
	for (const clause of others)
		if (cutClause.test(clause) && !serveWords.test(clause)) cuts.push(clause);
	const item = main
		.replace(trailing ? trailing[0] : '', '')
		.replace(lead ? lead[1] : '', '')
		.replace(/\s+/g, ' ')
		.trim();
	return { item: item || main || words, cut: cuts.join(', ').slice(0, 120) };
}

/** Parts between commas, semicolons, dashes and brackets. */
const splitClauses = (words: string) =>
	words
		.split(/[,;()]|\s-\s/)
		.map((part) => part.trim())
		.filter((part) => part !== '');

const formWords: [RegExp, LineForm][] = [
	[canWords, 'canned'],
	[/\bfrozen\b/i, 'frozen'],
	[
		/(?<!un)(?<!\bnot )\b(cooked|boiled|roasted|leftover|rotisserie)\b(?! (?:on|later|when)\b)/i,
		'cooked'
	]
];
function formOf(text: string, readyToEat: boolean): LineForm | null {
	const said = formWords.find(([words]) => words.test(text));
	if (said) return said[1];
	return readyToEat ? null : 'raw';
}

/** More than a cook names after "or". */
const mostAlternatives = 4;

/** What else a line names after "or" or a slash. */
function alternativesOf(words: string, itemName: string | null): string[] {
	const [, ...all] = words.split(/\s+or\s+|\(or\s+|(?<=[a-z])\s*\/\s*(?=[a-z])/i);
	const names = all.slice(0, mostAlternatives).flatMap((other) => {
		const said = amountAt(other.replace(/^(?:use|substitute|replace with|instead)\s+/i, ''));
		return readItem(said?.rest ?? other)?.item.name ?? [];
	});
	return [...new Set(names)].filter((name) => name !== itemName);
}

/** Reads pasted lines, one item each; blank lines are left out, what stands under "To serve:" is served with it. */
export function parseIngredientLines(pasted: string): ParsedLine[] {
	let under: LineStage | null = null;
	return pasted
		.split(/\r?\n/)
		.map((line) => line.trim())
		.filter((line) => line !== '')
		.map((text) => {
			const line = parseIngredientLine(text);
			if (line.heading) under = serveWords.test(text) ? 'serve' : null;
			else if (under && line.stage === 'pack') return { ...line, stage: under };
			return line;
		});
}

/** Kilograms of a parsed line. */
export const parsedLineKg = lineKg;

/** A line with its corrections; its weight is known or not by the item it is now. What the cook has said is no longer in doubt. */
export function correctedLine(
	line: ParsedLine,
	correction: LineCorrection | undefined
): ParsedLine {
	if (!correction) return line;
	const { settled, ...changes } = correction;
	const next = { ...line, ...changes };
	if (line.understood === 'heading') return next;
	const item = next.itemName ? itemByName(next.itemName) : null;
	const known = parsedLineKg(next) !== null;
	const named = settled || correction.itemName !== undefined;
	return {
		...next,
		doubts: next.doubts.filter((doubt) =>
			doubt === 'amount' || doubt === 'weight' ? !known && !settled : !named
		),
		understood: known ? 'full' : item ? 'item' : 'text'
	};
}
