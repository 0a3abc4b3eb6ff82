import { dayState, taskStates } from '../../../core/schedule/day-events.ts';
import { usualCapacity, type RunSheet, type KeptPlan } from '../../../core/schedule/run-sheet.ts';
import { dayTasks } from '../../../core/schedule/day-tasks.ts';
import { learnedTimes } from '../../../core/schedule/learned-times.ts';
import { cookerFill01, dayWork } from '../../../core/published/day-work.ts';
import { dayIn } from '../../../present/time.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/household.ts';
import { tellChange } from '../../live/changes.ts';
import { begunDays, eventsOfDay, type DayRow } from '../../queries/days.ts';
import { setDay } from '../../writes/days.ts';
import { getHousehold } from '../../queries/household.ts';
import { clockOnDayMs } from '../../serve-time.ts';
import { dayCoolings, dayDishesOf, plannedDishes } from './day-dishes.ts';

const usualStart = '09:00';
/** Moves tried: for the day's plan, and for a re-plan while hands wait for it. */
const iterations = { plan: 300, replan: 40 };

/** How a day is to go before anybody said: as the last begun day went. */
export async function firstRun(db: Db): Promise<RunSheet> {
	const [last] = await begunDays(db, 1);
	return {
		startClock: last?.run.startClock ?? usualStart,
		deadlineClock: null,
		pauses: [],
		capacity: { ...usualCapacity, ...last?.run.capacity },
		doneBefore: [],
		cooling: {},
		plan: null
	};
}

/** A day planned as it is now: its tasks from the dishes, what has happened, what is left; kept, and told to every page. */
export async function replanned(
	db: Db,
	compute: Compute,
	day: DayRow,
	nowMs: number,
	run: RunSheet,
	how: keyof typeof iterations
): Promise<RunSheet> {
	const planned = await plannedDishes(db, day.id);
	const house = await getHousehold(db);
	const cooling = await dayCoolings(compute, planned, house, run.cooling);
	const state = dayState(await eventsOfDay(db, day.id));
	const zeroMs = state.startedAtMs ?? clockOnDayMs(day.onDay, run.startClock, house.timeZone);
	const minute = (ms: number) => (ms - zeroMs) / 60_000;
	// a day begun earlier or later than planned: its breaks are on the day it is
	const onDay = dayIn(zeroMs, house.timeZone);
	const learned01 = (how === 'replan' && run.plan?.learned01) || (await learned(db, day.id));
	const tasks = dayTasks({
		dishes: dayDishesOf(planned, cooling),
		capacity: run.capacity,
		litresIn: cookerLitres(house),
		learned01,
		doneBefore: new Set(run.doneBefore.map(({ id }) => id))
	});
	const missing = tasks.flatMap(({ text, uses = {} }) =>
		Object.entries(uses)
			.filter(([name, amount]) => amount > (run.capacity[name] ?? 0))
			.map(([resource]) => ({ text, resource }))
	);
	const started = state.startedAtMs !== null;
	const fixedPauses = run.pauses.map(({ fromClock, minutes }, i) => ({
		id: `pause:${i}`,
		fromMin: minute(clockOnDayMs(onDay, fromClock, house.timeZone)),
		minutes
	}));
	const before = run.plan?.startMin ?? {};
	const {
		plan,
		tasks: all,
		outlook
	} = await compute('order-of-work', {
		tasks,
		states: taskStates(state, zeroMs),
		nowMin: started ? Math.max(0, minute(nowMs)) : 0,
		capacity: run.capacity,
		slow01: state.slow01,
		pauses: [
			...fixedPauses,
			...state.pauses.map(({ uid, fromMs, minutes }) => ({
				id: `pause:${uid}`,
				fromMin: minute(fromMs),
				minutes
			}))
		],
		changeoverMin: dayWork.changeoverMin,
		order: Object.keys(before).sort((a, b) => before[a] - before[b]),
		iterations: iterations[how],
		faster: Object.entries(cooling).flatMap(([dishId, { faster }]) =>
			faster ? [{ dishId: Number(dishId), ...faster }] : []
		),
		withOutlook: how === 'plan' && !started && missing.length === 0
	});
	const { durationMin: _durationMin, ...placed } = plan;
	const kept: KeptPlan = {
		...placed,
		zeroMs,
		madeAtMs: nowMs,
		tasks: all,
		missing,
		learned01,
		outlook: outlook ?? (started ? null : (run.plan?.outlook ?? null))
	};
	const next = { ...run, cooling, plan: kept };
	await setDay(db, day.id, { run: next });
	tellChange({ topic: 'day' });
	return next;
}

/** Litres the household's closed cookers may be filled with. */
const cookerLitres = (house: Household): Record<string, number> => ({
	'pressure-cooker': house.pressureCooker.volumeL * cookerFill01['pressure-cooker'],
	'slow-cooker': house.slowCooker.volumeL * cookerFill01['slow-cooker']
});

/** Earlier days whose times count. */
const rememberedDays = 12;

async function learned(db: Db, exceptDayId: number): Promise<Record<string, number>> {
	const days = await begunDays(db, rememberedDays);
	const kept = await Promise.all(
		days
			.filter(({ id }) => id !== exceptDayId)
			.map(async ({ id, run }) => {
				const { tasks } = dayState(await eventsOfDay(db, id));
				return (run.plan?.tasks ?? []).flatMap(({ id: key, kind, work, baseMin }) => {
					const { startedAtMs, endedAtMs } = tasks[key] ?? {};
					if (kind === 'cool' || kind === 'stir' || kind === 'pause' || !startedAtMs || !endedAtMs)
						return [];
					return [{ work, baseMin, actualMin: (endedAtMs - startedAtMs) / 60_000 }];
				});
			})
	);
	return learnedTimes(kept.flat());
}
