import { asc, eq } from 'drizzle-orm';
import type { PressureCooker, SlowCooker } from '../../core/index.ts';
import type { Db } from '../db/open.ts';
import { freezers, household, shelves } from '../db/schema/index.ts';

export type Household = typeof household.$inferSelect;
export type Freezer = typeof freezers.$inferSelect & { shelves: (typeof shelves.$inferSelect)[] };

const usualSlowCooker: SlowCooker = { volumeL: 5.7 };
const usualPressureCooker: PressureCooker = { volumeL: 5.7 };

/** The household; made with usual values when there is none yet. */
export async function getHousehold(db: Db): Promise<Household> {
	const [found] = await db.select().from(household);
	if (found) return found;
	const [made] = await db
		.insert(household)
		.values({ slowCooker: usualSlowCooker, pressureCooker: usualPressureCooker })
		.onConflictDoUpdate({ target: household.id, set: { id: 1 } })
		.returning();
	return made;
}

export async function saveHousehold(db: Db, values: Partial<Household>): Promise<void> {
	await getHousehold(db);
	await db.update(household).set(values).where(eq(household.id, 1));
}

/** Freezers with their shelves, in the order they were made. */
export async function listFreezers(db: Db): Promise<Freezer[]> {
	const boxes = await db.select().from(freezers).orderBy(asc(freezers.id));
	const all = await db.select().from(shelves).orderBy(asc(shelves.position));
	return boxes.map((freezer) => ({
		...freezer,
		shelves: all.filter((shelf) => shelf.freezerId === freezer.id)
	}));
}

/** Adds a freezer with its shelves, top first. */
export async function addFreezer(
	db: Db,
	values: { name: string; volumeL: number; setC: number; shelves: readonly string[] }
): Promise<void> {
	await db.transaction(async (tx) => {
		const { shelves: names, ...freezer } = values;
		const [made] = await tx.insert(freezers).values(freezer).returning();
		await tx
			.insert(shelves)
			.values(names.map((name, position) => ({ freezerId: made.id, name, position })));
	});
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
