import assert from 'node:assert/strict';
import type { Db } from '../db/db.ts';
import { packings, packs } from '../db/schema/index.ts';
import { listFreezers } from '../queries/household.ts';
import { writeDish } from '../services/dishes/write-dish.ts';
import { packDish } from '../services/packs/pack-dish.ts';
import { addFreezer, saveHousehold } from '../writes/household.ts';
import { aDish, inlineCompute } from './index.ts';

/** A packing as a test wants it: the fields of its rows that matter to it. */
export type MadePacking = Pick<typeof packings.$inferInsert, 'packedOn' | 'servingCents'> & {
	packs: Pick<typeof packs.$inferInsert, 'status' | 'reason' | 'bestBy' | 'cookedAtMs'>[];
};

/** A household of a zone with two dishes and a chest freezer, whose one pack was made long before anything else; gives the dishes. */
export async function withOnePack(db: Db, timeZone: string, nowMs: number): Promise<number[]> {
	await saveHousehold(db, { settledAtMs: nowMs, timeZone });
	await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
	const [{ shelves }] = await listFreezers(db);
	const dishIds = [
		await writeDish(db, aDish(), nowMs),
		await writeDish(db, aDish({ name: 'Other' }), nowMs)
	];
	const bag = { servings: 2, massKg: 0.7, container: 'bag-1l' } as const;
	const asked = { dishId: dishIds[0], count: 1, packedOn: '2020-01-01', shelfId: shelves[0].id };
	assert.ok((await packDish(db, inlineCompute, { ...asked, ...bag }, nowMs)).ok);
	return dishIds;
}

/** Writes packings beside that one, alike but for what is given; gives the codes of their packs. */
export async function addPackings(
	db: Db,
	made: readonly (MadePacking & { dishId: number })[]
): Promise<string[][]> {
	const [{ id: _one, ...packing }] = await db.select().from(packings);
	const [{ id: _two, code: _code, ...pack }] = await db.select().from(packs);
	const rows = await db
		.insert(packings)
		.values(made.map(({ packs: _packs, ...more }) => ({ ...packing, ...more })))
		.returning({ id: packings.id });
	const all = made.map(({ packs: inIt }, i) =>
		inIt.map((more, n) => ({ ...pack, ...more, packingId: rows[i].id, code: `R-${i}-${n}` }))
	);
	await db.insert(packs).values(all.flat());
	return all.map((inIt) => inIt.map(({ code }) => code));
}
