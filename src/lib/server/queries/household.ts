import { and, asc, count, eq, isNull } from 'drizzle-orm';
import type { Habit } from '../../present/habit.ts';
import type { Db } from '../db/db.ts';
import { freezers, household, packs, shelves, type Household } from '../db/schema/index.ts';

export type { Household } from '../db/schema/index.ts';
/** A freezer as it is entered, shelves top first. */
export interface FreezerValues {
	name: string;
	volumeL: number;
	setC: number;
	kind?: (typeof freezers.$inferSelect)['kind'];
	shelves: readonly string[];
}
export type Freezer = typeof freezers.$inferSelect & { shelves: (typeof shelves.$inferSelect)[] };

/** The household: there is one from the first start on. */
export async function getHousehold(db: Db): Promise<Household> {
	const [found] = await db.select().from(household);
	if (!found) throw new Error('the household is missing');
	return found;
}

/** How this household sees amounts, days and times. */
export const habitOf = (house: Household): Habit => ({
	system: house.system,
	temperature: house.temperature,
	clock: house.clock,
	dayOrder: house.dayOrder,
	currency: house.currency,
	timeZone: house.timeZone
});

/** Freezers with their shelves, in the order they were made. */
export async function listFreezers(db: Db): Promise<Freezer[]> {
	const boxes = await db
		.select()
		.from(freezers)
		.where(isNull(freezers.removedAtMs))
		.orderBy(asc(freezers.id));
	const all = await db
		.select()
		.from(shelves)
		.where(isNull(shelves.removedAtMs))
		.orderBy(asc(shelves.position));
	return boxes.map((freezer) => ({
		...freezer,
		shelves: all.filter((shelf) => shelf.freezerId === freezer.id)
	}));
}

/** The freezer a shelf stands in; null when there is no such shelf. */
export async function freezerOfShelf(db: Db, shelfId: number) {
	const [found] = await db
		.select({ freezer: freezers, shelf: shelves })
		.from(shelves)
		.innerJoin(freezers, eq(freezers.id, shelves.freezerId))
		.where(eq(shelves.id, shelfId));
	return found ?? null;
}

/** Packs that lie frozen in a freezer, by shelf. */
export async function packsByShelf(db: Db, freezerId: number): Promise<Map<number, number>> {
	const rows = await db
		.select({ shelfId: shelves.id, n: count(packs.id) })
		.from(shelves)
		.innerJoin(packs, and(eq(packs.shelfId, shelves.id), eq(packs.status, 'frozen')))
		.where(eq(shelves.freezerId, freezerId))
		.groupBy(shelves.id);
	return new Map(rows.map((row) => [row.shelfId, row.n]));
}
