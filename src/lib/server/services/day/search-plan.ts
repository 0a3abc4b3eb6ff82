import type { RunSheet } from '../../../core/schedule/index.ts';
import type { SearchProgress } from '../../../workers/protocol.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { tellChange } from '../../live/changes.ts';
import { getDay } from '../../queries/days.ts';
import { getHousehold } from '../../queries/household.ts';
import { dayCoolings, plannedDishes, withOptions } from './day-dishes.ts';
import { inTurn } from './in-turn.ts';
import { iterations, keepPlan, planOf } from './replan.ts';

/** A search for a better plan, as pages show it. */
export interface PlanSearch {
	phase: 'cooling' | 'order' | 'help';
	/** how far it has come */
	done01: number;
	/** end of the best plan so far, minutes of the day; null: none is known yet */
	endMin: number | null;
}

interface Running extends PlanSearch {
	stop: Int32Array<SharedArrayBuffer>;
}

/** One search a day at most: a newer question ends the older. */
const searches = new Map<number, Running>();
/** Pages are told of progress no more often than this, ms. */
const tellEveryMs = 300;

/** The search that is under way for a day, or null. */
export function searchOf(dayId: number): PlanSearch | null {
	const own = searches.get(dayId);
	return own ? { phase: own.phase, done01: own.done01, endMin: own.endMin } : null;
}

/** Ends the search for a day, if there is one: what it has found so far stays as it was kept. */
export function stopSearch(dayId: number): void {
	const own = searches.get(dayId);
	if (!own) return;
	Atomics.store(own.stop, 0, 1);
	searches.delete(dayId);
}

/**
 * Looks for a better plan of a day that has a first one: computes all ways to cool that pass, lets the day choose among them, and
 * says what would help. What is found is kept if nothing has been said meanwhile. `order`: ids of a plan that was looked for before;
 * then as many moves are tried as for what would help, and what was promised comes.
 */
export async function searchPlan(
	db: Db,
	compute: Compute,
	dayId: number,
	nowMs: number,
	order?: string[]
): Promise<void> {
	stopSearch(dayId);
	const own: Running = {
		phase: 'cooling',
		done01: 0,
		endMin: null,
		stop: new Int32Array(new SharedArrayBuffer(4))
	};
	searches.set(dayId, own);
	const isWanted = () => searches.get(dayId) === own;
	let toldMs = 0;
	const tell = () => {
		const now = performance.now();
		if (now - toldMs < tellEveryMs) return;
		toldMs = now;
		tellChange({ topic: 'day' });
	};
	try {
		const day = await getDay(db, dayId);
		if (!day?.run) return;
		const planned = await plannedDishes(db, dayId);
		const house = await getHousehold(db);
		const known = await dayCoolings(compute, planned, house, day.run.cooling);
		const cooling = await withOptions(compute, planned, house, known, isWanted);
		if (!isWanted()) return;
		own.phase = 'order';
		tell();
		const watch = {
			stop: own.stop,
			onProgress: ({ endMin, done01 }: SearchProgress) => {
				own.endMin = endMin ?? own.endMin;
				own.done01 = done01;
				tell();
			}
		};
		const run = { ...day.run, cooling };
		const { run: better, asked } = await planOf(db, compute, day, nowMs, run, {
			iterations: order ? iterations.changed : iterations.full,
			choosesWays: true,
			rough: false,
			order,
			watch
		});
		const keep = (found: RunSheet) =>
			inTurn(dayId, async () => {
				if (isWanted()) await keepPlan(db, dayId, found);
			});
		await keep(better);
		const { plan } = better;
		if (!isWanted() || !plan || plan.outcome === 'infeasible' || plan.missing.length > 0) return;
		// of a day without work nothing is to be said
		if (plan.tasks.length === 0) return;
		own.phase = 'help';
		own.done01 = 0;
		tell();
		const outlook = await compute('day-outlook', asked, watch);
		await keep({ ...better, plan: { ...plan, outlook } });
	} finally {
		if (isWanted()) {
			searches.delete(dayId);
			tellChange({ topic: 'day' });
		}
	}
}
