import { and, eq } from 'drizzle-orm';
import type { PriceEntry } from '../../core/shopping/index.ts';
import type { Db } from '../db/db.ts';
import { prices, stock } from '../db/schema/index.ts';

export async function addPrices(
	db: Db,
	rows: readonly Omit<PriceEntry, 'id'>[],
	options: { replace?: boolean } = {}
): Promise<void> {
	await db.transaction(async (tx) => {
		if (options.replace) await tx.delete(prices);
		if (rows.length) await tx.insert(prices).values([...rows]);
	});
}

/** Puts what a pack really cost into the price book beside what it cost before; said again on the same day, the last counts. */
export async function keepPrice(
	db: Db,
	entry: Omit<PriceEntry, 'id'> & { onDay: string }
): Promise<void> {
	const { itemName, label, sizeKg, shop, onDay } = entry;
	await db
		.delete(prices)
		.where(
			and(
				eq(prices.itemName, itemName),
				eq(prices.label, label),
				eq(prices.sizeKg, sizeKg),
				eq(prices.shop, shop),
				eq(prices.onDay, onDay)
			)
		);
	await db.insert(prices).values(entry);
}

export async function removePrice(db: Db, id: number): Promise<PriceEntry | null> {
	const [row] = await db.delete(prices).where(eq(prices.id, id)).returning();
	return row ?? null;
}

/** Sets what is at home of an item; nothing left takes it out of the list. Gives what it was. */
export async function setStock(db: Db, itemName: string, massKg: number): Promise<number> {
	const [before] = await db.select().from(stock).where(eq(stock.itemName, itemName));
	if (massKg <= 0) await db.delete(stock).where(eq(stock.itemName, itemName));
	else
		await db
			.insert(stock)
			.values({ itemName, massKg })
			.onConflictDoUpdate({ target: stock.itemName, set: { massKg } });
	return before?.massKg ?? 0;
}
