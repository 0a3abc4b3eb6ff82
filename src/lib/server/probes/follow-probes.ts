import { logFailure } from '../log.ts';
import type { Db } from '../db/db.ts';
import { tellChange } from '../live/changes.ts';
import { nowMs, timeLapse } from '../now.ts';
import { runningCoolings } from '../queries/cooling.ts';
import { addReadings } from '../writes/cooling.ts';
import { fetchFreezerReadings } from './follow-freezers.ts';
import { readingsSince } from './thermometer-client.ts';

const everyMs = 10_000;
/** A freezer changes slowly: it is asked for every so many turns. */
const freezerEvery = 6;
/** Readings may arrive late by this much. */
const lateMs = 5 * 60_000;

/** Whether the thermometer answered when it was last asked. */
export const thermometer = { answers: true };

/** Fetches what the probes of running coolings have read since. True when anything was new. */
export async function fetchReadings(db: Db): Promise<boolean> {
	const runs = (await runningCoolings(db)).filter(({ probe }) => probe !== null);
	if (runs.length === 0) return false;
	const sinceOf = (run: (typeof runs)[number]) =>
		Math.max(
			run.startedAtMs,
			...run.readings.filter(({ source }) => source === 'probe').map(({ atMs }) => atMs - lateMs)
		);
	const readings = await readingsSince(Math.min(...runs.map(sinceOf)));
	thermometer.answers = readings !== null;
	let added = 0;
	for (const run of runs)
		added += await addReadings(
			db,
			run.id,
			'probe',
			(readings ?? []).filter(({ probe, atMs }) => probe === run.probe && atMs >= run.startedAtMs)
		);
	return added > 0;
}

/** Asks again and again; returns what stops it. */
export function followProbes(db: Db): () => void {
	let busy = false;
	let turn = 0;
	const timer = setInterval(
		() => {
			if (busy) return;
			busy = true;
			const answered = thermometer.answers;
			void fetchReadings(db)
				.then(async (fresh) => {
					if (turn++ % freezerEvery === 0) await fetchFreezerReadings(db, nowMs());
					if (fresh || answered !== thermometer.answers) tellChange({ topic: 'clocks' });
				})
				.catch(logFailure('readings were not kept'))
				.finally(() => (busy = false));
		},
		Math.max(500, everyMs / timeLapse)
	);
	timer.unref();
	return () => clearInterval(timer);
}
