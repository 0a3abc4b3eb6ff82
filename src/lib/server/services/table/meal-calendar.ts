import * as w from '../../../present/wording/index.ts';
import { mealsCalendar, type MealEvent } from '../../../formats/meals-ics.ts';
import { addDays } from '../../../core/units/index.ts';
import { dayIn, dayTitle, instantText } from '../../../present/time.ts';
import { methodText } from '../../../present/wording/codes/words.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { habitOf } from '../../queries/household.ts';
import { stockToPlan } from '../../queries/packs.ts';
import { weekMeals } from './weeks.ts';

const minMs = 60_000;
/** A calendar of what is coming: so many days back and ahead. */
const [backDays, aheadDays] = [7, 42];
/** A pull takes a moment. */
const pullMin = 10;
const rings = { pullMin: 0, startMin: 10, bestByMin: 7 * 1440 };

/** Pulls, starts and best-by days as a calendar reads them. */
export async function mealCalendar(
	db: Db,
	compute: Compute,
	house: Household,
	nowMs: number
): Promise<string> {
	const habit = habitOf(house);
	const today = dayIn(nowMs, house.timeZone);
	const days = backDays + aheadDays;
	const { meals } = await weekMeals(db, compute, house, {
		from: addDays(today, -backDays),
		days,
		nowMs
	});
	const say = w.mealCalendar;
	const events = meals.flatMap((meal): MealEvent[] => {
		const { uid, title, version, plan, serveAtMs } = meal;
		const at = instantText(serveAtMs, habit);
		const base = { sequence: version - 1 };
		if (!plan) {
			const span = { fromMs: serveAtMs, toMs: serveAtMs + 60 * minMs };
			return [
				{
					...base,
					uid: `${uid}-meal@almacen`,
					at: span,
					summary: title,
					description: '',
					ringsBeforeMin: 0
				}
			];
		}
		const way = methodText(plan.method, habit);
		const start: MealEvent = {
			...base,
			uid: `${uid}-start@almacen`,
			at: { fromMs: plan.startAtMs, toMs: serveAtMs },
			summary: say.start({ what: title, way }),
			description: say.startFor({ at, servings: meal.eaters }),
			ringsBeforeMin: rings.startMin
		};
		if (plan.takeOutAtMs === null) return [start];
		const place = plan.route === 'refrigerator' ? 'refrigerator' : 'cold-water';
		return [
			{
				...base,
				uid: `${uid}-pull@almacen`,
				at: { fromMs: plan.takeOutAtMs, toMs: plan.takeOutAtMs + pullMin * minMs },
				summary: say.pull[place]({ what: title }),
				description: say.pullFor({ day: dayTitle(meal.onDay, habit), at }),
				ringsBeforeMin: rings.pullMin
			},
			start
		];
	});
	const planned = new Set(meals.flatMap(({ codes }) => codes));
	const dates = (await stockToPlan(db)).flatMap(({ code, name, bestBy }): MealEvent[] =>
		bestBy === null || bestBy < today || planned.has(code)
			? []
			: [
					{
						uid: `best-by-${code}@almacen`,
						sequence: 0,
						at: { day: bestBy },
						summary: say.bestBy({ what: `${name}, ${code}` }),
						description: '',
						ringsBeforeMin: rings.bestByMin
					}
				]
	);
	return mealsCalendar(say.name, [...events, ...dates], nowMs);
}
