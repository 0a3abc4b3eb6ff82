import { and, asc, desc, eq, getTableColumns, inArray, isNull } from 'drizzle-orm';
import { type CoolingGlance, glanceOf } from '../../core/cooling/index.ts';
import type { Db } from '../db/db.ts';
import { coolingReadings, coolingRuns } from '../db/schema/index.ts';

const { glance: _glance, ...runColumns } = getTableColumns(coolingRuns);
/** A run without what is kept of it for the clocks. */
export type CoolingRunRow = Omit<typeof coolingRuns.$inferSelect, 'glance'>;
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
		.select(runColumns)
		.from(coolingRuns)
		.where(isNull(coolingRuns.endedAtMs))
		.orderBy(asc(coolingRuns.startedAtMs));
	return withReadings(db, runs);
}

/** A run as the strip of clocks shows it. */
export type CoolingClock = Pick<
	CoolingRunRow,
	'id' | 'name' | 'place' | 'startedAtMs' | 'endedAtMs' | 'reheatOfId'
> & { glance: CoolingGlance };

export async function endedCoolings(db: Db, most: number): Promise<CoolingRun[]> {
	const runs = await db
		.select(runColumns)
		.from(coolingRuns)
		.orderBy(desc(coolingRuns.endedAtMs))
		.limit(most + 20);
	return withReadings(db, runs.filter((run) => run.endedAtMs !== null).slice(0, most));
}

export async function getCooling(db: Db, id: number): Promise<CoolingRun | null> {
	const runs = await db.select(runColumns).from(coolingRuns).where(eq(coolingRuns.id, id));
	return (await withReadings(db, runs))[0] ?? null;
}

export async function getReading(db: Db, id: number): Promise<CoolingReadingRow | null> {
	const [reading] = await db.select().from(coolingReadings).where(eq(coolingReadings.id, id));
	return reading ?? null;
}

/** Runs that belong to a packing day, the latest last. */
export async function coolingsOfDay(db: Db, dayId: number): Promise<CoolingRunRow[]> {
	return db
		.select(runColumns)
		.from(coolingRuns)
		.where(eq(coolingRuns.dayId, dayId))
		.orderBy(asc(coolingRuns.startedAtMs), asc(coolingRuns.id));
}

/** What runs, for the clocks on every screen: neither forecasts nor readings are read, only what was kept of them. */
export async function runningClocks(db: Db): Promise<CoolingClock[]> {
	const { id, name, place, startedAtMs, endedAtMs, reheatOfId, glance } = coolingRuns;
	const rows = await db
		.select({ id, name, place, startedAtMs, endedAtMs, reheatOfId, glance })
		.from(coolingRuns)
		.where(isNull(endedAtMs))
		.orderBy(asc(startedAtMs));
	return Promise.all(
		rows.map(async ({ glance: kept, ...row }) => ({
			...row,
			glance: kept ?? glanceOf((await getCooling(db, row.id))!)
		}))
	);
}
