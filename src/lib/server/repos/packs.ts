import { and, asc, count, desc, eq, inArray, isNotNull, getTableColumns, sql } from 'drizzle-orm';
import type { AsIf } from '../../core/table/as-if.ts';
import { packCode } from '../../core/packing/pack-code.ts';
import type { Db } from '../db/open.ts';
import { dishes, freezers, ingredientLines, packings, packs, shelves } from '../db/schema/index.ts';

export type Packing = typeof packings.$inferSelect;
export type PackRow = typeof packs.$inferSelect;
/** What a list needs of a packing: all but the cook card, which is large. */
export type PackingSummary = Omit<Packing, 'card' | 'cardInput'>;
export interface StockPack extends PackRow {
	packing: PackingSummary;
	dish: typeof dishes.$inferSelect;
	shelf: string;
	freezer: string;
}
export interface PackWithCard extends StockPack {
	packing: Packing;
	/** catalogue names of what the dish adds on the day */
	lateItems: string[];
}

const { card, cardInput, ...summaryColumns } = getTableColumns(packings);
const places = { shelf: shelves.name, freezer: freezers.name };

const stock = (db: Db) =>
	db
		.select({ pack: packs, packing: summaryColumns, dish: dishes, ...places })
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.innerJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.innerJoin(freezers, eq(freezers.id, shelves.freezerId));

/** What is frozen, use-first: earliest best-by, then earliest packed, then code; those without a date last. */
export async function frozenPacks(db: Db): Promise<StockPack[]> {
	const rows = await stock(db)
		.where(eq(packs.status, 'frozen'))
		.orderBy(
			sql`${packings.storage}->>'bestBy' asc nulls last`,
			asc(packings.packedOn),
			asc(packs.code)
		);
	return rows.map(({ pack, ...rest }) => ({ ...pack, ...rest }));
}

export async function countFrozen(db: Db): Promise<number> {
	const [row] = await db.select({ n: count() }).from(packs).where(eq(packs.status, 'frozen'));
	return row.n;
}

async function withCards(db: Db, rows: Awaited<ReturnType<typeof stock>>): Promise<PackWithCard[]> {
	if (rows.length === 0) return [];
	const [kept] = await db
		.select({ card, cardInput })
		.from(packings)
		.where(eq(packings.id, rows[0].packing.id));
	const late = await db
		.select({ name: ingredientLines.itemName })
		.from(ingredientLines)
		.where(
			and(
				eq(ingredientLines.dishId, rows[0].dish.id),
				eq(ingredientLines.stage, 'cook-day'),
				isNotNull(ingredientLines.itemName)
			)
		)
		.orderBy(asc(ingredientLines.position));
	const lateItems = late.map((line) => line.name as string);
	return rows.map(({ pack, packing, ...rest }) => ({
		...pack,
		...rest,
		lateItems,
		packing: { ...packing, ...kept }
	}));
}

/** A pack with its cook card; null when no pack has this code. */
export async function packByCode(db: Db, code: string): Promise<PackWithCard | null> {
	return (await withCards(db, await stock(db).where(eq(packs.code, code))))[0] ?? null;
}

/** The packs of one packing, with the cook card they share. */
export async function packsOfPacking(db: Db, packingId: number): Promise<PackWithCard[]> {
	return withCards(
		db,
		await stock(db).where(eq(packs.packingId, packingId)).orderBy(asc(packs.number))
	);
}

/** The cook cards of some packings, by packing. */
export async function cardsOf(
	db: Db,
	packingIds: readonly number[]
): Promise<Map<number, Packing['card']>> {
	if (packingIds.length === 0) return new Map();
	const rows = await db
		.select({ id: packings.id, card })
		.from(packings)
		.where(inArray(packings.id, [...packingIds]));
	return new Map(rows.map((row) => [row.id, row.card]));
}

/** The latest packings, newest first, with how many packs each made. */
export async function recentPackings(db: Db, most: number) {
	return db
		.select({ packing: summaryColumns, dish: dishes.name, count: count(packs.id) })
		.from(packings)
		.innerJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(packs, eq(packs.packingId, packings.id))
		.groupBy(packings.id, dishes.name)
		.orderBy(desc(packings.id))
		.limit(most);
}

/** Writes a packing and its packs, each with a code that was never used and never will be. Returns the packing's number. */
export async function addPacking(
	db: Db,
	values: typeof packings.$inferInsert,
	input: { count: number; shelfId: number }
): Promise<number> {
	return db.transaction(async (tx) => {
		const [packing] = await tx.insert(packings).values(values).returning();
		const rows = [];
		for (let number = 1; number <= input.count; number++) {
			const serial = await nextSerial(tx);
			rows.push({
				code: packCode(serial),
				packingId: packing.id,
				number,
				of: input.count,
				shelfId: input.shelfId
			});
		}
		await tx.insert(packs).values(rows);
		return packing.id;
	});
}

async function nextSerial(db: Db): Promise<number> {
	const answer = (await db.execute(sql`select nextval('pack_serial') as serial`)) as unknown as {
		rows: { serial: string | number }[];
	};
	return Number(answer.rows[0].serial);
}

/** Moves a pack from one state to another; false when it was not in the first any more (somebody else was quicker). */
export async function setPackStatus(
	db: Db,
	code: string,
	change: {
		from: PackRow['status'];
		to: PackRow['status'];
		cookedAtMs: number | null;
		reason?: string;
	}
): Promise<boolean> {
	const changed = await db
		.update(packs)
		.set({
			status: change.to,
			cookedAtMs: change.cookedAtMs,
			reason: change.reason ?? null,
			version: sql`${packs.version} + 1`
		})
		.where(and(eq(packs.code, code), eq(packs.status, change.from)))
		.returning({ id: packs.id });
	return changed.length === 1;
}

/** Lays a frozen pack on another shelf. False when there is no such frozen pack. */
export async function setPackShelf(db: Db, code: string, shelfId: number): Promise<boolean> {
	const changed = await db
		.update(packs)
		.set({ shelfId, version: sql`${packs.version} + 1` })
		.where(and(eq(packs.code, code), eq(packs.status, 'frozen')))
		.returning({ id: packs.id });
	return changed.length === 1;
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
