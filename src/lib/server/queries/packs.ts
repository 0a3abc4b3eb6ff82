import { likeOf } from '../../core/foods/index.ts';
import {
	and,
	asc,
	count,
	desc,
	eq,
	getTableColumns,
	gt,
	inArray,
	isNotNull,
	isNull,
	sql,
	type SQL
} from 'drizzle-orm';
import { alias } from 'drizzle-orm/pg-core';
import type { CookCard } from '../../core/serving/index.ts';
import { thisPack, type ThisPack } from '../../core/packing/index.ts';
import { shareOfAmounts } from '../../present/share-of-amounts.ts';
import type { Db } from '../db/db.ts';
import { cardsOf, rowVersion } from './kept-cards.ts';
import {
	dishes,
	freezers,
	ingredientLines,
	packEvents,
	packings,
	packs,
	shelves,
	type PackStatus
} from '../db/schema/index.ts';

export type Packing = typeof packings.$inferSelect;
export type PackRow = typeof packs.$inferSelect;
/** What a list needs of a packing: all but the cook card, which is large. */
export type PackingSummary = Omit<Packing, 'card' | 'cardInput'>;
export interface StockPack extends PackRow {
	packing: PackingSummary;
	/** what is true of this pack by itself, after a part was used, it was split or weighed */
	own: ThisPack;
	/** what is added on the day, this pack's share of it */
	addOnDay: string;
	/** the dish's name, or what it was called when it was written down */
	name: string;
	/** null: not made from a dish here */
	dish: typeof dishes.$inferSelect | null;
	shelf: string;
	freezer: string;
}
/** A pack with its cook card; null cards: nothing is known that one could be computed from. */
export interface PackWithCard extends StockPack {
	packing: Packing;
	/** catalogue names of what the dish adds on the day */
	lateItems: { name: string; like: string; text: string }[];
	/** lines that are only served with it */
	serveWith: string[];
}

export type CookablePack = PackWithCard & {
	packing: { card: CookCard; cardInput: NonNullable<Packing['cardInput']> };
};
/** Whether enough is known of a pack for a cook card. */
export const isCookable = (pack: PackWithCard): pack is CookablePack =>
	pack.packing.card !== null && pack.packing.cardInput !== null;

/** Packings of which nothing but a name is known and nothing has been asked yet. */
export async function packingsByName(db: Db): Promise<PackingSummary[]> {
	return db
		.select(summaryColumns)
		.from(packings)
		.where(and(isNull(packings.dishId), isNull(packings.cardInput), isNotNull(packings.name)));
}

/** The next packing whose cook card is still to be computed; null: there is none after that number. */
export async function packingWithoutCard(db: Db, afterId: number) {
	const [row] = await db
		.select({ id: packings.id, cardInput: packings.cardInput })
		.from(packings)
		.where(and(gt(packings.id, afterId), isNull(packings.card), isNotNull(packings.cardInput)))
		.orderBy(asc(packings.id))
		.limit(1);
	return row?.cardInput ? { id: row.id, cardInput: row.cardInput } : null;
}

const { card, cardInput, ...summaryColumns } = getTableColumns(packings);
const places = { shelf: shelves.name, freezer: freezers.name };
/** What a pack is called. */
export const packName = sql<string>`coalesce(${packings.name}, ${dishes.name}, '')`;

const stock = (db: Db) =>
	db
		.select({ pack: packs, packing: summaryColumns, dish: dishes, name: packName, ...places })
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.innerJoin(freezers, eq(freezers.id, shelves.freezerId));

/** Use-first: those without a date, then the earliest best-by, then packed longest ago, then by code. */
export const useFirst: SQL[] = [
	sql`${packs.bestBy} asc nulls first`,
	asc(packings.packedOn),
	asc(packs.code)
];

/** Packs in a state, use-first. */
export async function packsIn(db: Db, status: PackStatus): Promise<StockPack[]> {
	const rows = await stock(db)
		.where(eq(packs.status, status))
		.orderBy(...useFirst);
	return rows.map(stockPack);
}

/** A row of the stock as one pack. */
function stockPack<R extends Pick<StockRows[number], 'pack' | 'packing' | 'dish'>>({
	pack,
	...rest
}: R) {
	const own = thisPack(rest.packing, pack);
	return {
		...pack,
		...rest,
		own,
		addOnDay: shareOfAmounts(rest.dish?.addOnDay ?? '', share01({ own, dish: rest.dish }))
	};
}

/** How much of its dish a pack is. */
const share01 = ({ own, dish }: Pick<StockPack, 'own' | 'dish'>): number =>
	dish ? own.servings / dish.servings : 1;

/** What is frozen, use-first. */
export const frozenPacks = (db: Db): Promise<StockPack[]> => packsIn(db, 'frozen');

/** A packing's pack to use first, with its card; null: nothing is known that one could be computed from, or it is still to come. */
export interface FirstPack {
	pack: StockPack;
	card: CookCard | null;
	alike: number;
}

/**
 * Of packings the frozen pack to use first, and how many of it are frozen; those that thaw by themselves, before all others;
 * use-first. At most so many: `more` tells that there are others.
 */
export async function firstOfPackings(
	db: Db,
	most: number
): Promise<{ firsts: FirstPack[]; more: boolean }> {
	const isThawing = sql`(${packs.status} = 'thawing')`;
	// counted before anything else is read of them: there may be very many
	const alike = db
		.select({
			packingId: packs.packingId,
			status: packs.status,
			alike: sql<number>`count(*)::int`.as('alike')
		})
		.from(packs)
		.where(inArray(packs.status, ['frozen', 'thawing']))
		.groupBy(packs.packingId, packs.status)
		.orderBy(
			desc(isThawing),
			sql`bool_or(${packs.bestBy} is null) desc`,
			sql`min(${packs.bestBy})`,
			asc(packs.packingId)
		)
		.limit(most + 1)
		.as('alike');
	const one = alias(packs, 'one');
	const first = db
		.select({ id: one.id })
		.from(one)
		.where(and(eq(one.packingId, alike.packingId), eq(one.status, alike.status)))
		.orderBy(sql`${one.bestBy} asc nulls first`, asc(one.code))
		.limit(1)
		.as('first');
	const rows = await db
		.select({
			pack: packs,
			packing: summaryColumns,
			dish: dishes,
			name: packName,
			...places,
			version: rowVersion,
			alike: alike.alike
		})
		.from(alike)
		.innerJoinLateral(first, sql`true`)
		.innerJoin(packs, eq(packs.id, first.id))
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.innerJoin(freezers, eq(freezers.id, shelves.freezerId))
		.orderBy(desc(isThawing), ...useFirst);
	const kept = rows.slice(0, most);
	const cards = await cardsOf(
		db,
		kept.map(({ packing, version }) => ({ id: packing.id, version }))
	);
	const firsts = kept.map(({ version: _version, alike: n, ...row }) => ({
		pack: stockPack(row),
		card: cards.get(row.packing.id) ?? null,
		alike: n
	}));
	return { firsts, more: rows.length > most };
}

/** Packs with the same key are of one dish, or of one packing where nobody wrote a dish. */
export const dishKey = ({ dishId, id }: Pick<Packing, 'dishId' | 'id'>): string =>
	dishId === null ? `p${id}` : `d${dishId}`;

/** Every frozen pack as a meal, use-first: packs of one dish add up; what is no meal by itself has no card. */
export async function stockToPlan(db: Db) {
	const rows = await db
		.select({
			code: packs.code,
			packingId: packs.packingId,
			dishId: packings.dishId,
			name: packName,
			servings: sql<number>`(${packings.servings} * ${packs.part01})::float8`,
			bestBy: packs.bestBy,
			isMeal: sql<boolean>`${packings.cardInput} is not null and ${dishes.standsFor} is null`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.where(eq(packs.status, 'frozen'))
		.orderBy(...useFirst);
	return rows.map((row) => ({ ...row, key: dishKey({ ...row, id: row.packingId }) }));
}

/** When packs of each dish were eaten last, since a moment. */
export async function eatenSince(db: Db, sinceMs: number): Promise<Map<number, number>> {
	const rows = await db
		.select({
			dishId: packings.dishId,
			atMs: sql<number>`max(${packs.cookedAtMs})::float8`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(and(eq(packs.status, 'cooked'), gt(packs.cookedAtMs, sinceMs)))
		.groupBy(packings.dishId);
	return new Map(rows.flatMap(({ dishId, atMs }) => (dishId === null ? [] : [[dishId, atMs]])));
}

/** How many packs are in a state. */
export async function countIn(db: Db, status: PackStatus): Promise<number> {
	const [row] = await db.select({ n: count() }).from(packs).where(eq(packs.status, status));
	return row.n;
}

export const countFrozen = (db: Db): Promise<number> => countIn(db, 'frozen');

type StockRows = Awaited<ReturnType<typeof stock>>;
const distinct = <T>(values: readonly T[]): T[] => [...new Set(values)];

async function withCards(db: Db, rows: StockRows): Promise<PackWithCard[]> {
	if (rows.length === 0) return [];
	const cards = await db
		.select({ id: packings.id, card, cardInput })
		.from(packings)
		.where(inArray(packings.id, distinct(rows.map(({ packing }) => packing.id))));
	const cardOf = new Map(cards.map(({ id, ...kept }) => [id, kept]));
	const lines = await db
		.select({
			dishId: ingredientLines.dishId,
			stage: ingredientLines.stage,
			name: ingredientLines.itemName,
			text: ingredientLines.text
		})
		.from(ingredientLines)
		.where(
			and(
				inArray(ingredientLines.dishId, [-1, ...distinct(rows.map(({ dish }) => dish?.id ?? -1))]),
				inArray(ingredientLines.stage, ['cook-day', 'serve'])
			)
		)
		.orderBy(asc(ingredientLines.position));
	return rows.map((row) => {
		const pack = stockPack(row);
		const ofDish = lines.filter(({ dishId }) => dishId === pack.dish?.id);
		const kept = cardOf.get(row.packing.id) ?? { card: null, cardInput: null };
		return {
			...pack,
			lateItems: ofDish.flatMap(({ stage, name, text }) =>
				stage === 'cook-day' && name
					? [{ name, like: likeOf(name) ?? name, text: shareOfAmounts(text, share01(pack)) }]
					: []
			),
			serveWith: ofDish.flatMap(({ stage, text }) => (stage === 'serve' ? [text] : [])),
			packing: { ...row.packing, ...kept }
		};
	});
}

/** A pack with its cook card; null when no pack has this code. */
export async function packByCode(db: Db, code: string): Promise<PackWithCard | null> {
	return (await packsByCode(db, [code]))[0] ?? null;
}

/** Packs with their cook cards, in the order they were made. */
export async function packsByCode(db: Db, codes: readonly string[]): Promise<PackWithCard[]> {
	return withCards(
		db,
		await stock(db)
			.where(inArray(packs.code, [...codes, '']))
			.orderBy(asc(packs.id))
	);
}

/** The packs of one packing, with the cook card they share. */
export async function packsOfPacking(db: Db, packingId: number): Promise<PackWithCard[]> {
	return withCards(
		db,
		await stock(db).where(eq(packs.packingId, packingId)).orderBy(asc(packs.number), asc(packs.id))
	);
}

/** The latest packings, newest first, with how many packs each made. */
export async function recentPackings(db: Db, most: number) {
	return db
		.select({ packing: summaryColumns, name: packName, count: count(packs.id) })
		.from(packings)
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(packs, eq(packs.packingId, packings.id))
		.groupBy(packings.id, packings.name, dishes.name)
		.orderBy(desc(packings.id))
		.limit(most);
}

export type PackChange = Partial<Omit<typeof packs.$inferInsert, 'id' | 'code' | 'version'>>;

/** What happened to a pack, oldest first. */
export async function packHistory(db: Db, packId: number) {
	return db
		.select()
		.from(packEvents)
		.where(eq(packEvents.packId, packId))
		.orderBy(asc(packEvents.atMs), asc(packEvents.id));
}

/** Packs as rows, by code. */
export async function packRows(db: Db, codes: readonly string[]): Promise<PackRow[]> {
	return db
		.select()
		.from(packs)
		.where(inArray(packs.code, [...codes, '']))
		.orderBy(asc(packs.id));
}
