import { logFailure } from '../../log.ts';
import { dayIn } from '../../../present/time.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { coolingsOfDay } from '../../queries/cooling.ts';
import { eventsOfDay, getDay } from '../../queries/days.ts';
import { getHousehold } from '../../queries/household.ts';
import { clockOnDayMs } from '../../serve-time.ts';
import { firstRun } from './replan.ts';
import { catchUp } from './note-events.ts';
import { searchOf } from './search-plan.ts';

/** How a day is to go, the usual kitchen's where nothing is said yet. Null when there is no such day. */
export async function runOfDay(db: Db, dayId: number) {
	const day = await getDay(db, dayId);
	return day && (day.run ?? (await firstRun(db)));
}

/** A packing day as every device shows it: how it is to go, its plan, what has happened. Null when there is no such day. */
export async function runSheetNow(db: Db, compute: Compute, dayId: number, nowMs: number) {
	const day = await getDay(db, dayId);
	if (!day) return null;
	const run = day.run ?? (await firstRun(db));
	const { timeZone } = await getHousehold(db);
	const events = await eventsOfDay(db, dayId);
	catchUp(db, compute, day, events, nowMs).catch(logFailure('the day was not re-planned'));
	const onDay = run.plan ? dayIn(run.plan.zeroMs, timeZone) : day.onDay;
	return {
		/** of two answers the later one counts */
		asOfMs: nowMs,
		day: { id: day.id, onDay: day.onDay },
		run,
		/** a better plan is looked for */
		search: searchOf(dayId),
		deadlineMs: run.deadlineClock ? clockOnDayMs(onDay, run.deadlineClock, timeZone) : null,
		events,
		coolings: (await coolingsOfDay(db, dayId)).map(({ id, dishId }) => ({ id, dishId }))
	};
}
