import { and, asc, desc, eq, inArray, isNotNull, or, sql } from 'drizzle-orm';
import type { ComponentPack } from '../../core/schedule/index.ts';
import type { PriceEntry } from '../../core/shopping/index.ts';
import type { Db } from '../db/db.ts';
import { packName } from '../queries/packs.ts';
import { dishes, packings, packs, prices, stock } from '../db/schema/index.ts';

/** The catalogue item a pack is stock of: a component's, or what was written down with it. */
const standsFor = sql<string | null>`coalesce(${packings.itemName}, ${dishes.standsFor})`;
const massLeftKg = sql<number>`coalesce(${packs.massKg}, ${packings.massKg}) * ${packs.part01}`;

export type StockRow = typeof stock.$inferSelect;

/** The price book as it is now: of a pack that was paid more than once, what it cost last. */
export async function listPrices(db: Db): Promise<PriceEntry[]> {
	return db
		.selectDistinctOn([prices.itemName, prices.sizeKg, prices.label, prices.shop])
		.from(prices)
		.orderBy(
			asc(prices.itemName),
			asc(prices.sizeKg),
			prices.label,
			prices.shop,
			sql`${prices.onDay} desc nulls last`,
			desc(prices.id)
		);
}

export async function listStock(db: Db): Promise<StockRow[]> {
	return db.select().from(stock).orderBy(asc(stock.itemName));
}

/** Kilograms at home by item: the cupboard, and frozen packs of components that stand for the item. */
export async function stockKgByItem(db: Db): Promise<Record<string, number>> {
	const cupboard = await listStock(db);
	const frozen = await db
		.select({
			itemName: standsFor,
			massKg: sql<number>`sum(${massLeftKg})::float8`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.where(and(eq(packs.status, 'frozen'), isNotNull(standsFor)))
		.groupBy(standsFor);
	const byItem: Record<string, number> = {};
	for (const { itemName, massKg } of [...cupboard, ...frozen])
		if (itemName) byItem[itemName] = (byItem[itemName] ?? 0) + massKg;
	return byItem;
}

/** Packs of components in the freezer, and those of given codes wherever they are. */
export async function componentPacks(
	db: Db,
	alsoCodes: readonly string[]
): Promise<Omit<ComponentPack, 'taken'>[]> {
	const rows = await db
		.select({
			code: packs.code,
			dish: packName,
			itemName: standsFor,
			massKg: massLeftKg,
			bestBy: packs.bestBy
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.where(
			and(
				isNotNull(standsFor),
				or(eq(packs.status, 'frozen'), inArray(packs.code, [...alsoCodes, '']))
			)
		);
	return rows.map(({ itemName, ...row }) => ({ ...row, itemName: itemName ?? '' }));
}

/** Litres of what is frozen, and servings frozen of each dish. */
export async function frozenSummary(
	db: Db
): Promise<{ storedL: number; servings: Map<number, number> }> {
	const rows = await db
		.select({
			dishId: packings.dishId,
			litres: sql<number>`sum(${packings.lengthM} * ${packings.widthM} * ${packings.thicknessM} * 1000 * ${packs.part01})::float8`,
			servings: sql<number>`round(sum(${packings.servings} * ${packs.part01}))::int`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(eq(packs.status, 'frozen'))
		.groupBy(packings.dishId);
	return {
		storedL: rows.reduce((sum, row) => sum + row.litres, 0),
		servings: new Map(
			rows.flatMap((row) => (row.dishId === null ? [] : [[row.dishId, row.servings] as const]))
		)
	};
}
