import { and, asc, desc, eq, isNull, max, sql } from 'drizzle-orm';
import type { Portion } from '../../core/menu/day-totals.ts';
import type { Db } from '../db/open.ts';
import type { DayEvent } from '../../core/schedule/day-events.ts';
import type { RunSheet } from '../../core/schedule/run-sheet.ts';
import { dayDishes, dayEvents, packingDays, shopMarks } from '../db/schema/index.ts';

export type DayRow = typeof packingDays.$inferSelect;
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

export async function getDay(db: Db, id: number): Promise<DayRow | null> {
	const [day] = await db
		.select()
		.from(packingDays)
		.where(and(eq(packingDays.id, id), isNull(packingDays.removedAtMs)));
	return day ?? null;
}

export async function addDay(db: Db, onDay: string, createdAtMs: number): Promise<number> {
	const [row] = await db.insert(packingDays).values({ onDay, createdAtMs }).returning();
	return row.id;
}

export async function setDay(
	db: Db,
	id: number,
	change: Partial<Pick<DayRow, 'onDay' | 'removedAtMs' | 'run'>>
): Promise<boolean> {
	const rows = await db
		.update(packingDays)
		.set(change)
		.where(eq(packingDays.id, id))
		.returning({ id: packingDays.id });
	return rows.length === 1;
}

/** The dishes of a day in their order. */
export async function dishesOfDay(db: Db, dayId: number): Promise<DayDishRow[]> {
	return db
		.select()
		.from(dayDishes)
		.where(eq(dayDishes.dayId, dayId))
		.orderBy(asc(dayDishes.position), asc(dayDishes.id));
}

/** Puts a dish on a day, once; a second time changes nothing. */
export async function addDayDish(
	db: Db,
	values: { dayId: number; dishId: number; portions: Portion[] }
): Promise<void> {
	const [{ last }] = await db
		.select({ last: max(dayDishes.position) })
		.from(dayDishes)
		.where(eq(dayDishes.dayId, values.dayId));
	await db
		.insert(dayDishes)
		.values({ ...values, position: (last ?? -1) + 1 })
		.onConflictDoNothing();
}

export async function setDayDish(
	db: Db,
	id: number,
	change: { batches: number; portions: Portion[] }
): Promise<boolean> {
	const rows = await db
		.update(dayDishes)
		.set(change)
		.where(eq(dayDishes.id, id))
		.returning({ id: dayDishes.id });
	return rows.length === 1;
}

/** Makes the dishes of a day what they were: what an undo needs. */
export async function replaceDayDishes(
	db: Db,
	dayId: number,
	rows: readonly Omit<DayDishRow, 'id' | 'dayId'>[]
): Promise<void> {
	await db.delete(dayDishes).where(eq(dayDishes.dayId, dayId));
	if (rows.length) await db.insert(dayDishes).values(rows.map((row) => ({ ...row, dayId })));
}

export async function dropDayDish(db: Db, id: number): Promise<boolean> {
	const rows = await db.delete(dayDishes).where(eq(dayDishes.id, id)).returning();
	return rows.length === 1;
}

export async function marksOfDay(db: Db, dayId: number): Promise<ShopMark[]> {
	return db.select().from(shopMarks).where(eq(shopMarks.dayId, dayId));
}

/** Marks a line of a day's list; of two marks the one made later counts, in whatever order they arrive. */
export async function markLine(
	db: Db,
	values: Omit<typeof shopMarks.$inferInsert, 'id'>
): Promise<void> {
	const { ticked, paidCents, atMs } = values;
	await db
		.insert(shopMarks)
		.values(values)
		.onConflictDoUpdate({
			target: [shopMarks.dayId, shopMarks.key],
			set: { ticked, ...(paidCents !== undefined && { paidCents }), atMs },
			setWhere: sql`${shopMarks.atMs} <= ${atMs}`
		});
}

/** Keeps events of a day; what is known by its uid is not written again. */
export async function addDayEvents(
	db: Db,
	dayId: number,
	events: readonly DayEvent[]
): Promise<void> {
	if (events.length === 0) return;
	await db
		.insert(dayEvents)
		.values(events.map((event) => ({ ...event, dayId })))
		.onConflictDoNothing({ target: dayEvents.uid });
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
export async function begunDays(db: Db, most: number): Promise<{ id: number; run: RunSheet }[]> {
	const rows = await db
		.select({ id: packingDays.id, run: packingDays.run })
		.from(packingDays)
		.where(
			sql`${packingDays.run} is not null and exists (select 1 from ${dayEvents} where ${dayEvents.dayId} = ${packingDays.id} and ${dayEvents.kind} = 'finish')`
		)
		.orderBy(desc(packingDays.onDay))
		.limit(most);
	return rows.flatMap(({ id, run }) => (run ? [{ id, run }] : []));
}
