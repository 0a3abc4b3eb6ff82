import { and, asc, eq, gt, gte, inArray, lt, or, sql, type SQL } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import {
	containerStock,
	dishes,
	freezerReadings,
	freezers,
	packings,
	packs,
	shelves,
	type PackStatus
} from '../db/schema/index.ts';
import { type ContainerKey, containers } from '../../core/published/index.ts';
import { type FoodSpec, isIce } from '../../core/foods/index.ts';
import { keepsDays } from '../../core/rules/index.ts';
import { daysBetween } from '../../core/units/index.ts';
import { thisPack } from '../../core/packing/index.ts';
import { likeText } from '../queries/like-text.ts';
import { packName, useFirst } from '../queries/packs.ts';

/** One line of the freezer's list: what a cook reads of a pack, and no more. */
export interface StockLine {
	id: number;
	packingId: number;
	code: string;
	name: string;
	status: PackStatus;
	number: number;
	of: number;
	servings: number;
	massKg: number;
	state: 'raw' | 'cooked';
	bestBy: string | null;
	packedOn: string;
	shelfId: number;
	shelf: string;
	freezer: string;
	thicknessM: number;
	lengthM: number;
	version: number;
}

export interface StockFilter {
	/** words that name, code, shelf or freezer hold */
	text?: string;
	shelfId?: number;
	freezerId?: number;
	/** YYYY-MM of the best-by; 'past'; 'none' */
	month?: string;
	state?: 'raw' | 'cooked';
	status?: PackStatus;
	today: string;
}

const massKg = sql<number>`coalesce(${packs.massKg}, ${packings.massKg}) * ${packs.part01}`;
/** Of a whole pack. */
const packL = sql<number>`${packings.lengthM} * ${packings.widthM} * ${packings.thicknessM} * 1000`;
const litres = sql<number>`${packL} * ${packs.part01}`;

function conditions(filter: StockFilter): SQL | undefined {
	const words = (filter.text ?? '').trim().split(/\s+/).filter(Boolean);
	return and(
		eq(packs.status, filter.status ?? 'frozen'),
		filter.shelfId ? eq(packs.shelfId, filter.shelfId) : undefined,
		filter.freezerId ? eq(shelves.freezerId, filter.freezerId) : undefined,
		filter.state ? eq(packings.state, filter.state) : undefined,
		filter.month === 'none'
			? sql`${packs.bestBy} is null`
			: filter.month === 'past'
				? lt(packs.bestBy, filter.today)
				: filter.month
					? sql`substr(${packs.bestBy}, 1, 7) = ${filter.month}`
					: undefined,
		...words.map((word) =>
			or(
				sql`${packName} ilike ${likeText(word)}`,
				sql`${packs.code} ilike ${likeText(word)}`,
				sql`${shelves.name} || ' ' || ${freezers.name} ilike ${likeText(word)}`
			)
		)
	);
}

/** Packs that answer a filter, use-first: as many lines as asked for, and how many there are in all, with their servings. */
export async function stockLines(
	db: Db,
	filter: StockFilter,
	page: { from: number; most: number },
	/** of all of them, where the page has summed them already */
	known?: { total: number; servings: number }
): Promise<{ lines: StockLine[]; total: number; servings: number }> {
	const where = conditions(filter);
	const rows = await db
		.select({
			id: packs.id,
			packingId: packs.packingId,
			code: packs.code,
			name: packName,
			status: packs.status,
			number: packs.number,
			of: packs.of,
			packing: {
				servings: packings.servings,
				massKg: packings.massKg,
				lengthM: packings.lengthM,
				widthM: packings.widthM,
				thicknessM: packings.thicknessM
			},
			weighedKg: packs.massKg,
			part01: packs.part01,
			state: packings.state,
			bestBy: packs.bestBy,
			packedOn: packings.packedOn,
			shelfId: packs.shelfId,
			shelf: shelves.name,
			freezer: freezers.name,
			version: packs.version
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.innerJoin(freezers, eq(freezers.id, shelves.freezerId))
		.where(where)
		.orderBy(...useFirst)
		.offset(page.from)
		.limit(page.most);
	const sum = known ?? (await sumsOf(db, where));
	const lines = rows.map(({ packing, weighedKg, part01, ...line }) => {
		const { block, ...own } = thisPack(packing, { massKg: weighedKg, part01 });
		return { ...line, ...own, thicknessM: block.thicknessM, lengthM: block.lengthM };
	});
	return { lines, total: sum.total, servings: Math.round(sum.servings) };
}

async function sumsOf(db: Db, where: SQL | undefined) {
	const [sum] = await db
		.select({
			total: sql<number>`count(*)::int`,
			servings: sql<number>`coalesce(sum(${packings.servings} * ${packs.part01}), 0)::float8`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.innerJoin(freezers, eq(freezers.id, shelves.freezerId))
		.where(where);
	return sum;
}

export interface ShelfSlab {
	code: string;
	name: string;
	thicknessM: number;
	bestBy: string | null;
}
export interface ShelfContents {
	shelfId: number;
	packs: number;
	servings: number;
	litres: number;
	massKg: number;
	/** the first to use, as many as a picture shows */
	slabs: ShelfSlab[];
}

/** What lies on each shelf, with the packs a picture of it shows. */
export async function shelfContents(db: Db, mostSlabs: number): Promise<ShelfContents[]> {
	// packs that are alike are added up before their packing is looked at
	const alike = db
		.select({
			shelfId: packs.shelfId,
			packingId: packs.packingId,
			packs: sql<number>`count(*)`.as('packs'),
			parts: sql<number>`sum(${packs.part01})`.as('parts'),
			unweighed: sql<number>`sum(${packs.part01}) filter (where ${packs.massKg} is null)`.as(
				'unweighed'
			),
			weighedKg: sql<number>`sum(${packs.massKg} * ${packs.part01})`.as('weighed_kg')
		})
		.from(packs)
		.where(eq(packs.status, 'frozen'))
		.groupBy(packs.shelfId, packs.packingId)
		.as('alike');
	const sums = await db
		.select({
			shelfId: alike.shelfId,
			packs: sql<number>`sum(${alike.packs})::int`,
			servings: sql<number>`sum(${packings.servings} * ${alike.parts})::float8`,
			litres: sql<number>`sum(${packL} * ${alike.parts})::float8`,
			massKg: sql<number>`sum(coalesce(${alike.weighedKg}, 0) + ${packings.massKg} * coalesce(${alike.unweighed}, 0))::float8`
		})
		.from(alike)
		.innerJoin(packings, eq(packings.id, alike.packingId))
		.groupBy(alike.shelfId);
	// of each shelf only as many as are shown: its index has them in order
	const slabs = await Promise.all(
		sums.map(({ shelfId }) =>
			mostSlabs === 0
				? []
				: db
						.select({
							code: packs.code,
							name: packName,
							thicknessM: packings.thicknessM,
							bestBy: packs.bestBy
						})
						.from(packs)
						.innerJoin(packings, eq(packings.id, packs.packingId))
						.leftJoin(dishes, eq(dishes.id, packings.dishId))
						.where(and(eq(packs.shelfId, shelfId), eq(packs.status, 'frozen')))
						.orderBy(sql`${packs.bestBy} asc nulls first`, asc(packs.code))
						.limit(mostSlabs)
		)
	);
	return sums.map((shelf, i) => ({ ...shelf, slabs: slabs[i] }));
}

/** Months in which frozen packs are best by, with how many (what the filter offers), and how many are past their best. */
export async function bestBySummary(
	db: Db,
	today: string
): Promise<{ months: { month: string | null; packs: number }[]; past: number }> {
	const days = await db
		.select({ bestBy: packs.bestBy, packs: sql<number>`count(*)::int` })
		.from(packs)
		.where(eq(packs.status, 'frozen'))
		.groupBy(packs.bestBy)
		.orderBy(packs.bestBy);
	const months = new Map<string | null, number>();
	let past = 0;
	for (const { bestBy, packs: n } of days) {
		const month = bestBy?.slice(0, 7) ?? null;
		months.set(month, (months.get(month) ?? 0) + n);
		if (bestBy !== null && bestBy < today) past += n;
	}
	return { months: [...months].map(([month, n]) => ({ month, packs: n })), past };
}

/** Kilograms that went into each freezer since a moment: what its load is measured by. */
export async function addedKgSince(db: Db, sinceMs: number): Promise<Map<number, number>> {
	const rows = await db
		.select({ freezerId: shelves.freezerId, massKg: sql<number>`sum(${massKg})::float8` })
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.where(and(eq(packs.status, 'frozen'), gt(packs.frozenAtMs, sinceMs)))
		.groupBy(shelves.freezerId);
	return new Map(rows.map((row) => [row.freezerId, row.massKg]));
}

/** Readings of a freezer from a moment on, in time order. */
export async function readingsOf(db: Db, freezerId: number, fromMs: number) {
	return db
		.select({
			atMs: freezerReadings.atMs,
			tempC: freezerReadings.tempC,
			source: freezerReadings.source
		})
		.from(freezerReadings)
		.where(and(eq(freezerReadings.freezerId, freezerId), gte(freezerReadings.atMs, fromMs)))
		.orderBy(asc(freezerReadings.atMs));
}

/** Readings of a freezer within a span of time, in time order. */
export async function readingsBetween(db: Db, freezerId: number, fromMs: number, toMs: number) {
	return db
		.select({ atMs: freezerReadings.atMs, tempC: freezerReadings.tempC })
		.from(freezerReadings)
		.where(
			and(
				eq(freezerReadings.freezerId, freezerId),
				gte(freezerReadings.atMs, fromMs),
				lt(freezerReadings.atMs, toMs)
			)
		)
		.orderBy(asc(freezerReadings.atMs));
}

/** When a freezer's last reading of a kind was; null: there is none. */
export async function lastReadingMs(
	db: Db,
	freezerId: number,
	source: 'hand' | 'file' | 'thermometer'
): Promise<number | null> {
	const [row] = await db
		.select({ atMs: sql<number | null>`max(${freezerReadings.atMs})::float8` })
		.from(freezerReadings)
		.where(and(eq(freezerReadings.freezerId, freezerId), eq(freezerReadings.source, source)));
	return row.atMs;
}

/** What quality life is counted from, of every frozen pack of a freezer. */
export async function qualityRows(db: Db, freezerId: number) {
	return db
		.select({
			id: packs.id,
			bestBy: packs.bestBy,
			lostDays: packs.lostDays,
			packedOn: packings.packedOn,
			storage: packings.storage
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.where(and(eq(packs.status, 'frozen'), eq(shelves.freezerId, freezerId)));
}

/** Containers left: owned less those that hold a pack now, where they come back; null: never counted. */
export async function containersLeft(
	db: Db
): Promise<{ container: ContainerKey; owned: number; left: number }[]> {
	const owned = await db.select().from(containerStock).orderBy(asc(containerStock.id));
	const used = await db
		.select({ container: packings.container, n: sql<number>`count(*)::int` })
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(inArray(packs.status, ['frozen', 'thawing', 'reserved']))
		.groupBy(packings.container);
	const inUse = new Map(used.map((row) => [row.container, row.n]));
	return owned.map(({ container, owned: n }) => ({
		container,
		owned: n,
		left: containers[container].returns ? Math.max(0, n - (inUse.get(container) ?? 0)) : n
	}));
}

/** What a power cut's verdict needs of every pack in a freezer, shelf by shelf. */
export async function partsInFreezer(db: Db, freezerId: number) {
	const rows = await db
		.select({
			code: packs.code,
			name: packName,
			shelf: shelves.name,
			storage: packings.storage,
			packedOn: packings.packedOn,
			cookedOn: packings.cookedOn,
			version: packs.version
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.where(and(eq(packs.status, 'frozen'), eq(shelves.freezerId, freezerId)))
		.orderBy(asc(shelves.position), ...useFirst);
	return rows.map(({ storage, packedOn, cookedOn, ...row }) => ({
		...row,
		groups: storage.parts.map(({ group }) => group),
		keepsDays: keepsDays(storage.parts, cookedOn ? daysBetween(cookedOn, packedOn) : 0),
		isIce: isIce(row.name)
	}));
}

/** What lies in a freezer with the food it is, as far as that is known; use-first. */
export async function foodsInFreezer(db: Db, freezerId: number) {
	const rows = await db
		.select({
			code: packs.code,
			name: packName,
			bestBy: packs.bestBy,
			massKg: sql<number>`(${massKg})::float8`,
			litres: sql<number>`(${litres})::float8`,
			thicknessM: packings.thicknessM,
			food: sql<FoodSpec | null>`${packings.cardInput} -> 'convert' -> 'food'`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.where(and(eq(packs.status, 'frozen'), eq(shelves.freezerId, freezerId)))
		.orderBy(...useFirst);
	return rows.filter((row) => row.massKg > 0);
}

/** Packs of a freezer whose best-by its readings brought forward, worst first. */
export async function lostDaysIn(db: Db, freezerId: number) {
	return db
		.select({
			code: packs.code,
			name: packName,
			bestBy: packs.bestBy,
			lostDays: packs.lostDays
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.innerJoin(shelves, eq(shelves.id, packs.shelfId))
		.where(and(eq(packs.status, 'frozen'), eq(shelves.freezerId, freezerId), gt(packs.lostDays, 0)))
		.orderBy(sql`${packs.lostDays} desc`)
		.limit(50);
}
