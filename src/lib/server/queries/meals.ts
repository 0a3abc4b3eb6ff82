import { and, asc, eq, gte, isNull, lte } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import {
	leftovers,
	packingDays,
	plannedMeals,
	type Leftovers,
	type PlannedMeal
} from '../db/schema/index.ts';
import type { DayRow } from './days.ts';

/** Meals planned from a day to a day, both included. */
export async function mealsBetween(db: Db, from: string, to: string): Promise<PlannedMeal[]> {
	return db
		.select()
		.from(plannedMeals)
		.where(and(gte(plannedMeals.onDay, from), lte(plannedMeals.onDay, to)))
		.orderBy(asc(plannedMeals.onDay), asc(plannedMeals.serveAt), asc(plannedMeals.id));
}

export async function mealById(db: Db, id: number): Promise<PlannedMeal | null> {
	const [row] = await db.select().from(plannedMeals).where(eq(plannedMeals.id, id));
	return row ?? null;
}

/** What stands in the refrigerator after meals, the first to be eaten first. */
export async function openLeftovers(db: Db): Promise<Leftovers[]> {
	return db
		.select()
		.from(leftovers)
		.where(isNull(leftovers.endedAtMs))
		.orderBy(asc(leftovers.eatBy), asc(leftovers.id));
}

/** Packing days from a day to a day, both included. */
export async function packingDaysBetween(db: Db, from: string, to: string): Promise<DayRow[]> {
	return db
		.select()
		.from(packingDays)
		.where(
			and(isNull(packingDays.removedAtMs), gte(packingDays.onDay, from), lte(packingDays.onDay, to))
		)
		.orderBy(asc(packingDays.onDay));
}
