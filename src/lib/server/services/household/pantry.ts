import type { Db } from '../../db/db.ts';
import { addPrices, removePrice, setStock } from '../../writes/pantry.ts';
import { addUndo } from '../../writes/undo.ts';

/** Puts packs into the price book. */
export const addPacksToBuy = addPrices;

/** Takes a pack out of the price book, with a line to take that back; nothing when it is gone already. */
export async function takeOutPrice(db: Db, id: number, atMs: number): Promise<void> {
	await db.transaction(async (tx) => {
		const gone = await removePrice(tx, id);
		if (!gone) return;
		const { id: _id, ...entry } = gone;
		const action = { kind: 'price-removed', entry } as const;
		await addUndo(tx, { action, what: `${entry.itemName}, ${entry.label},`, atMs });
	});
}

/** How much of an item is in the cupboard, with a line to take that back. */
export async function setCupboard(
	db: Db,
	itemName: string,
	massKg: number,
	atMs: number
): Promise<void> {
	await db.transaction(async (tx) => {
		const before = await setStock(tx, itemName, massKg);
		const action = { kind: 'stock-changed', itemName, massKg: before } as const;
		await addUndo(tx, { action, what: itemName, atMs });
	});
}
