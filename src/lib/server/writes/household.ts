import { eq } from 'drizzle-orm';
import type { PressureCooker, SlowCooker } from '../../core/index.ts';
import { usualAppliances } from '../../core/kitchen/index.ts';
import type { Db } from '../db/db.ts';
import { freezers, household, shelves, type Household } from '../db/schema/index.ts';
import type { FreezerValues } from '../queries/household.ts';

const usualSlowCooker: SlowCooker = { volumeL: 5.7 };
const usualPressureCooker: PressureCooker = { volumeL: 5.7 };

/** Makes the household with what is usual where there is none yet. */
export async function ensureHousehold(db: Db): Promise<void> {
	await db
		.insert(household)
		.values({
			slowCooker: usualSlowCooker,
			pressureCooker: usualPressureCooker,
			owned: usualAppliances
		})
		.onConflictDoNothing();
}

export async function saveHousehold(db: Db, values: Partial<Household>): Promise<void> {
	await db.update(household).set(values).where(eq(household.id, 1));
}

/** Which probe lies in a freezer; null: none. */
export async function setFreezerProbe(db: Db, id: number, probe: string | null): Promise<void> {
	await db.update(freezers).set({ probe }).where(eq(freezers.id, id));
}

/** Adds a freezer with its shelves, top first. */
export async function addFreezer(db: Db, values: FreezerValues): Promise<void> {
	await db.transaction(async (tx) => {
		const { shelves: names, ...freezer } = values;
		const [made] = await tx.insert(freezers).values(freezer).returning();
		await tx
			.insert(shelves)
			.values(names.map((name, position) => ({ freezerId: made.id, name, position })));
	});
}

/** Takes a freezer out of use, or back into it. False when there is none with this number. */
export async function setFreezerRemoved(
	db: Db,
	id: number,
	removedAtMs: number | null
): Promise<boolean> {
	const changed = await db
		.update(freezers)
		.set({ removedAtMs })
		.where(eq(freezers.id, id))
		.returning({ id: freezers.id });
	return changed.length === 1;
}

/** Corrects a freezer; shelves keep their place by name, new names are added, names gone are taken out of use. */
export async function changeFreezer(
	db: Db,
	id: number,
	values: FreezerValues,
	nowMs: number
): Promise<void> {
	await db.transaction(async (tx) => {
		const { shelves: names, ...freezer } = values;
		const [was] = await tx.select().from(freezers).where(eq(freezers.id, id)).for('update');
		const settings =
			was && was.setC !== freezer.setC
				? [
						// what it was set to until now holds for the time before, whatever packs were packed for
						...(was.settings.length > 0 ? was.settings : [{ fromMs: 0, setC: was.setC }]),
						{ fromMs: nowMs, setC: freezer.setC }
					]
				: was?.settings;
		await tx
			.update(freezers)
			.set({ ...freezer, settings })
			.where(eq(freezers.id, id));
		const old = await tx.select().from(shelves).where(eq(shelves.freezerId, id));
		for (const shelf of old)
			if (!names.includes(shelf.name) && shelf.removedAtMs === null)
				await tx.update(shelves).set({ removedAtMs: nowMs }).where(eq(shelves.id, shelf.id));
		for (const [position, name] of names.entries()) {
			const known = old.find((shelf) => shelf.name === name);
			if (known)
				await tx
					.update(shelves)
					.set({ position, removedAtMs: null })
					.where(eq(shelves.id, known.id));
			else await tx.insert(shelves).values({ freezerId: id, name, position });
		}
	});
}
