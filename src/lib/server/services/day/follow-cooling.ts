import { coolId, type DayEvent, type RunSheet } from '../../../core/schedule/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { coolingsOfDay } from '../../queries/cooling.ts';
import { addCooling, setCoolingEnd } from '../../writes/cooling.ts';
import { getHousehold } from '../../queries/household.ts';
import { coolingQuestion } from './day-dishes.ts';
import type { PlannedDish } from './day-dishes.ts';
import { runValues } from '../cooling/start-cooling.ts';

/** A cooling task that begins becomes a cooling run, and one that is finished ends it; what is told twice happens once.
 * False when none of the events is about cooling. */
export async function followCooling(
	db: Db,
	compute: Compute,
	day: { id: number; run: RunSheet },
	planned: readonly PlannedDish[],
	events: readonly DayEvent[]
): Promise<boolean> {
	const ofCooling = events.filter(({ key }) => planned.some(({ dish }) => key === coolId(dish.id)));
	if (ofCooling.length === 0) return false;
	const runs = await coolingsOfDay(db, day.id);
	const house = await getHousehold(db);
	for (const one of planned) {
		const { dish } = one;
		const chosen = day.run.cooling[dish.id];
		const own = runs.filter((run) => run.dishId === dish.id);
		for (const { kind, key, atMs } of ofCooling) {
			if (key !== coolId(dish.id)) continue;
			if (kind === 'begin' && chosen && own.length === 0) {
				const question = coolingQuestion(one, house);
				if (!question) continue;
				const way = await compute('cooling-choice', { ...question.input, names: [chosen.way] });
				await addCooling(db, {
					dayId: day.id,
					dishId: dish.id,
					name: dish.name,
					...runValues(way),
					startedAtMs: atMs
				});
			}
			if (kind === 'finish')
				for (const run of own.filter(({ endedAtMs }) => endedAtMs === null))
					await setCoolingEnd(db, run.id, atMs);
		}
	}
	return true;
}
