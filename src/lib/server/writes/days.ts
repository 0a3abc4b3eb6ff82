import { eq, max, sql } from 'drizzle-orm';
import type { Portion } from '../../core/menu/index.ts';
import type { Db } from '../db/db.ts';
import type { DayEvent } from '../../core/schedule/index.ts';
import { dayDishes, dayEvents, packingDays, shopMarks } from '../db/schema/index.ts';
import { type DayRow, type DayDishRow } from '../queries/days.ts';

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

/** Puts a dish on a day, once; a second time changes nothing. */
export async function addDayDish(
	db: Db,
	values: { dayId: number; dishId: number; batches?: number; portions: Portion[] }
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

/** Marks a line of a day's list; of two marks the one made later counts, in whatever order they arrive. */
export async function markLine(
	db: Db,
	values: Omit<typeof shopMarks.$inferInsert, 'id'>
): Promise<void> {
	const { ticked, paidCents, comes, atMs } = values;
	await db
		.insert(shopMarks)
		.values(values)
		.onConflictDoUpdate({
			target: [shopMarks.dayId, shopMarks.key],
			set: {
				ticked,
				...(paidCents !== undefined && { paidCents }),
				...(comes !== undefined && { comes }),
				atMs
			},
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
