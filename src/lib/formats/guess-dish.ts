import { isRawMeatClass } from '../core/foods/raw-animal.ts';
import { itemByName } from '../core/foods/item-catalogue.ts';
import type { DishKind } from '../core/index.ts';
import type { OwnFacts } from './recipe-draft.ts';
import type { ParsedLine } from './ingredient-line.ts';

const tough = new Set(['lamb shoulder', 'beef shin', 'pork shoulder']);
const pulses = new Set(['red lentils', 'dried beans', 'chickpeas', 'white beans', 'kidney beans']);
const hard = new Set([
	'potato',
	'sweet potato',
	'parsnip',
	'turnip',
	'beetroot',
	'squash',
	'carrot'
]);

/** The kind of dish its name, method and lines suggest; the cook corrects it. Judgement. */
export function guessKind(input: {
	name: string;
	method: string;
	lines: readonly ParsedLine[];
}): DishKind {
	const { name, method, lines } = input;
	if (
		/\b(bake|pie|gratin|lasagne|lasagna|casserole|quiche|crumble|moussaka|cups?|traybake)\b/i.test(
			name
		)
	)
		return 'assembled-bake';
	if (/\b(soup|dal|dhal|chowder|broth)\b/i.test(name)) return 'pulse-soup';
	const items = lines.flatMap((line) => (line.itemName ? [itemByName(line.itemName)] : []));
	const has = (names: ReadonlySet<string>) => items.some((item) => item && names.has(item.name));
	const animal = items.some((item) => item && isRawMeatClass(item.hygiene));
	if (/\b(roast|pulled|pot roast|braised shoulder)\b/i.test(name) && has(tough)) return 'tough-cut';
	if (animal) {
		const poultry = items.some(
			(item) => item?.hygiene === 'raw-poultry' && !/minced/.test(item.name)
		);
		if (poultry && !/\b(stew|chili|curry|ragù|ragu)\b/i.test(name)) return 'lean-pieces';
		return 'meat-in-sauce';
	}
	if (items.some((item) => item?.storage === 'fish-lean' || item?.storage === 'fish-oily'))
		return 'lean-pieces';
	if (has(pulses)) return 'pulse-soup';
	if (/\bbake (it |them )?(at|for|in)\b/i.test(method)) return 'assembled-bake';
	return has(hard) ? 'hard-vegetables' : 'soft-vegetables';
}

const span = String.raw`(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?\s*(hours?|hrs?|h|minutes?|mins?)\b`;

function minutesOf(match: RegExpExecArray | null) {
	if (!match) return null;
	const per = /^h/i.test(match[3]) ? 60 : 1;
	const value = (text: string) => Number(text.replace(',', '.')) * per;
	const from = value(match[1]);
	return { from, to: match[2] ? value(match[2]) : from };
}

/** The cooking instruction a method's words give: slow cooker, pressure cooker or oven with its time; null when none is found. */
export function guessInstruction(method: string): OwnFacts['instruction'] {
	for (const sentence of method.split(/(?<=[.!?])\s+|\n+/)) {
		const minutes = minutesOf(new RegExp(span, 'i').exec(sentence));
		if (!minutes || minutes.from <= 0 || minutes.to > 24 * 60 || minutes.to < minutes.from)
			continue;
		if (/slow[- ]cook/i.test(sentence) || /\bon (low|high)\b/i.test(sentence)) {
			const setting = /\bhigh\b/i.test(sentence) && !/\blow\b/i.test(sentence) ? 'high' : 'low';
			return { method: { appliance: 'slow-cooker', setting }, state: 'fresh', minutes };
		}
		if (/pressure/i.test(sentence))
			return { method: { appliance: 'pressure-cooker' }, state: 'fresh', minutes };
		const oven = /\b(\d{2,3})\s*(?:°|º|degrees)?\s*([CF])\b/.exec(sentence);
		if (oven && /\b(bake|oven|roast|braise)/i.test(sentence)) {
			const shown = Number(oven[1]);
			const ovenC = oven[2] === 'F' ? Math.round((shown - 32) / 1.8 / 5) * 5 : shown;
			if (ovenC >= 60 && ovenC <= 260)
				return {
					method: { appliance: 'oven', ovenC, covered: !/\bopen|uncovered\b/i.test(sentence) },
					state: 'fresh',
					minutes
				};
		}
	}
	return null;
}

const rawKit =
	/\b(pack (it |them |everything )?raw|freeze (it |them )?raw|put (everything|it all) in(to)? (the|a) bag|uncooked)\b/i;

/** Frozen raw when the method says so; cooked otherwise, as most dishes are. */
export const guessState = (method: string): 'raw' | 'cooked' =>
	rawKit.test(method) ? 'raw' : 'cooked';
