import { type ComponentPack, packsToTakeOut } from '../../../core/schedule/index.ts';
import type { Db } from '../../db/db.ts';
import { openDaysBefore, type DayAt } from '../../queries/days.ts';
import { plannedDishes, type PlannedDish } from './day-dishes.ts';

/** Kilograms of each catalogue item the dishes of a day want in their packs. */
export function needKgByItem(planned: readonly PlannedDish[]): Record<string, number> {
	const needKg: Record<string, number> = {};
	for (const { row, dish } of planned)
		for (const line of dish.lines) {
			if (!line.itemName || line.stage === 'serve' || line.stage === 'cook-day') continue;
			needKg[line.itemName] = (needKg[line.itemName] ?? 0) + (line.massKg ?? 0) * row.batches;
		}
	return needKg;
}

/** What earlier days that are still to come want, one by one in their order. */
async function needsBefore(db: Db, day: DayAt, today: string): Promise<Record<string, number>[]> {
	const needs: Record<string, number>[] = [];
	for (const { id } of await openDaysBefore(db, day, today))
		needs.push(needKgByItem(await plannedDishes(db, id)));
	return needs;
}

/** What is at home and not promised to a day before this one, by item, kg. */
export async function unpromisedKg(
	db: Db,
	day: DayAt,
	today: string,
	stockKg: Readonly<Record<string, number>>
): Promise<Record<string, number>> {
	const left = { ...stockKg };
	for (const needKg of await needsBefore(db, day, today))
		for (const [itemName, kg] of Object.entries(needKg))
			if (itemName in left) left[itemName] = Math.max(0, left[itemName] - kg);
	return left;
}

/** The packs of components, and what the cupboard holds, that no day before this one takes. */
export async function unpromisedPacks<P extends ComponentPack>(
	db: Db,
	day: DayAt,
	today: string,
	given: { packs: readonly P[]; cupboardKg: Readonly<Record<string, number>> }
): Promise<{ packs: P[]; cupboardKg: Record<string, number> }> {
	let packs = [...given.packs];
	const cupboardKg = { ...given.cupboardKg };
	for (const needKg of await needsBefore(db, day, today)) {
		const free = packs.filter((pack) => !pack.taken);
		const gone = new Set(
			packsToTakeOut({ needKg, cupboardKg, packs: free }).map(({ code }) => code)
		);
		packs = packs.filter(({ code }) => !gone.has(code));
		for (const [itemName, kg] of Object.entries(needKg))
			if (itemName in cupboardKg) cupboardKg[itemName] = Math.max(0, cupboardKg[itemName] - kg);
	}
	return { packs, cupboardKg };
}
