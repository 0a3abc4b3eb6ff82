import { stepId, usualWaits } from '../../../core/schedule/index.ts';
import { linesNamed } from '../../../core/steps/index.ts';
import { scaledLine } from '../../../core/foods/index.ts';
import { lineAmountText } from '../../../present/amounts.ts';
import type { Dish } from '../../queries/dishes.ts';
import type { Habit } from '../../../present/habit.ts';
import { stepLines, stepsOfDish } from '../dishes/steps-of-dish.ts';
import type { PlannedDish } from './day-dishes.ts';

/** What a step's card says beside its words. */
export interface StepNote {
	/** the whole sentence, where the step is a part of it */
	sentence: string | null;
	/** what goes in, in the dish's own words and for all batches */
	lines: string[];
	ovenC: number | null;
	/** longest wait before it as it is usual, minutes; null: as long as one likes */
	waitMin: number | null;
}

/** What is said beside each of a dish's steps, for so many batches. */
export function notesOfSteps(
	dish: Pick<Dish, 'lines' | 'steps' | 'method' | 'instruction' | 'state' | 'pieces'>,
	batches: number,
	habit: Habit
): StepNote[] {
	const plain = stepLines(dish);
	const steps = stepsOfDish(dish);
	const waits = usualWaits(steps, plain);
	const before = new Set<unknown>();
	return steps.map((step, i) => {
		const rest = /\bthe rest\b/i.test(step.text);
		const named = linesNamed(step.text, plain).filter((line) => !(rest && before.has(line)));
		if (step.place !== 'board') for (const line of named) before.add(line);
		const lines = dish.lines
			.filter((_, at) => named.includes(plain[at]))
			.filter(({ understood }) => understood !== 'heading')
			.map((line) =>
				[lineAmountText(scaledLine(line, batches), habit), line.item].filter(Boolean).join(' ')
			);
		const own = [...(waits.get(i)?.values() ?? [])].map(({ maxMin }) => maxMin);
		return {
			sentence: step.sentence ?? null,
			lines: step.place === 'board' || step.heats ? [] : lines,
			ovenC: step.ovenC ?? null,
			waitMin: own.length > 0 ? Math.min(...own) : null
		};
	});
}

/** Notes for the steps of a day's dishes, by task. */
export const stepNotes = (
	planned: readonly PlannedDish[],
	habit: Habit
): Record<string, StepNote> =>
	Object.fromEntries(
		planned.flatMap(({ row, dish }) =>
			notesOfSteps(dish, row.batches, habit).map((note, i) => [stepId(dish.id, i), note])
		)
	);
