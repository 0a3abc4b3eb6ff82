import {
	dayState,
	type DayState,
	learnedTimes,
	type RunSheet
} from '../../../core/schedule/index.ts';
import type { Db } from '../../db/db.ts';
import { begunDays, eventsOfDay, getDay } from '../../queries/days.ts';
import { setDay } from '../../writes/days.ts';
import { inTurn } from './in-turn.ts';

/** Earlier days whose times count. */
const rememberedDays = 12;

/** Minutes that work of hands took on a day, beside its estimate. */
export function keptTimes(run: RunSheet, { tasks }: DayState) {
	const refused = new Set(run.notLearned);
	return (run.plan?.tasks ?? []).flatMap(({ id, kind, work, baseMin }) => {
		const { startedAtMs, endedAtMs } = tasks[id] ?? {};
		const byHands = kind === 'chop' || kind === 'step' || kind === 'pack';
		if (!byHands || !startedAtMs || !endedAtMs) return [];
		const actualMin = (endedAtMs - startedAtMs) / 60_000;
		return [
			{ id, work, baseMin, actualMin, cooks: run.plan?.cooks[id], counts: !refused.has(work) }
		];
	});
}

/** The latest days that were followed, the newest first, with the minutes that their work of hands took. */
export async function followedDays(db: Db, most: number) {
	const days = await begunDays(db, most);
	return Promise.all(
		days.map(async ({ id, onDay, run }) => ({
			id,
			onDay,
			times: keptTimes(run, dayState(await eventsOfDay(db, id)))
		}))
	);
}

/** How the times that count compare with the estimates, by work: of all remembered days but those that are left out. */
async function learned(db: Db, counts: (dayId: number) => boolean) {
	const kept = (await followedDays(db, rememberedDays)).filter(({ id }) => counts(id));
	return learnedTimes(kept.flatMap(({ times }) => times.filter((time) => time.counts)));
}

/** What a day is planned with: its own times come too late for it. */
export const learnedBefore = (db: Db, dayId: number) => learned(db, (id) => id !== dayId);

/** What the next day will be planned with. */
export const learnedSoFar = (db: Db) => learned(db, () => true);

/** Lets what work took on a day count for later ones, or not. False when there is no such day, or it was never planned. */
export async function acceptLearned(
	db: Db,
	dayId: number,
	work: string,
	counts: boolean
): Promise<boolean> {
	return inTurn(dayId, async () => {
		const run = (await getDay(db, dayId))?.run;
		if (!run) return false;
		const others = (run.notLearned ?? []).filter((one) => one !== work);
		return setDay(db, dayId, {
			run: { ...run, notLearned: counts ? others : [...others, work] }
		});
	});
}
