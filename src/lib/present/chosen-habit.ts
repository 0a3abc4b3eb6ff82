import type { Habit } from './habit.ts';

/** The habit as the kitchen's form has it chosen so far: what is typed beside the choice is meant in it. */
export function chosenHabit(typed: Readonly<Record<string, unknown>>, habit: Habit): Habit {
	const of = <T extends string>(value: unknown, known: readonly T[], now: T): T =>
		known.find((one) => one === value) ?? now;
	return {
		...habit,
		system: of(typed.system, ['metric', 'us'], habit.system),
		temperature: of(typed.temperature, ['c', 'f'], habit.temperature),
		clock: of(typed.clock, ['24', '12'], habit.clock),
		dayOrder: of(typed.dayOrder, ['dmy', 'mdy', 'ymd'], habit.dayOrder)
	};
}
