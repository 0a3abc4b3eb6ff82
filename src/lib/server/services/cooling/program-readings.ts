import { tellChange } from '../../live/changes.ts';
import type { Db } from '../../db/db.ts';
import { runningCoolings } from '../../queries/cooling.ts';
import { listFreezers } from '../../queries/household.ts';
import { addReadings } from '../../writes/cooling.ts';
import { addFreezerReadings } from '../../writes/freezer-stock.ts';
import { recountQuality } from '../packs/recount-quality.ts';

type Readings = readonly { atMs: number; tempC: number }[];

/** Keeps what another program read in a freezer, each moment once, and brings best-by days in line. How many were new; null without such a freezer. */
export async function keepFreezerReadings(
	db: Db,
	freezerId: number,
	readings: Readings,
	nowMs: number
): Promise<number | null> {
	if (!(await listFreezers(db)).some(({ id }) => id === freezerId)) return null;
	const added = await addFreezerReadings(db, freezerId, readings, 'thermometer');
	if (added.length > 0) await recountQuality(db, freezerId, nowMs);
	tellChange({ topic: 'clocks' });
	return added.length;
}

/** The same of something that is cooling; what is older than the run is left out. Null where nothing of this number is cooling. */
export async function keepCoolingReadings(
	db: Db,
	runId: number,
	readings: Readings
): Promise<number | null> {
	const run = (await runningCoolings(db)).find(({ id }) => id === runId);
	if (!run) return null;
	const since = readings.filter(({ atMs }) => atMs >= run.startedAtMs);
	const added = await addReadings(db, runId, 'probe', since);
	tellChange({ topic: 'clocks' });
	return added;
}
