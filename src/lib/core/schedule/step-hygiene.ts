import { itemByName, type Hygiene } from '../foods/item-catalogue.ts';
import { findItem } from '../foods/find-item.ts';
import type { DishStep, StepLine } from '../steps/propose-steps.ts';
import { isRawAnimalClass } from '../foods/raw-class.ts';

const everything = /\b(everything|all|meat|the rest)\b/i;

/** Raw animal food among a dish's lines, the most demanding first. */
function rawLines(lines: readonly StepLine[]): { name: string; hygiene: Hygiene }[] {
	const order: Hygiene[] = ['raw-poultry', 'raw-meat-fish', 'raw-egg'];
	return lines
		.flatMap(({ itemName, stage, form }) => {
			const hygiene = itemName ? itemByName(itemName)?.hygiene : undefined;
			const kept = stage === 'serve' || stage === 'cook-day';
			const raw = form !== 'cooked' && form !== 'canned';
			return itemName && hygiene && raw && !kept && isRawAnimalClass(hygiene)
				? [{ name: itemName, hygiene }]
				: [];
		})
		.sort((a, b) => order.indexOf(a.hygiene) - order.indexOf(b.hygiene));
}

/** The raw animal food a dish holds, the most demanding; null when it holds none. */
export const rawOf = (lines: readonly StepLine[]): Hygiene | null =>
	rawLines(lines)[0]?.hygiene ?? null;

/**
 * What a step's hands or board touch: on the board, the item that is cut; elsewhere, raw animal food of the dish that its words
 * name. Null: nothing that matters (a pot on the stove).
 */
export function stepHygiene(step: DishStep, lines: readonly StepLine[]): Hygiene | null {
	if (!step.hands) return null;
	if (step.place === 'board') return findItem(step.text.split(',')[0])?.hygiene ?? 'raw-vegetable';
	const named = rawNamed(step.text, lines);
	if (named) return named;
	return everything.test(step.text) && step.after.length === 0 ? rawOf(lines) : null;
}

/** The raw animal food of a dish that a step's words name; null when they name none. */
function rawNamed(text: string, lines: readonly StepLine[]): Hygiene | null {
	const words = new Set(text.toLowerCase().match(/\p{L}+/gu));
	const named = rawLines(lines).find(({ name }) =>
		name.split(/[^\p{L}]+/u).some((word) => words.has(word) || words.has(`${word}s`))
	);
	return named?.hygiene ?? null;
}

const onlyBrowns = /\b(brown|sear|fry|sauté)/i;
const heats: ReadonlySet<string> = new Set([
	'burner',
	'oven',
	'pressure-cooker',
	'slow-cooker',
	'microwave'
]);

/** Whether a step heats at all. */
export const isHot = (step: Pick<DishStep, 'place'>): boolean => heats.has(step.place);

/** Whether a step cooks meat or fish through, so that it may be chilled overnight; browning alone does not. */
export const cooksMeatThrough = (step: DishStep, lines: readonly StepLine[]): boolean =>
	isHot(step) && !onlyBrowns.test(step.text) && rawNamed(step.text, lines) !== null;
