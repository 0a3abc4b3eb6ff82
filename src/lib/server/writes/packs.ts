import { and, eq, inArray, sql } from 'drizzle-orm';
import type { AsIf, CookCard, CookCardInput } from '../../core/serving/index.ts';
import { packCode } from '../../core/packing/index.ts';
import type { Db } from '../db/db.ts';
import { rawRows } from '../db/raw-rows.ts';
import { packEvents, packings, packs, type PackEventKind } from '../db/schema/index.ts';
import { type PackRow, type PackChange } from '../queries/packs.ts';

/** Writes a packing and its packs, each with a code that was never used and never will be. Returns the packing's number. */
export async function addPacking(
	db: Db,
	values: typeof packings.$inferInsert,
	input: {
		count: number;
		shelfId: number;
		status?: 'frozen' | 'reserved';
		atMs: number;
		/** null: it has lain there since before it was written down */
		frozenAtMs: number | null;
		massesKg?: readonly (number | null)[];
	}
): Promise<number> {
	const { status = 'frozen' } = input;
	return db.transaction(async (tx) => {
		const [packing] = await tx.insert(packings).values(values).returning();
		const rows: (typeof packs.$inferInsert)[] = [];
		for (let number = 1; number <= input.count; number++)
			rows.push({
				code: await nextCode(tx),
				packingId: packing.id,
				number,
				of: input.count,
				shelfId: input.shelfId,
				status,
				bestBy: packing.storage.bestBy,
				frozenAtMs: status === 'frozen' ? input.frozenAtMs : null,
				massKg: input.massesKg?.[number - 1] ?? null
			});
		const made = await tx.insert(packs).values(rows).returning({ id: packs.id });
		await tx
			.insert(packEvents)
			.values(made.map(({ id }) => ({ packId: id, atMs: input.atMs, kind: status })));
		return packing.id;
	});
}

/** A code for one more pack: never used before, never again. */
export async function nextCode(db: Db): Promise<string> {
	const [{ serial }] = await rawRows<{ serial: string | number }>(
		db,
		sql`select nextval('pack_serial') as serial`
	);
	return packCode(Number(serial));
}

/** Keeps what is asked of the model for a packing: its card is computed after. */
export async function setCardInput(
	db: Db,
	packingId: number,
	cardInput: CookCardInput
): Promise<void> {
	await db.update(packings).set({ cardInput }).where(eq(packings.id, packingId));
}

/** Keeps a packing's cook card, once it is computed. */
export async function setCard(db: Db, packingId: number, card: CookCard): Promise<void> {
	await db.update(packings).set({ card }).where(eq(packings.id, packingId));
}

export async function changePackRow(
	db: Db,
	was: Pick<PackRow, 'id' | 'version'>,
	change: PackChange,
	event: { kind: PackEventKind; detail?: string; atMs: number }
): Promise<boolean> {
	const changed = await db
		.update(packs)
		.set({ ...change, version: sql`${packs.version} + 1` })
		.where(and(eq(packs.id, was.id), eq(packs.version, was.version)))
		.returning({ id: packs.id });
	if (changed.length === 1) await addPackEvent(db, was.id, event);
	return changed.length === 1;
}

export async function addPackEvent(
	db: Db,
	packId: number,
	event: { kind: PackEventKind; detail?: string; atMs: number }
): Promise<void> {
	await db.insert(packEvents).values({ packId, ...event });
}

/** Writes one more pack of a packing: a part split from another. */
export async function addPack(db: Db, values: typeof packs.$inferInsert): Promise<number> {
	const [row] = await db.insert(packs).values(values).returning({ id: packs.id });
	return row.id;
}

/** Takes packs that were never there out of the list again, with what is noted of them. */
export async function removePackRows(db: Db, codes: readonly string[]): Promise<void> {
	const found = await db
		.select({ id: packs.id })
		.from(packs)
		.where(inArray(packs.code, [...codes, '']));
	const ids = found.map(({ id }) => id);
	if (ids.length === 0) return;
	await db.delete(packEvents).where(inArray(packEvents.packId, ids));
	await db.delete(packs).where(inArray(packs.id, ids));
}

/** Takes whole packings out again that were only just written down, unless something happened to their packs since. */
export async function removePackings(db: Db, ids: readonly number[]): Promise<void> {
	for (const id of ids) {
		const rows = await db
			.select({ code: packs.code, version: packs.version })
			.from(packs)
			.where(eq(packs.packingId, id));
		if (rows.some(({ version }) => version > 1)) continue;
		await removePackRows(
			db,
			rows.map(({ code }) => code)
		);
		await db.delete(packings).where(eq(packings.id, id));
	}
}

/** Corrects what the packs of a packing share. */
export async function changePacking(
	db: Db,
	id: number,
	values: Partial<Omit<typeof packings.$inferInsert, 'id'>>
): Promise<void> {
	await db.update(packings).set(values).where(eq(packings.id, id));
}

/** What is assumed of a pack otherwise than when it was packed; null: nothing. False when there is no such pack. */
export async function setAssumed(db: Db, code: string, assumed: AsIf | null): Promise<boolean> {
	const changed = await db
		.update(packs)
		.set({ assumed, version: sql`${packs.version} + 1` })
		.where(eq(packs.code, code))
		.returning({ id: packs.id });
	return changed.length === 1;
}
