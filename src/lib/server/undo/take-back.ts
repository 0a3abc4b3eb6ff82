import type { Db } from '../db/open.ts';
import { importAll } from '../repos/backup.ts';
import { setCoolingEnd, setReadingRemoved } from '../repos/cooling.ts';
import { saveDish, setDishRemoved } from '../repos/dishes.ts';
import { saveHousehold, setFreezerRemoved } from '../repos/household.ts';
import { replaceDayDishes, setDay } from '../repos/days.ts';
import { addPrices, setStock } from '../repos/pantry.ts';
import { removeCook } from '../repos/cooks.ts';
import { setAssumed, setPackShelf, setPackStatus } from '../repos/packs.ts';
import { closeUndo } from '../repos/undo.ts';
import type { UndoAction } from './undo-action.ts';

/** Takes a noted change back, once. False when it was taken back or dismissed before. */
export async function takeBack(db: Db, undoId: number): Promise<boolean> {
	return db.transaction(async (tx) => {
		const entry = await closeUndo(tx, undoId, 'undone');
		if (entry) await reverse(tx, entry.action);
		return entry !== null;
	});
}

async function reverse(db: Db, action: UndoAction): Promise<void> {
	switch (action.kind) {
		case 'pack-cooked':
			await setPackStatus(db, action.code, { from: 'cooked', to: 'frozen', cookedAtMs: null });
			return;
		case 'pack-gone':
			await setPackStatus(db, action.code, { from: action.to, to: 'frozen', cookedAtMs: null });
			return;
		case 'pack-moved':
			await setPackShelf(db, action.code, action.shelfId);
			return;
		case 'pack-assumed':
			await setAssumed(db, action.code, action.before);
			return;
		case 'cook-logged':
			return removeCook(db, action.cookId);
		case 'day-changed':
			return replaceDayDishes(db, action.dayId, action.before);
		case 'day-removed':
			await setDay(db, action.dayId, { removedAtMs: null });
			return;
		case 'stock-changed':
			await setStock(db, action.itemName, action.massKg);
			return;
		case 'price-removed':
			return addPrices(db, [action.entry]);
		case 'reading-removed':
			return setReadingRemoved(db, action.readingId, false);
		case 'cooling-ended':
			return setCoolingEnd(db, action.runId, null);
		case 'dish-changed':
			await saveDish(db, action.before.values, action.before.lines, action.dishId);
			return;
		case 'dish-removed':
			await setDishRemoved(db, action.dishId, null);
			return;
		case 'freezer-removed':
			await setFreezerRemoved(db, action.freezerId, null);
			return;
		case 'household-changed':
			return saveHousehold(db, action.before);
		case 'everything-replaced':
			return importAll(db, action.before);
	}
}
