import type { Method } from '../core/index.ts';
import type { Habit } from './habit.ts';
import { durationText } from './time.ts';
import { ovenText } from './units.ts';

interface ShownDish {
	name: string;
	servings: number;
	kind: string;
	state: string;
	lines: readonly { text: string }[];
	method: string;
	addOnDay: string;
	pieces: { count: number; name: string } | null;
	instruction: {
		method: Method;
		state: string;
		minutes: { from: number; to: number };
	} | null;
}

/** A dish as its form shows it; `corrections` of its lines as they stand in the form. */
export function typedDish(
	dish: ShownDish,
	corrections: string,
	habit: Habit
): Record<string, string> {
	const told = dish.instruction;
	return {
		name: dish.name,
		servings: String(dish.servings),
		kind: dish.kind,
		state: dish.state,
		lines: dish.lines.map((line) => line.text).join('\n'),
		corrections,
		method: dish.method,
		addOnDay: dish.addOnDay,
		pieces: dish.pieces ? `${dish.pieces.count} ${dish.pieces.name}` : '',
		...(told && {
			appliance: told.method.appliance,
			setting: told.method.appliance === 'slow-cooker' ? told.method.setting : '',
			ovenC: told.method.appliance === 'oven' ? ovenText(told.method.ovenC, habit) : '',
			lid: told.method.appliance === 'oven' && !told.method.covered ? 'open' : 'covered',
			instructionState: told.state,
			fromMin: durationText(told.minutes.from),
			toMin: durationText(told.minutes.to)
		})
	};
}
