import { createHash } from 'node:crypto';
import {
	type DayEvent,
	dayState,
	type DayTasksInput,
	type EarlierPlan,
	type KeptPlan,
	movedTasks,
	type OrderedDay,
	type OrderOfWorkInput,
	type OutlookInput,
	type PlanReason,
	type RunSheet,
	stillHolds,
	taskStates,
	usualCapacity
} from '../../../core/schedule/index.ts';
import { cookerFill01, dayWork } from '../../../core/published/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Compute, ComputeWatch } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/household.ts';
import { tellChange } from '../../live/changes.ts';
import { begunDays, eventsOfDay, type DayRow } from '../../queries/days.ts';
import { setDay } from '../../writes/days.ts';
import { getHousehold } from '../../queries/household.ts';
import { clockOnDayMs } from '../../serve-time.ts';
import { learnedBefore } from './learned-work.ts';
import { coolingOptions, dayCoolings, dayDishesOf, plannedDishes } from './day-dishes.ts';

const usualStart = '09:00';
/**
 * Moves tried: for a first plan on the screen at once, for the day's plan behind it, for a change of a plan that was looked for
 * already (what would help is planned with as many, so that what is promised comes), and while hands wait for it.
 */
export const iterations = { first: 10, full: 1000, changed: 150, replan: 40 } as const;

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

/** How a day is planned. */
export interface PlanHow {
	iterations: number;
	/** the day chooses how its dishes are cooled, of the ways that are known */
	choosesWays: boolean;
	/** a better plan is looked for behind it */
	rough: boolean;
	/** ids in the order of an earlier plan, to begin with */
	order?: string[];
	/** what was said that led to it */
	because?: readonly DayEvent[];
	watch?: ComputeWatch;
}

/** A day planned, and what its outlook is asked with. */
export interface PlannedDay {
	run: RunSheet;
	asked: OutlookInput;
}

/** A day planned as it is now: its tasks from the dishes, what has happened, what is left. Nothing is kept by this. */
export async function planOf(
	db: Db,
	compute: Compute,
	day: DayRow,
	nowMs: number,
	run: RunSheet,
	how: PlanHow
): Promise<PlannedDay> {
	const planned = await plannedDishes(db, day.id);
	const house = await getHousehold(db);
	const cooling = await dayCoolings(compute, planned, house, run.cooling);
	const state = dayState(await eventsOfDay(db, day.id));
	const zeroMs = state.startedAtMs ?? clockOnDayMs(day.onDay, run.startClock, house.timeZone);
	const minute = (ms: number) => (ms - zeroMs) / 60_000;
	// a day begun earlier or later than planned: its breaks are on the day it is
	const onDay = dayIn(zeroMs, house.timeZone);
	const started = state.startedAtMs !== null;
	const learned01 = (started && run.plan?.learned01) || (await learnedBefore(db, day.id));
	const doneBefore = run.doneBefore.map(({ id }) => id);
	const asked: DayTasksInput = {
		dishes: dayDishesOf(planned, cooling),
		capacity: run.capacity,
		litresIn: cookerLitres(house),
		...(house.oven.preheatMin !== undefined && { preheatMin: house.oven.preheatMin }),
		learned01,
		doneBefore
	};
	const ways = how.choosesWays && !started ? coolingOptions(planned, cooling) : {};
	const fixedPauses = run.pauses.map(({ fromClock, minutes }, i) => ({
		id: `pause:${i}`,
		fromMin: minute(clockOnDayMs(onDay, fromClock, house.timeZone)),
		minutes
	}));
	const states = taskStates(state, zeroMs);
	const pauses = [
		...fixedPauses,
		...state.pauses.map(({ uid, fromMs, minutes }) => ({
			id: `pause:${uid}`,
			fromMin: minute(fromMs),
			minutes
		}))
	];
	const of = hashOf([states, pauses, state.slow01, asked]);
	const old = run.plan;
	const earlier = old?.earlier ?? [];
	const same = started ? earlier.find((plan) => plan.of === of) : undefined;
	const before = started ? (same?.startMin ?? old?.startMin) : undefined;
	const nowMin = started ? Math.max(0, minute(nowMs)) : 0;
	const question: OrderOfWorkInput = {
		day: asked,
		ways,
		states,
		nowMin,
		slow01: state.slow01,
		pauses,
		changeoverMin: dayWork.changeoverMin,
		...(how.order && { order: how.order }),
		...(before && { before }),
		startWays: Object.fromEntries(Object.entries(cooling).map(([id, { way }]) => [id, way])),
		iterations: how.iterations
	};
	const found = await compute('order-of-work', question, how.watch);
	const { plan, tasks, ways: chosen } = found;
	const missing = tasks.flatMap(({ text, kind, uses = {} }) =>
		kind === 'pause'
			? []
			: Object.entries(uses)
					.filter(([name, amount]) => amount > (run.capacity[name] ?? 0))
					.map(([resource]) => ({ text, resource }))
	);
	const { durationMin: _durationMin, overWaitMin: _overWaitMin, ...anew } = plan;
	// a change was taken back in time: the plan before it is the plan again
	const again = same && stillHolds(same, tasks, states, nowMin, state.slow01) ? same : null;
	const placed = {
		...anew,
		...(again && {
			...placedOf(again),
			waitedTooLong: [],
			moved: movedTasks(again.startMin, old?.startMin ?? {})
		})
	};
	const kept: KeptPlan = {
		...placed,
		zeroMs,
		madeAtMs: nowMs,
		tasks,
		missing,
		learned01,
		outlook: null,
		because: reasons(how.because),
		earlier: remembered(earlier, { of, ...placedOf(placed) }),
		rough: how.rough
	};
	return {
		run: { ...run, cooling: withChosen(cooling, chosen), plan: kept },
		asked: { question: { ...question, iterations: iterations.changed }, found }
	};
}

/** Keeps a day's plan and tells every page. */
export async function keepPlan(db: Db, dayId: number, run: RunSheet): Promise<void> {
	await setDay(db, dayId, { run });
	tellChange({ topic: 'day' });
}

const hashOf = (what: unknown): string =>
	createHash('sha256').update(JSON.stringify(what)).digest('base64url').slice(0, 16);

const placedOf = ({
	startMin,
	endMin,
	changeovers,
	cooks,
	alreadyHot
}: Omit<EarlierPlan, 'of'>): Omit<EarlierPlan, 'of'> => ({
	startMin,
	endMin,
	changeovers,
	cooks,
	alreadyHot
});

/** So many earlier plans can be come back to. */
const mostEarlier = 6;
const remembered = (earlier: readonly EarlierPlan[], plan: EarlierPlan): EarlierPlan[] =>
	[...earlier.filter(({ of }) => of !== plan.of), plan].slice(-mostEarlier);

/** What is told of why a day was planned anew; more than a few say nothing. */
const mostReasons = 4;
const reasons = (events: readonly DayEvent[] = []): PlanReason[] =>
	events
		.filter(({ kind }) => kind !== 'tick' && kind !== 'untick')
		.slice(-mostReasons)
		.map(({ kind, key, value }) => ({ kind, key, value }));

/** The ways a day has chosen, put to its dishes. */
function withChosen(cooling: RunSheet['cooling'], chosen: OrderedDay['ways']): RunSheet['cooling'] {
	return Object.fromEntries(
		Object.entries(cooling).map(([id, own]) => {
			const figures = own.options?.find(({ way }) => way === chosen[id]?.way);
			return [id, figures && !own.byCook ? { ...own, ...figures, verdict: 'pass' as const } : own];
		})
	);
}

/** Litres the household's closed cookers may be filled with. */
const cookerLitres = (house: Household): Record<string, number> => ({
	'pressure-cooker': house.pressureCooker.volumeL * cookerFill01['pressure-cooker'],
	'slow-cooker': house.slowCooker.volumeL * cookerFill01['slow-cooker']
});
