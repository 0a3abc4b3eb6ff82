import { freezesBadly, type BadFreezer, type FreezerProposal } from '../published/freezes-badly.ts';
import { likeOf } from './item-catalogue.ts';
import type { LineStage } from './dish-facts.ts';

/** A line of a dish that freezes badly. */
export interface FreezerFinding {
	/** place of the line in the dish */
	line: number;
	text: string;
	itemName: string | null;
	code: BadFreezer;
	proposals: readonly FreezerProposal[];
}

/**
 * Names each line that goes into the pack and freezes badly. A house that froze an item in all the same before is not told
 * again of that item (`freezeAnyway`, catalogue names); bakes hold their milk, flour and pasta and are left in peace with those.
 */
export function freezerCheck(input: {
	lines: readonly { text: string; itemName: string | null; stage: LineStage }[];
	state: 'raw' | 'cooked';
	isBake: boolean;
	freezeAnyway?: readonly string[];
}): FreezerFinding[] {
	const bakedIn = new Set(['milk', 'buttermilk']);
	return input.lines.flatMap(({ text, itemName, stage }, line) => {
		if (stage !== 'pack' && stage !== 'inner') return [];
		if (itemName && input.freezeAnyway?.includes(itemName)) return [];
		const like = likeOf(itemName);
		if (input.isBake && like && bakedIn.has(like)) return [];
		const rule = freezesBadly.find(
			({ items, words, unless, onlyState, bakesHold }) =>
				(onlyState === undefined || onlyState === input.state) &&
				!(bakesHold && input.isBake && (input.state === 'cooked' || like !== 'potato')) &&
				!unless?.test(text) &&
				((like !== null && items.includes(like)) || words?.test(text))
		);
		return rule ? [{ line, text, itemName, code: rule.code, proposals: rule.proposals }] : [];
	});
}

const browns = /\b(brown|sear|part-?cook|half-?cook|par-?boil)\w*\b/i;
const finishes =
	/\b(cook(ed)? through|until (cooked|done|tender|no longer pink)|simmer|braise|bake|boil|stew|roast)\w*\b/i;
const meat =
	/\b(meat|mince|beef|lamb|pork|chicken|turkey|poultry|sausage|shoulder|shin|thighs?|breasts?)\b/i;

/**
 * A step that only browns meat of a dish frozen raw, to finish it another day: USDA FSIS, never brown or partly cook meat or
 * poultry and finish it later. Gives the sentence of the method; null when there is none.
 */
export function partCookedStep(input: {
	method: string;
	state: 'raw' | 'cooked';
	hasRawMeat: boolean;
}): string | null {
	if (input.state !== 'raw' || !input.hasRawMeat) return null;
	const sentences = input.method.split(/(?<=[.!?])\s+|\n+/).map((s) => s.trim());
	return sentences.find((s) => browns.test(s) && meat.test(s) && !finishes.test(s)) ?? null;
}
