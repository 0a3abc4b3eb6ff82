import { instantText } from '../../../present/time.ts';
import { tempText } from '../../../present/units.ts';
import type { Db } from '../../db/db.ts';
import { getReading, type CoolingRun } from '../../queries/cooling.ts';
import { getHousehold, habitOf } from '../../queries/household.ts';
import { undoable } from '../../undo/undoable.ts';
import {
	addReading,
	addReadings,
	setCooling,
	setCoolingEnd,
	setReadingRemoved
} from '../../writes/cooling.ts';

/** Notes a reading taken by hand. Its number; null when the run is gone. */
export const noteReading = addReading;

/** Adds what a thermometer's file holds, each moment once; how many were new. */
export const noteReadingsOfFile = (
	db: Db,
	runId: number,
	rows: readonly { atMs: number; tempC: number }[]
): Promise<number> => addReadings(db, runId, 'file', rows);

/** Takes a reading out of the record, with a line to take that back. False when it is gone already. */
export async function takeOutReading(db: Db, readingId: number, atMs: number): Promise<boolean> {
	const reading = await getReading(db, readingId);
	if (!reading) return false;
	const habit = habitOf(await getHousehold(db));
	const what = `${tempText(reading.tempC, habit)}, ${instantText(reading.atMs, habit)}`;
	const action = { kind: 'reading-removed', readingId } as const;
	return undoable(db, { action, what, atMs }, async (tx) => {
		await setReadingRemoved(tx, readingId, true);
		return true;
	});
}

/** Ends a run, with a line to take that back. */
export async function endRun(db: Db, run: CoolingRun, atMs: number): Promise<void> {
	const action = { kind: 'cooling-ended', runId: run.id } as const;
	await undoable(db, { action, what: run.name, atMs }, async (tx) => {
		await setCoolingEnd(tx, run.id, atMs);
		return true;
	});
}

/** A run that was ended too soon goes on. */
export const goOnWithRun = (db: Db, run: CoolingRun): Promise<void> =>
	setCoolingEnd(db, run.id, null);

/** Which probe lies in a run's food; null: none. */
export const setRunProbe = (db: Db, run: CoolingRun, probe: string | null): Promise<void> =>
	setCooling(db, run.id, { probe });
