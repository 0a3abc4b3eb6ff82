import {
	type DayEvent,
	idsInOrder,
	isCut,
	type KeptPlan,
	packId,
	type RunSheet
} from '../../../core/schedule/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { tellChange } from '../../live/changes.ts';
import { getDay, type DayRow } from '../../queries/days.ts';
import { addDayEvents } from '../../writes/days.ts';
import { followCooling } from './follow-cooling.ts';
import { packAsPlanned } from '../packs/pack-portions.ts';
import { plannedDishes, type PlannedDish } from './day-dishes.ts';
import { inTurn, isBusy } from './in-turn.ts';
import { firstRun, iterations, keepPlan, planOf } from './replan.ts';
import { searchOf, searchPlan, stopSearch } from './search-plan.ts';
import { followTakenOut } from './take-out-components.ts';

/**
 * Changes how a day is to go, then plans it: a first plan is kept at once, a better one is looked for behind it (`searched` is when
 * that is over). Null when there is no such day.
 */
export async function changeRun(
	db: Db,
	compute: Compute,
	dayId: number,
	nowMs: number,
	change: (run: RunSheet) => RunSheet
): Promise<{ run: RunSheet; searched: Promise<void> } | null> {
	stopSearch(dayId);
	return inTurn(dayId, async () => {
		const day = await getDay(db, dayId);
		if (!day) return null;
		const before = day.run ?? (await firstRun(db));
		const { plan: old } = before;
		const order = old && !old.rough ? idsInOrder(old.startMin) : undefined;
		const { run } = await planOf(db, compute, day, nowMs, change(before), {
			iterations: iterations.first,
			choosesWays: true,
			rough: true,
			order
		});
		await keepPlan(db, dayId, run);
		const dishes = (plan: KeptPlan) => new Set(plan.tasks.flatMap(({ dishIds }) => dishIds));
		const isNew = !old || [...dishes(run.plan as KeptPlan)].some((id) => !dishes(old).has(id));
		const searched = searchPlan(db, compute, dayId, nowMs, isNew ? undefined : order);
		return { run, searched };
	});
}

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

const bearsOnPlan = ({ kind, key }: DayEvent) =>
	(kind !== 'tick' && kind !== 'untick') || isCut(key);

/** Days with a re-plan that has not begun, and what was told meanwhile: it will see all of it. */
const toPlan = new Map<number, DayEvent[]>();

/** What follows from events: cooling runs, then a new plan of the rest; ticks of a list need none. */
export function followEvents(
	db: Db,
	compute: Compute,
	dayId: number,
	nowMs: number,
	events: readonly DayEvent[]
): Promise<RunSheet | null> {
	if (events.some(bearsOnPlan)) {
		stopSearch(dayId);
		toPlan.set(dayId, [...(toPlan.get(dayId) ?? []), ...events.filter(bearsOnPlan)]);
	}
	return inTurn(dayId, async () => {
		const day = await getDay(db, dayId);
		if (!day?.run) return null;
		const planned = await plannedDishes(db, dayId);
		if (await followCooling(db, compute, { id: dayId, run: day.run }, planned, events))
			tellChange({ topic: 'clocks' });
		await followPacking(db, compute, dayId, planned, events, nowMs);
		const because = toPlan.get(dayId);
		if (!because) return day.run;
		toPlan.delete(dayId);
		const { run } = await planOf(db, compute, day, nowMs, day.run, {
			iterations: iterations.replan,
			choosesWays: false,
			rough: false,
			because
		});
		await keepPlan(db, dayId, run);
		return run;
	});
}

/** A dish that was filled, closed and labelled is packs in the freezer from then on; what is told twice happens once. */
async function followPacking(
	db: Db,
	compute: Compute,
	dayId: number,
	planned: readonly PlannedDish[],
	events: readonly DayEvent[],
	nowMs: number
): Promise<void> {
	for (const { dish } of planned) {
		const done = events.some(({ kind, key }) => kind === 'finish' && key === packId(dish.id));
		if (!done) continue;
		const codes = await packAsPlanned(db, compute, { id: dayId, dishId: dish.id }, nowMs);
		if (codes.length > 0) tellChange({ topic: 'clocks' });
	}
}

/** Plans anew what a server that was killed had not got to, and goes on looking where it was. */
export async function catchUp(
	db: Db,
	compute: Compute,
	day: DayRow,
	events: readonly DayEvent[],
	nowMs: number
): Promise<void> {
	const { plan } = day.run ?? {};
	const missed = events.filter((event) => plan && event.atMs > plan.madeAtMs && bearsOnPlan(event));
	if (missed.length > 0 && !isBusy(day.id)) await followEvents(db, compute, day.id, nowMs, missed);
	else if (plan?.rough && !searchOf(day.id) && !isBusy(day.id))
		await searchPlan(db, compute, day.id, nowMs);
}
