import { type Portion, proposedPortions } from '../../../core/menu/index.ts';
import { dayIn, dayText } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import { dayDishOf, dishesOfDay, getDay, marksOfDay } from '../../queries/days.ts';
import { getDish } from '../../queries/dishes.ts';
import { getHousehold, habitOf } from '../../queries/household.ts';
import { keepPrice } from '../../writes/pantry.ts';
import { undoable } from '../../undo/undoable.ts';
import {
	addDay,
	addDayDish,
	dropDayDish,
	markLine,
	setDay,
	setDayDish
} from '../../writes/days.ts';
import { planOfDay } from './plan-menu.ts';

/** Packs of so many servings are proposed first (a household of five cooks for four or five). */
const usualServings = 4;

/** Plans a packing day; its number. */
export const planNewDay = addDay;

/** Puts a dish on a day, with the portions that are usual. False when either is gone. */
export async function putDishOn(db: Db, dayId: number, dishId: number): Promise<boolean> {
	const dish = await getDish(db, dishId);
	if (!dish || !(await getDay(db, dayId))) return false;
	const batches = dish.usualBatches ?? 1;
	await addDayDish(db, {
		dayId,
		dishId: dish.id,
		batches,
		portions: proposedPortions(dish.servings * batches, Math.min(usualServings, dish.servings))
	});
	return true;
}

/** Puts several dishes on a day, those that are on it already left as they are; how many came on. */
export async function putDishesOn(db: Db, dayId: number, dishIds: readonly number[]) {
	const there = new Set((await dishesOfDay(db, dayId)).map(({ dishId }) => dishId));
	let added = 0;
	for (const dishId of new Set(dishIds))
		if (!there.has(dishId) && (await putDishOn(db, dayId, dishId))) added++;
	return added;
}

/**
 * Sets batches and portions of a dish on a day. `seen` is what the page showed of both, as JSON: when another device changed them
 * since, nothing is set.
 */
export async function setPlannedDish(
	db: Db,
	id: number,
	change: { batches: number; portions: Portion[] },
	seen?: string
): Promise<'set' | 'changed' | 'gone'> {
	return db.transaction(async (tx) => {
		const now = await dayDishOf(tx, id);
		if (!now) return 'gone';
		const { batches, portions } = now;
		const shown = JSON.stringify({
			batches,
			portions: portions.map(({ to, packs, servings }) => ({ to, packs, servings }))
		});
		if (seen !== undefined && seen !== shown) return 'changed';
		await setDayDish(tx, id, change);
		return 'set';
	});
}

/** Takes a dish off a day, with a line to take that back. False when there is no such day. */
export async function dropDish(
	db: Db,
	dayId: number,
	rowId: number,
	atMs: number
): Promise<boolean> {
	const what = await dayWords(db, dayId);
	if (what === null) return false;
	const before = (await dishesOfDay(db, dayId)).map(({ dishId, position, batches, portions }) => ({
		dishId,
		position,
		batches,
		portions
	}));
	const action = { kind: 'day-changed', dayId, before } as const;
	await undoable(db, { action, what, atMs }, (tx) => dropDayDish(tx, rowId));
	return true;
}

/** Moves a day to another date. False when there is no such day. */
export const moveDay = (db: Db, dayId: number, onDay: string): Promise<boolean> =>
	setDay(db, dayId, { onDay });

/** Gives a day up, with a line to take that back. False when there is no such day. */
export async function giveUpDay(db: Db, dayId: number, atMs: number): Promise<boolean> {
	const what = await dayWords(db, dayId);
	if (what === null) return false;
	const action = { kind: 'day-removed', dayId } as const;
	return undoable(db, { action, what, atMs }, (tx) => setDay(tx, dayId, { removedAtMs: atMs }));
}

async function dayWords(db: Db, dayId: number): Promise<string | null> {
	const day = await getDay(db, dayId);
	return day && dayText(day.onDay, habitOf(await getHousehold(db)));
}

/**
 * Takes ticks of a shopping list and answers how it stands; null when there is no such day. A device's clock may run ahead: a mark
 * from the future would never be overruled.
 */
export async function tickLines(
	db: Db,
	dayId: number,
	marks: readonly { key: string; ticked: boolean; atMs: number }[],
	nowMs: number
) {
	if (!(await getDay(db, dayId))) return null;
	for (const { key, ticked, atMs } of marks)
		await markLine(db, { dayId, key, ticked, atMs: Math.min(atMs, nowMs) });
	return marksOfDay(db, dayId);
}

/** Takes what the shop answered for lines: it is on its way, and is ticked when it is there. False when there is no such day. */
export async function takeFromShop(
	db: Db,
	dayId: number,
	taken: readonly { key: string; comes: string }[],
	atMs: number
): Promise<boolean> {
	if (!(await getDay(db, dayId))) return false;
	const ticked = new Map((await marksOfDay(db, dayId)).map((mark) => [mark.key, mark.ticked]));
	for (const { key, comes } of taken)
		await markLine(db, { dayId, key, comes, ticked: ticked.get(key) ?? false, atMs });
	return true;
}

/** Notes what was really paid for a line; what a pack of it cost goes into the price book with the day. False when there is no such day. */
export async function notePaid(
	db: Db,
	paid: { dayId: number; key: string; paidCents: number; atMs: number }
): Promise<boolean> {
	const { dayId, key, paidCents, atMs } = paid;
	const { timeZone } = await getHousehold(db);
	const onDay = dayIn(atMs, timeZone);
	const plan = await planOfDay(db, dayId, {
		prefer: 'price',
		withStaples: false,
		matches: false,
		today: onDay
	});
	if (!plan) return false;
	// several packs of one size: each cost its share. Of two sizes nobody knows which cost what.
	const bought = plan.priced.find(({ line }) => line.key === key)?.packs ?? [];
	const [only] = bought;
	await db.transaction(async (tx) => {
		await markLine(tx, { ...paid, ticked: true });
		if (bought.length !== 1) return;
		const { id: _id, ...entry } = only.entry;
		await keepPrice(tx, { ...entry, priceCents: Math.round(paidCents / only.count), onDay });
	});
	return true;
}
