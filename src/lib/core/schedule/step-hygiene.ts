import { comesRaw } from '../foods/raw-animal.ts';
import { itemByName, type Hygiene } from '../foods/item-catalogue.ts';
import { findItem } from '../foods/find-item.ts';
import { isHot, type DishStep, type StepLine } from '../steps/step.ts';
import { isRawAnimalClass } from '../foods/raw-class.ts';
import {
	cookedThroughMin,
	longestWaitMin,
	shortWaits,
	type WaitKind
} from '../published/day-work.ts';

const everything = /\b(everything|all|meat|the rest)\b/i;

/** Raw animal food among a dish's lines, the most demanding first. */
function rawLines(lines: readonly StepLine[]): { name: string; hygiene: Hygiene }[] {
	const order: Hygiene[] = ['raw-poultry', 'raw-meat-fish', 'raw-egg'];
	return lines
		.flatMap(({ itemName, stage, form }) => {
			const hygiene = itemName ? itemByName(itemName)?.hygiene : undefined;
			const kept = stage === 'serve' || stage === 'cook-day';
			const raw = comesRaw(form);
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

/** What a step leaves behind: `raw-hot` has met heat and is not cooked through, `hot` is. */
type Left = 'cold' | 'raw-hot' | 'hot';

/** What each step of a dish leaves behind, by what came before it; and which steps cook its meat or fish through. */
function leftBy(
	steps: readonly DishStep[],
	lines: readonly StepLine[]
): { left: Left[]; through: Set<number> } {
	const left: Left[] = [];
	const through = new Set<number>();
	steps.forEach((step, i) => {
		const before = step.after.map((at) => left[at] ?? 'cold');
		const isRaw = before.includes('raw-hot');
		if (step.heats) left.push('cold');
		else if (isHot(step)) {
			const meetsRaw = isRaw || rawNamed(step.text, lines) !== null;
			const done = !step.hands && step.minutes >= cookedThroughMin;
			if (meetsRaw && done) through.add(i);
			left.push(meetsRaw && !done ? 'raw-hot' : 'hot');
		} else left.push(isRaw ? 'raw-hot' : before.includes('hot') ? 'hot' : 'cold');
	});
	return { left, through };
}

/** Steps that cook a dish's meat or fish through, so that it may be chilled overnight; browning alone does not. */
export const cookingThrough = (
	steps: readonly DishStep[],
	lines: readonly StepLine[]
): ReadonlySet<number> => leftBy(steps, lines).through;

/** A longest wait, and what it is for. */
export interface StepWait {
	maxMin: number;
	kind: WaitKind;
}

/**
 * The longest waits of a step after each of those it waits for, by its place in the list, as they are usual: meat that has met heat,
 * a hot oven, what was boiled and sticks, cut raw meat, what is hot and cooked. Steps without one are left out.
 */
export function usualWaits(
	steps: readonly DishStep[],
	lines: readonly StepLine[]
): Map<number, Map<number, StepWait>> {
	const { left } = leftBy(steps, lines);
	const found = new Map<number, Map<number, StepWait>>();
	steps.forEach((step, i) => {
		const own = new Map<number, StepWait>();
		for (const before of step.after) {
			const wait = usualWait(steps[before], left[before], lines);
			if (wait) own.set(before, wait);
		}
		if (own.size > 0) found.set(i, own);
	});
	return found;
}

function usualWait(before: DishStep, left: Left, lines: readonly StepLine[]): StepWait | null {
	const of = (kind: Exclude<WaitKind, 'boiled'>): StepWait => ({
		kind,
		maxMin: longestWaitMin[kind]
	});
	if (before.heats) return of('hot-oven');
	if (left === 'raw-hot') return of('raw-meat-heated');
	if (before.place === 'board')
		return isRawAnimalClass(stepHygiene(before, lines)) ? of('cut-raw-meat') : null;
	if (left !== 'hot') return null;
	const boiled = before.place === 'burner' || before.place === 'sink';
	const short =
		boiled && shortWaits.find(({ words }) => words.test(before.sentence ?? before.text));
	return short ? { kind: 'boiled', maxMin: short.maxWaitMin } : of('cooked-hot');
}

/**
 * The longest waits of a step as they are kept: its own where the cook has set one, though never longer than meat allows that is raw
 * or half cooked.
 */
export function keptWaits(
	steps: readonly DishStep[],
	lines: readonly StepLine[]
): Map<number, Map<number, StepWait>> {
	const found = usualWaits(steps, lines);
	steps.forEach(({ maxWaitMin, after }, i) => {
		if (maxWaitMin === undefined) return;
		const usual = found.get(i) ?? new Map<number, StepWait>();
		const own = new Map<number, StepWait>();
		for (const before of after) {
			const wait = usual.get(before);
			const firm = wait?.kind === 'raw-meat-heated' || wait?.kind === 'cut-raw-meat';
			if (firm) own.set(before, { ...wait, maxMin: Math.min(wait.maxMin, maxWaitMin ?? Infinity) });
			else if (maxWaitMin !== null)
				own.set(before, { kind: wait?.kind ?? 'cooked-hot', maxMin: maxWaitMin });
		}
		found.set(i, own);
	});
	return found;
}
