import { and, eq } from 'drizzle-orm';
import { glanceOf } from '../../core/cooling/index.ts';
import type { Db } from '../db/db.ts';
import { coolingReadings, coolingRuns } from '../db/schema/index.ts';
import { getCooling, type CoolingRun, type CoolingRunRow } from '../queries/cooling.ts';

/** Computes anew what the clocks show of a run, after its readings changed. */
async function renewGlance(db: Db, runId: number): Promise<void> {
	const run = await getCooling(db, runId);
	if (!run) throw new Error(`there is no cooling run ${runId}`);
	const glance = glanceOf(run);
	await db.update(coolingRuns).set({ glance }).where(eq(coolingRuns.id, runId));
}

/** Starts a run; its number. */
export async function addCooling(
	db: Db,
	values: Omit<typeof coolingRuns.$inferInsert, 'glance'>
): Promise<number> {
	const glance = glanceOf({ endedAtMs: null, ...values, readings: [] });
	const [run] = await db
		.insert(coolingRuns)
		.values({ ...values, glance })
		.returning({ id: coolingRuns.id });
	return run.id;
}

/** Adds a reading taken by hand; null when there is no such run. */
export async function addReading(
	db: Db,
	values: { runId: number; atMs: number; tempC: number }
): Promise<number | null> {
	return db.transaction(async (tx) => {
		const [run] = await tx
			.select({ id: coolingRuns.id })
			.from(coolingRuns)
			.where(eq(coolingRuns.id, values.runId))
			.for('update');
		if (!run) return null;
		const { runId, atMs, tempC } = values;
		const [known] = await tx
			.select({ id: coolingReadings.id })
			.from(coolingReadings)
			.where(
				and(
					eq(coolingReadings.runId, runId),
					eq(coolingReadings.atMs, atMs),
					eq(coolingReadings.tempC, tempC)
				)
			);
		// the same entry, sent again
		if (known) return known.id;
		const [reading] = await tx.insert(coolingReadings).values(values).returning();
		await renewGlance(tx, values.runId);
		return reading.id;
	});
}

/** Adds what a thermometer read, each moment once; how many were new. Those taken out of the record do not come back. */
export async function addReadings(
	db: Db,
	runId: number,
	source: 'file' | 'probe',
	readings: readonly { atMs: number; tempC: number }[]
): Promise<number> {
	if (readings.length === 0) return 0;
	return db.transaction(async (tx) => {
		const known = await tx
			.select({ atMs: coolingReadings.atMs })
			.from(coolingReadings)
			.where(eq(coolingReadings.runId, runId));
		const seen = new Set(known.map(({ atMs }) => atMs));
		const fresh = readings.filter(({ atMs }) => !seen.has(atMs) && seen.add(atMs));
		if (fresh.length === 0) return 0;
		await tx
			.insert(coolingReadings)
			.values(fresh.map(({ atMs, tempC }) => ({ runId, atMs, tempC, source })));
		await renewGlance(tx, runId);
		return fresh.length;
	});
}

/** Changes what is kept of a run beside its readings. */
export async function setCooling(
	db: Db,
	id: number,
	change: Partial<Pick<CoolingRunRow, 'probe' | 'decisions' | 'endedAtMs'>>
): Promise<void> {
	await db.update(coolingRuns).set(change).where(eq(coolingRuns.id, id));
}

/** Its food stands elsewhere from now on: another vessel, another forecast, the same clock. */
export async function moveCooling(
	db: Db,
	run: CoolingRun,
	values: Pick<
		CoolingRunRow,
		'vessel' | 'place' | 'volumeL' | 'depthM' | 'input' | 'forecast' | 'decisions'
	>
): Promise<void> {
	const glance = glanceOf({ ...run, forecast: values.forecast });
	await db
		.update(coolingRuns)
		.set({ ...values, glance })
		.where(eq(coolingRuns.id, run.id));
}

/** Takes a reading out of the record, or puts it back. */
export async function setReadingRemoved(db: Db, id: number, removed: boolean): Promise<void> {
	const [reading] = await db
		.update(coolingReadings)
		.set({ removed })
		.where(eq(coolingReadings.id, id))
		.returning({ runId: coolingReadings.runId });
	if (reading) await renewGlance(db, reading.runId);
}

/** Ends a run, or takes that back. */
export async function setCoolingEnd(db: Db, id: number, endedAtMs: number | null): Promise<void> {
	await db.update(coolingRuns).set({ endedAtMs }).where(eq(coolingRuns.id, id));
}
