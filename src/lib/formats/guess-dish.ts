import { isRawMeatClass, itemByName, toughCuts } from '../core/foods/index.ts';
import type { DishKind } from '../core/index.ts';
import { mostBareHours, possibleMin } from '../core/published/index.ts';
import { evened } from './line-amount.ts';
import type { OwnFacts } from './recipe-draft.ts';
import type { ParsedLine } from './ingredient-line.ts';

const pulses = new Set([
	'red lentils',
	'dried beans',
	'dried chickpeas',
	'dried kidney beans',
	'chickpeas',
	'white beans',
	'kidney beans',
	'baked beans'
]);
const hard = new Set([
	'potato',
	'sweet potato',
	'parsnip',
	'turnip',
	'beetroot',
	'squash',
	'carrot'
]);

/** Dishes that are baked in what they freeze in, or made of dough around a filling. */
const bakeNames =
	/\b(bakes?|(?<!chilli )pies?|gratin|lasagne|lasagna|quiche|crumble|moussaka|pastitsio|traybake|enchiladas?|strata|frittata|parmigiana|parmesan bake|cannelloni|cobbler|cups|muffins?|pizzas?|calzones?|past(?:y|ies)|empanadas?|burritos?|meatloaf|meat loaf|nut roast|dauphinoise|pierogi|dumplings?|samosas?|tortilla bake|mac(?:aroni)? (?:and|&|n) cheese|macaroni cheese|ziti|pudding|stuffed (?:peppers|shells|cabbage|aubergines?)|clafoutis|kugel|hotdish|strudel|loaf|tamales?)\b/i;
const soupNames =
	/\b(soup|dal|dhal|daal|chowder|broth|minestrone|gumbo|borscht|pho|ramen|bisque|gazpacho|stock|sambar|rasam)\b/i;
const pan =
	/\b(baking|casserole|pie|lasagne|lasagna|gratin|oven(?:proof|-proof)?) (?:dish|pan|tin|tray)\b|\b(?:9|13|8|20|23|30)[- x×]+\d+[- ]*(?:inch|in|cm)?\b|\bloaf tin\b/i;
const baked = /\bbake (?:it |them )?(?:at|for|in|uncovered|covered|until)\b/i;
const hob = /\b(simmer|slow[- ]?cook|pressure|stew|braise)\w*/i;

/** The kind of dish its name, method and lines suggest; the cook corrects it, its cuts make it finer (`kindByCut`). Judgement. */
export function guessKind(input: {
	name: string;
	method: string;
	lines: readonly ParsedLine[];
}): DishKind {
	const { name, method, lines } = input;
	if (bakeNames.test(name)) return 'assembled-bake';
	if (/\bcasserole\b/i.test(name) && (pan.test(method) || baked.test(method)) && !hob.test(method))
		return 'assembled-bake';
	if (soupNames.test(name)) return 'pulse-soup';
	const items = lines.flatMap((line) => (line.itemName ? [itemByName(line.itemName)] : []));
	const has = (names: ReadonlySet<string>) => items.some((item) => item && names.has(item.like));
	const animal = items.some((item) => item && isRawMeatClass(item.hygiene));
	if (
		/\b(roast|pulled|pot roast|braised shoulder|carnitas|brisket|joint)\b/i.test(name) &&
		has(toughCuts)
	)
		return 'tough-cut';
	if (!hob.test(method) && pan.test(method) && baked.test(method)) return 'assembled-bake';
	if (animal) {
		const poultry = items.some(
			(item) => item?.hygiene === 'raw-poultry' && !/minced/.test(item.name)
		);
		if (poultry && !/\b(stew|chil+i|curry|ragù|ragu|masala|korma|casserole|tagine)\b/i.test(name))
			return 'lean-pieces';
		return 'meat-in-sauce';
	}
	if (items.some((item) => item?.storage === 'fish-lean' || item?.storage === 'fish-oily'))
		return 'lean-pieces';
	if (has(pulses)) return 'pulse-soup';
	if (baked.test(method)) return 'assembled-bake';
	return has(hard) ? 'hard-vegetables' : 'soft-vegetables';
}

const words: Readonly<Record<string, number>> = {
	an: 1,
	a: 1,
	one: 1,
	two: 2,
	three: 3,
	four: 4,
	half: 0.5
};
const value = String.raw`(?:\d+\s+\d/\d|\d+/\d|\d+(?:\.\d+)?|half an?|an?|one|two|three|four)`;
const unit = String.raw`(hours?|hrs?|h|minutes?|mins?|min)\b`;
/** "25 minutes", "6 to 8 hours", "1 hour 30 minutes", "an hour and a half", "1½-2 h" */
const span = new RegExp(
	String.raw`\b(${value})(?:\s*(?:-|–|to)\s*(${value}))?\s*-?\s*${unit}(?:\s*(?:and|,)?\s*(\d+)\s*(?:minutes?|mins?|min)\b|\s+and\s+a\s+(half|quarter)\b)?`,
	'i'
);

function valueOf(text: string): number {
	const said = text
		.trim()
		.toLowerCase()
		.replace(/^half an?$/, 'half');
	if (said in words) return words[said];
	return said.split(/\s+/).reduce((sum, part) => {
		const [above, below = 1] = part.split('/').map(Number);
		return sum + above / below;
	}, 0);
}

function minutesOf(sentence: string) {
	const match = span.exec(evened(sentence));
	if (!match) return null;
	const per = /^h/i.test(match[3]) ? 60 : 1;
	const more = match[4]
		? Number(match[4])
		: match[5]
			? (match[5] === 'half' ? 0.5 : 0.25) * per
			: 0;
	const from = valueOf(match[1]) * per;
	return { from: from + more, to: (match[2] ? valueOf(match[2]) * per : from) + more };
}

const slowly = /slow[- ]cook/i;
/** Shorter than this nothing is cooked in a slow cooker, minutes. */
const leastSlowMin = possibleMin['slow-cooker'].least;

/** A slow cooker's "on low 8 to 10" without a unit: hours. */
function bareHoursOf(sentence: string) {
	const match =
		/\b(?:low|high)\b(?:\s+(?:for|setting|heat|about))*[\s,:(]+(\d{1,2})(?:\s*(?:-|–|to)\s*(\d{1,2}))?(?!\s*(?:[\d/]|[.,]\d|°|g\b|ml\b|cups?\b|kg\b|l\b))/i.exec(
			sentence
		);
	if (!match) return null;
	const [from, to] = [Number(match[1]), Number(match[2] ?? match[1])];
	return from > 0 && to <= mostBareHours ? { from: from * 60, to: to * 60 } : null;
}

/** Oven settings by the marks of gas ovens, °C (common practice, from memory). */
const gasMarkC: Readonly<Record<string, number>> = {
	'1': 140,
	'2': 150,
	'3': 165,
	'4': 180,
	'5': 190,
	'6': 200,
	'7': 220,
	'8': 230,
	'9': 240
};

/** The oven's temperature a sentence names, °C, to the 5 K a knob has; null when it names none that can be. */
function ovenOf(sentence: string): number | null {
	const degrees = /\b(\d{2,3})\s*(?:°|º|degrees?|deg\.?)?\s*(C|F|celsius|fahrenheit)\b/i.exec(
		sentence
	);
	const gas = /\bgas(?: mark)?\s*(\d)\b/i.exec(sentence);
	const shown = degrees ? Number(degrees[1]) : null;
	const ovenC =
		shown === null
			? (gasMarkC[gas?.[1] ?? ''] ?? null)
			: /^f/i.test(degrees?.[2] ?? '')
				? Math.round((shown - 32) / 1.8 / 5) * 5
				: shown;
	return ovenC !== null && ovenC >= 60 && ovenC <= 260 ? ovenC : null;
}

/**
 * The cooking instruction a method's words give: slow cooker, pressure cooker or oven with its time; the oven may have been heated
 * some sentences before. Null when none is found.
 */
export function guessInstruction(method: string): OwnFacts['instruction'] {
	let heatedC: number | null = null;
	for (const sentence of method.split(/(?<=[.!?])\s+|\n+/)) {
		heatedC = ovenOf(sentence) ?? heatedC;
		const minutes = minutesOf(sentence) ?? (slowly.test(sentence) ? bareHoursOf(sentence) : null);
		if (!minutes || minutes.from <= 0 || minutes.to > 24 * 60 || minutes.to < minutes.from)
			continue;
		// "on high for five minutes" is the hob
		if (
			slowly.test(sentence) ||
			(/\bon (low|high)\b/i.test(sentence) && minutes.from >= leastSlowMin)
		) {
			if (minutes.from < leastSlowMin) continue;
			const setting = /\bhigh\b/i.test(sentence) && !/\blow\b/i.test(sentence) ? 'high' : 'low';
			return { method: { appliance: 'slow-cooker', setting }, state: 'fresh', minutes };
		}
		if (/pressure/i.test(sentence))
			return { method: { appliance: 'pressure-cooker' }, state: 'fresh', minutes };
		if (
			heatedC !== null &&
			/\b(bake|oven|roast|braise)/i.test(sentence) &&
			!/\bpre-?heat/i.test(sentence)
		)
			return {
				method: {
					appliance: 'oven',
					ovenC: heatedC,
					covered: !/\b(open|uncovered|lid off)\b/i.test(sentence)
				},
				state: 'fresh',
				minutes
			};
	}
	return null;
}
