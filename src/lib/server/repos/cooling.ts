import { and, asc, desc, eq, inArray, isNull } from 'drizzle-orm';
import type { Db } from '../db/open.ts';
import { coolingReadings, coolingRuns } from '../db/schema/index.ts';

export type CoolingRunRow = typeof coolingRuns.$inferSelect;
export type CoolingReadingRow = typeof coolingReadings.$inferSelect;
export interface CoolingRun extends CoolingRunRow {
	readings: CoolingReadingRow[];
}

async function withReadings(db: Db, runs: CoolingRunRow[]): Promise<CoolingRun[]> {
	if (runs.length === 0) return [];
	const readings = await db
		.select()
		.from(coolingReadings)
		.where(
			and(
				inArray(
					coolingReadings.runId,
					runs.map((run) => run.id)
				),
				eq(coolingReadings.removed, false)
			)
		)
		.orderBy(asc(coolingReadings.atMs), asc(coolingReadings.id));
	return runs.map((run) => ({ ...run, readings: readings.filter((r) => r.runId === run.id) }));
}

export async function runningCoolings(db: Db): Promise<CoolingRun[]> {
	const runs = await db
		.select()
		.from(coolingRuns)
		.where(isNull(coolingRuns.endedAtMs))
		.orderBy(asc(coolingRuns.startedAtMs));
	return withReadings(db, runs);
}

export async function endedCoolings(db: Db, most: number): Promise<CoolingRun[]> {
	const runs = await db
		.select()
		.from(coolingRuns)
		.orderBy(desc(coolingRuns.endedAtMs))
		.limit(most + 20);
	return withReadings(db, runs.filter((run) => run.endedAtMs !== null).slice(0, most));
}

export async function getCooling(db: Db, id: number): Promise<CoolingRun | null> {
	const runs = await db.select().from(coolingRuns).where(eq(coolingRuns.id, id));
	return (await withReadings(db, runs))[0] ?? null;
}

export async function addCooling(db: Db, values: typeof coolingRuns.$inferInsert): Promise<number> {
	const [run] = await db.insert(coolingRuns).values(values).returning();
	return run.id;
}

export async function addReading(
	db: Db,
	values: { runId: number; atMs: number; tempC: number }
): Promise<number> {
	const [reading] = await db.insert(coolingReadings).values(values).returning();
	return reading.id;
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
		if (fresh.length > 0)
			await tx
				.insert(coolingReadings)
				.values(fresh.map(({ atMs, tempC }) => ({ runId, atMs, tempC, source })));
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

/** Takes a reading out of the record, or puts it back. */
export async function setReadingRemoved(db: Db, id: number, removed: boolean): Promise<void> {
	await db.update(coolingReadings).set({ removed }).where(eq(coolingReadings.id, id));
}

/** Ends a run, or takes that back. */
export async function setCoolingEnd(db: Db, id: number, endedAtMs: number | null): Promise<void> {
	await db.update(coolingRuns).set({ endedAtMs }).where(eq(coolingRuns.id, id));
}

export async function getReading(db: Db, id: number): Promise<CoolingReadingRow | null> {
	const [reading] = await db.select().from(coolingReadings).where(eq(coolingReadings.id, id));
	return reading ?? null;
}

/** Runs that belong to a packing day, the latest last. */
export async function coolingsOfDay(db: Db, dayId: number): Promise<CoolingRunRow[]> {
	return db
		.select()
		.from(coolingRuns)
		.where(eq(coolingRuns.dayId, dayId))
		.orderBy(asc(coolingRuns.startedAtMs), asc(coolingRuns.id));
}
