import type { RunSheet } from '../core/schedule/run-sheet.ts';
import { kitchenResources } from '../schemas/choices.ts';
import type { Habit } from './habit.ts';
import { timeOfDayText } from './time.ts';

/** How a packing day is to go, as its form shows it. */
export function typedRun(
	run: Pick<RunSheet, 'startClock' | 'deadlineClock' | 'pauses' | 'capacity'>,
	habit: Habit
): Record<string, string> {
	const time = (clock: string | null) => (clock ? timeOfDayText(clock, habit) : '');
	return {
		startClock: time(run.startClock),
		deadlineClock: time(run.deadlineClock),
		pauses: run.pauses.map((p) => `${time(p.fromClock)} for ${p.minutes} min`).join(', '),
		...Object.fromEntries(kitchenResources.map((name) => [name, String(run.capacity[name] ?? 0)]))
	};
}
