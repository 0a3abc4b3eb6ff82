import { randomUUID } from 'node:crypto';
import type { Method } from '../../../core/appliances/index.ts';
import { type DishStock, fillWeek, type RouteName } from '../../../core/serving/index.ts';
import { refrigeratorDays } from '../../../core/published/index.ts';
import { addDays } from '../../../core/units/index.ts';
import { dayIn, dayTitle } from '../../../present/time.ts';
import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import type { Household, PlannedMeal } from '../../db/schema/index.ts';
import { habitOf } from '../../queries/household.ts';
import { mealById, mealsBetween, packingDaysBetween } from '../../queries/meals.ts';
import { eatenSince } from '../../queries/packs.ts';
import { addMeals, changeMeal, removeMeals } from '../../writes/meals.ts';
import { addUndo } from '../../writes/undo.ts';
import { weekStock } from './week-stock.ts';

/** When a meal is eaten until it is said otherwise. */
export const usualServeAt = '18:30';
/** A household of which nobody said how many eat. */
export const usualEaters = 4;

/** Eaten so long ago it may come again. */
const fortnightMs = 14 * 86_400_000;

type NewMeal = Pick<PlannedMeal, 'onDay' | 'kind' | 'codes' | 'name' | 'eaters'> & {
	serveAt?: string;
};

const rowOf = (meal: NewMeal, nowMs: number) => ({
	...meal,
	uid: randomUUID(),
	serveAt: meal.serveAt ?? usualServeAt,
	way: null,
	createdAtMs: nowMs
});

/** Puts a meal on a day, with a line to take it back. */
export async function planMeals(
	db: Db,
	meals: readonly NewMeal[],
	{ what, nowMs }: { what: string; nowMs: number }
): Promise<number[]> {
	return db.transaction(async (tx) => {
		const added = await addMeals(
			tx,
			meals.map((meal) => rowOf(meal, nowMs))
		);
		if (added.length > 0)
			await addUndo(tx, {
				action: { kind: 'meals-changed', before: [], added },
				what,
				atMs: nowMs
			});
		return added;
	});
}

/** Changes a planned meal: its day, its hour, how it is cooked. False when another device was quicker. */
export async function replanMeal(
	db: Db,
	{ id, version }: { id: number; version: number },
	values: Partial<Pick<PlannedMeal, 'onDay' | 'serveAt' | 'eaters'>> & {
		way?: { method: Method; route: RouteName } | null;
	},
	{ what, nowMs }: { what: string; nowMs: number }
): Promise<boolean> {
	return db.transaction(async (tx) => {
		const before = await mealById(tx, id);
		if (!before || !(await changeMeal(tx, { id, version }, values))) return false;
		const action = { kind: 'meals-changed' as const, before: [before], added: [] };
		await addUndo(tx, { action, what, atMs: nowMs });
		return true;
	});
}

/** Takes a meal off its day; its packs stay where they are. */
export async function dropMeal(
	db: Db,
	id: number,
	{ what, nowMs }: { what: string; nowMs: number }
): Promise<boolean> {
	return db.transaction(async (tx) => {
		const before = await mealById(tx, id);
		if (!before) return false;
		await removeMeals(tx, [id]);
		const action = { kind: 'meals-changed' as const, before: [before], added: [] };
		await addUndo(tx, { action, what, atMs: nowMs });
		return true;
	});
}

/** Fills the free evenings of a week from what is frozen. Gives how many were filled. */
export async function fillEvenings(
	db: Db,
	house: Household,
	from: string,
	nowMs: number
): Promise<number> {
	const today = dayIn(nowMs, house.timeZone);
	const to = addDays(from, 6);
	const meals = await mealsBetween(db, addDays(from, -7), addDays(to, 28));
	const packing = await packingDaysBetween(db, from, to);
	const { rows, unplanned } = await weekStock(db, meals);
	const keyOf = new Map(rows.map(({ code, key }) => [code, key]));
	const nameOf = new Map(rows.map(({ key, name }) => [key, name]));
	const eaten = await eatenSince(db, nowMs - fortnightMs);
	const stock = unplanned.map(({ key, packs, dishId }): DishStock => {
		const lastMs = dishId === null ? undefined : eaten.get(dishId);
		const eatenOn = lastMs === undefined ? null : dayIn(lastMs, house.timeZone);
		return { key, packs, eatenOn, leftoverDays: refrigeratorDays['soup-stew'] };
	});
	const evenings = Array.from({ length: 7 }, (_, i) => addDays(from, i)).map((day) => {
		const planned = meals.filter(({ onDay }) => onDay === day);
		return {
			day,
			free: day >= today && planned.length === 0 && packing.every(({ onDay }) => onDay !== day),
			keys: planned.flatMap(({ codes }) => codes.flatMap((code) => keyOf.get(code) ?? []))
		};
	});
	const eaters = house.eaters ?? usualEaters;
	const filled = fillWeek({ evenings, stock, eaters, today });
	const newMeals = filled.map((meal): NewMeal => ({
		onDay: meal.day,
		kind: meal.kind,
		codes: meal.kind === 'packs' ? meal.codes : [],
		name: meal.kind === 'leftovers' ? (nameOf.get(meal.key) ?? '') : '',
		eaters
	}));
	const what = w.weeks.filled({ from: dayTitle(from, habitOf(house)) });
	await planMeals(db, newMeals, { what, nowMs });
	return newMeals.length;
}
