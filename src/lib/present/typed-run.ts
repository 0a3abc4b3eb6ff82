import type { RunSheet } from '../core/schedule/index.ts';
import type { Habit } from './habit.ts';
import { timeOfDayText } from './time.ts';

/** How a packing day is to go, as its form shows it; `resources` are the amounts it asks for. */
export function typedRun(
	run: Pick<RunSheet, 'startClock' | 'deadlineClock' | 'pauses' | 'capacity'>,
	resources: readonly (keyof RunSheet['capacity'])[],
	habit: Habit
): Record<string, string> {
	const time = (clock: string | null) => (clock ? timeOfDayText(clock, habit) : '');
	return {
		startClock: time(run.startClock),
		deadlineClock: time(run.deadlineClock),
		pauses: run.pauses.map((p) => `${time(p.fromClock)} for ${p.minutes} min`).join(', '),
		...Object.fromEntries(resources.map((name) => [name, String(run.capacity[name] ?? 0)]))
	};
}
