import { toughCuts } from '../core/foods/kind-by-cut.ts';
import { isRawMeatClass } from '../core/foods/raw-animal.ts';
import { itemByName } from '../core/foods/item-catalogue.ts';
import type { DishKind } from '../core/index.ts';
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
