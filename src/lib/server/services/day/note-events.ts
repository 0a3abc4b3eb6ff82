import type { DayEvent } from '../../../core/schedule/day-events.ts';
import type { RunSheet } from '../../../core/schedule/run-sheet.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { tellChange } from '../../live/changes.ts';
import { getDay, type DayRow } from '../../queries/days.ts';
import { addDayEvents } from '../../writes/days.ts';
import { followCooling } from './follow-cooling.ts';
import { plannedDishes } from './day-dishes.ts';
import { firstRun, replanned } from './replan.ts';
import { followTakenOut } from './take-out-components.ts';

/** One change of a day after the other: two devices never plan over each other. */
const queues = new Map<number, Promise<unknown>>();
function inTurn<T>(dayId: number, work: () => Promise<T>): Promise<T> {
	const before = queues.get(dayId) ?? Promise.resolve();
	const mine = before.then(work, work);
	const quiet = mine
		.catch(() => undefined)
		.then(() => {
			if (queues.get(dayId) === quiet) queues.delete(dayId);
		});
	queues.set(dayId, quiet);
	return mine;
}

/** Changes how a day is to go, then plans it. Null when there is no such day. */
export const changeRun = (
	db: Db,
	compute: Compute,
	dayId: number,
	nowMs: number,
	change: (run: RunSheet) => RunSheet
): Promise<RunSheet | null> =>
	inTurn(dayId, async () => {
		const day = await getDay(db, dayId);
		if (!day) return null;
		return replanned(db, compute, day, nowMs, change(day.run ?? (await firstRun(db))), 'plan');
	});

/**
 * Keeps what happened on a day and tells every page at once; the rest is planned anew behind that (`replanned` is when). Null when
 * there is no such day.
 */
export async function noteEvents(
	db: Db,
	compute: Compute,
	dayId: number,
	nowMs: number,
	events: readonly DayEvent[]
): Promise<{ replanned: Promise<RunSheet | null> } | null> {
	if (!(await getDay(db, dayId))) return null;
	// a device's clock may run ahead of the server's
	const kept = events.map((event) => ({ ...event, atMs: Math.min(event.atMs, nowMs) }));
	await addDayEvents(db, dayId, kept);
	await followTakenOut(db, dayId, kept);
	tellChange({ topic: 'day' });
	return { replanned: followEvents(db, compute, dayId, nowMs, kept) };
}

const bearsOnPlan = ({ kind }: DayEvent) => kind !== 'tick' && kind !== 'untick';

/** Days with a re-plan that has not begun: it will see whatever is told meanwhile. */
const toPlan = new Set<number>();

/** What follows from events: cooling runs, then a new plan of the rest; ticks of a list need none. */
export function followEvents(
	db: Db,
	compute: Compute,
	dayId: number,
	nowMs: number,
	events: readonly DayEvent[]
): Promise<RunSheet | null> {
	if (events.some(bearsOnPlan)) toPlan.add(dayId);
	return inTurn(dayId, async () => {
		const day = await getDay(db, dayId);
		if (!day?.run) return null;
		const planned = await plannedDishes(db, dayId);
		if (await followCooling(db, compute, { id: dayId, run: day.run }, planned, events))
			tellChange({ topic: 'clocks' });
		return toPlan.delete(dayId) ? replanned(db, compute, day, nowMs, day.run, 'replan') : day.run;
	});
}

/** Plans anew what a server that was killed had not got to. */
export async function catchUp(
	db: Db,
	compute: Compute,
	day: DayRow,
	events: readonly DayEvent[],
	nowMs: number
): Promise<void> {
	const { plan } = day.run ?? {};
	const missed = events.filter((event) => plan && event.atMs > plan.madeAtMs && bearsOnPlan(event));
	if (missed.length > 0 && !queues.has(day.id))
		await followEvents(db, compute, day.id, nowMs, missed);
}
