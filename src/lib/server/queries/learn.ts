import { and, asc, desc, eq, gt, gte, inArray, isNotNull, isNull, or, sql } from 'drizzle-orm';
import type { CookRecord } from '../../core/learning/index.ts';
import type { Db } from '../db/db.ts';
import { cooks, dayDishes, dishes, packings, packs } from '../db/schema/index.ts';
import { packName } from './packs.ts';

/** Packings of some dishes, or of any. */
export const ofDishes = (dishIds?: readonly number[]) =>
	dishIds ? inArray(packings.dishId, [-1, ...dishIds]) : isNotNull(packings.dishId);

/** Meals of dishes as they were written down since a moment, oldest first. */
export async function cookRecords(
	db: Db,
	sinceMs: number,
	dishIds?: readonly number[]
): Promise<CookRecord[]> {
	const rows = await db
		.select({
			id: cooks.id,
			code: packs.code,
			dishId: packings.dishId,
			atMs: cooks.atMs,
			method: cooks.method,
			route: cooks.route,
			outcome: cooks.outcome,
			enough: cooks.enough
		})
		.from(cooks)
		.innerJoin(packs, eq(packs.id, cooks.packId))
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(and(gt(cooks.atMs, sinceMs), ofDishes(dishIds)))
		.orderBy(asc(cooks.atMs));
	return rows.flatMap(({ dishId, ...row }) => (dishId === null ? [] : [{ ...row, dishId }]));
}

/** What was packed of each dish on each packing day since a day, with how many batches were planned. */
export async function packedOnDays(db: Db, sinceDay: string, dishIds?: readonly number[]) {
	return db
		.select({
			dishId: dayDishes.dishId,
			packedOn: sql<string>`min(${packings.packedOn})`,
			batches: dayDishes.batches,
			massKg: sql<number>`sum(coalesce(${packs.massKg}, ${packings.massKg}))::float8`,
			codes: sql<string[]>`array_agg(${packs.code} order by ${packs.code})`,
			/** some went elsewhere, or were not weighed */
			elsewhere: sql<boolean>`exists (select 1 from jsonb_array_elements(${dayDishes.portions}) p where p->>'to' <> 'freezer')`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.innerJoin(
			dayDishes,
			and(eq(dayDishes.dayId, packings.dayId), eq(dayDishes.dishId, packings.dishId))
		)
		.where(and(gte(packings.packedOn, sinceDay), isNull(packs.splitFrom), ofDishes(dishIds)))
		.groupBy(dayDishes.id);
}

/** Names of dishes, and what was learned of them. */
export async function dishesById(db: Db, ids: readonly number[]) {
	const rows = await db
		.select({
			id: dishes.id,
			name: dishes.name,
			learned: dishes.learned,
			usualBatches: dishes.usualBatches,
			servings: dishes.servings
		})
		.from(dishes)
		.where(inArray(dishes.id, [-1, ...ids]));
	return new Map(rows.map((row) => [row.id, row]));
}

/** The latest cooks whose core was measured, with what lay in the appliance, newest first. */
export async function measuredCooks(db: Db, most: number) {
	const rows = await db
		.select({
			id: cooks.id,
			code: packs.code,
			name: packName,
			atMs: cooks.atMs,
			method: cooks.method,
			route: cooks.route,
			setMin: cooks.setMin,
			coreC: cooks.coreC,
			outcome: cooks.outcome,
			forecastMin: cooks.forecastMin,
			withAppliance: cooks.withAppliance
		})
		.from(cooks)
		.innerJoin(packs, eq(packs.id, cooks.packId))
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.where(isNotNull(cooks.coreC))
		.orderBy(desc(cooks.atMs))
		.limit(most);
	return rows.flatMap(({ coreC, ...row }) => (coreC === null ? [] : [{ ...row, coreC }]));
}
export type MeasuredCookRow = Awaited<ReturnType<typeof measuredCooks>>[number];

/** What lay in the appliance, by cook. */
export async function inputsOfCooks(db: Db, ids: readonly number[]) {
	return db
		.select({
			id: cooks.id,
			method: cooks.method,
			route: cooks.route,
			setMin: cooks.setMin,
			coreC: cooks.coreC,
			assumed: packs.assumed,
			cardInput: packings.cardInput
		})
		.from(cooks)
		.innerJoin(packs, eq(packs.id, cooks.packId))
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(inArray(cooks.id, [-1, ...ids]));
}

/** Dishes of which something learned is in use. */
export async function learnedDishes(db: Db) {
	return db
		.select({
			id: dishes.id,
			name: dishes.name,
			learned: dishes.learned,
			usualBatches: dishes.usualBatches
		})
		.from(dishes)
		.where(or(isNotNull(dishes.usualBatches), sql`jsonb_array_length(${dishes.learned}) > 0`))
		.orderBy(asc(dishes.name));
}
