import { and, asc, desc, eq, gte, isNull, lt, notInArray, or, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { type DayEvent, fullPlan, type RunSheet } from '../../core/schedule/index.ts';
import { dayDishes, dayEvents, packingDays, shopMarks } from '../db/schema/index.ts';

export type DayRow = typeof packingDays.$inferSelect;
/** A day by its number and date. */
export type DayAt = Pick<DayRow, 'id' | 'onDay'>;
export type DayDishRow = typeof dayDishes.$inferSelect;
export type ShopMark = typeof shopMarks.$inferSelect;

/** Packing days, the newest first, with how many dishes each has. */
export async function listDays(db: Db): Promise<(DayRow & { dishCount: number })[]> {
	const rows = await db
		.select({ day: packingDays, dishCount: sql<number>`count(${dayDishes.id})::int` })
		.from(packingDays)
		.leftJoin(dayDishes, eq(dayDishes.dayId, packingDays.id))
		.where(isNull(packingDays.removedAtMs))
		.groupBy(packingDays.id)
		.orderBy(desc(packingDays.onDay), desc(packingDays.id));
	return rows.map(({ day, dishCount }) => ({ ...day, dishCount }));
}

const fullRun = (run: RunSheet | null): RunSheet | null =>
	run && { ...run, plan: run.plan && fullPlan(run.plan) };

/** The plan of a day as it is read from the database; null: there is none. */
export const fullPlanOf = ({ run }: Pick<DayRow, 'id' | 'run'>) => fullRun(run)?.plan ?? null;

export async function getDay(db: Db, id: number): Promise<DayRow | null> {
	const [day] = await db
		.select()
		.from(packingDays)
		.where(and(eq(packingDays.id, id), isNull(packingDays.removedAtMs)));
	return day ? { ...day, run: fullRun(day.run) } : null;
}

/** Days still to come or under way that come before a day, in their order. `today`: YYYY-MM-DD. */
export async function openDaysBefore(db: Db, day: DayAt, today: string): Promise<DayRow[]> {
	const ended = db
		.select({ dayId: dayEvents.dayId })
		.from(dayEvents)
		.where(eq(dayEvents.kind, 'end'));
	return db
		.select()
		.from(packingDays)
		.where(
			and(
				isNull(packingDays.removedAtMs),
				gte(packingDays.onDay, today),
				or(
					lt(packingDays.onDay, day.onDay),
					and(eq(packingDays.onDay, day.onDay), lt(packingDays.id, day.id))
				),
				notInArray(packingDays.id, ended)
			)
		)
		.orderBy(asc(packingDays.onDay), asc(packingDays.id));
}

/** The dishes of a day in their order. */
export async function dishesOfDay(db: Db, dayId: number): Promise<DayDishRow[]> {
	return db
		.select()
		.from(dayDishes)
		.where(eq(dayDishes.dayId, dayId))
		.orderBy(asc(dayDishes.position), asc(dayDishes.id));
}

/** One dish on a day, by its row. */
export async function dayDishOf(db: Db, id: number): Promise<DayDishRow | null> {
	const [row] = await db.select().from(dayDishes).where(eq(dayDishes.id, id));
	return row ?? null;
}

export async function marksOfDay(db: Db, dayId: number): Promise<ShopMark[]> {
	return db.select().from(shopMarks).where(eq(shopMarks.dayId, dayId));
}

export async function eventsOfDay(db: Db, dayId: number): Promise<DayEvent[]> {
	return db
		.select({
			uid: dayEvents.uid,
			kind: dayEvents.kind,
			key: dayEvents.key,
			value: dayEvents.value,
			atMs: dayEvents.atMs
		})
		.from(dayEvents)
		.where(eq(dayEvents.dayId, dayId))
		.orderBy(asc(dayEvents.atMs), asc(dayEvents.id));
}

/** Days that were begun, with their plans: what their times tell of the next one. */
export async function begunDays(
	db: Db,
	most: number
): Promise<{ id: number; onDay: string; run: RunSheet }[]> {
	const rows = await db
		.select({ id: packingDays.id, onDay: packingDays.onDay, run: packingDays.run })
		.from(packingDays)
		.where(
			sql`${packingDays.run} is not null and exists (select 1 from ${dayEvents} where ${dayEvents.dayId} = ${packingDays.id} and ${dayEvents.kind} = 'finish')`
		)
		.orderBy(desc(packingDays.onDay))
		.limit(most);
	return rows.flatMap(({ run, ...day }) => (run ? [{ ...day, run }] : []));
}
