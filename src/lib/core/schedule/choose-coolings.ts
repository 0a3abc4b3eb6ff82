import type { CoolingWayName } from '../cooling/cooling-ways.ts';
import { dayTasks, type DayCooling, type DayTasksInput } from './day-tasks.ts';
import { scheduleDay } from './schedule-day.ts';

/** A way a dish may be cooled on a day: it passes by itself. */
export interface CoolingOption {
	way: CoolingWayName;
	/** of all its vessels */
	iceKg: number | null;
	cooling: DayCooling;
}

/** A change of ways that shortens the day by less is not worth its bother, minutes. */
const worthMin = 5;
const mostRounds = 3;

/**
 * The ways a whole day's hot dishes are cooled, of those that pass for each (`ways`, the least effort first): from the ways it has
 * (`start`), or the least effort, on, whatever shortens the day most is changed, one dish after the other, as long as it is worth it; then ice is spared where that
 * costs no time. So what is scarce (baths, litres of the refrigerator, hands that stir) is shared by the day, not by the dish.
 */
export function chooseCoolings(
	day: DayTasksInput,
	ways: Readonly<Record<string, readonly CoolingOption[]>>,
	start: Readonly<Record<string, CoolingWayName>> = {},
	changeoverMin?: number
): Record<string, CoolingOption> {
	const chosen: Record<string, CoolingOption> = {};
	for (const [id, options] of Object.entries(ways)) {
		const first = options.find(({ way }) => way === start[id]) ?? options[0];
		if (first) chosen[id] = first;
	}
	const endWith = (some: Record<string, CoolingOption>) => {
		const plan = scheduleDay({
			tasks: dayTasks(withCoolings(day, some)),
			capacity: { ...day.capacity },
			changeoverMin,
			quick: true
		});
		return plan.outcome === 'infeasible' ? Infinity : plan.endMin;
	};
	let endMin = endWith(chosen);
	const others = Object.entries(ways).flatMap(([id, options]) =>
		options.map((option) => ({ id, option }))
	);
	for (let round = 0; round < mostRounds * Object.keys(ways).length; round++) {
		let best: { id: string; option: CoolingOption; endMin: number } | null = null;
		for (const { id, option } of others) {
			if (chosen[id] === option) continue;
			const end = endWith({ ...chosen, [id]: option });
			if (end <= endMin - worthMin && (!best || end < best.endMin))
				best = { id, option, endMin: end };
		}
		if (!best) break;
		chosen[best.id] = best.option;
		endMin = best.endMin;
	}
	for (const { id, option } of others) {
		if ((option.iceKg ?? 0) >= (chosen[id].iceKg ?? 0)) continue;
		const end = endWith({ ...chosen, [id]: option });
		if (end > endMin) continue;
		chosen[id] = option;
		endMin = end;
	}
	return chosen;
}

/** A day with its dishes cooled in some ways; dishes that are not named stay as they are. */
export const withCoolings = (
	day: DayTasksInput,
	chosen: Readonly<Record<string, CoolingOption>>
): DayTasksInput => ({
	...day,
	dishes: day.dishes.map((dish) =>
		chosen[dish.id] ? { ...dish, cooling: chosen[dish.id].cooling } : dish
	)
});
