import type { Db } from '../db/db.ts';
import { importAll } from '../writes/backup.ts';
import { setCoolingEnd, setReadingRemoved } from '../writes/cooling.ts';
import { removeNote, saveDish, setDishLearned, setDishRemoved } from '../writes/dishes.ts';
import { saveHousehold, setFreezerRemoved } from '../writes/household.ts';
import { replaceDayDishes, setDay } from '../writes/days.ts';
import { addPrices, setStock } from '../writes/pantry.ts';
import { removeCook } from '../writes/cooks.ts';
import { endLeftovers } from '../writes/leftovers.ts';
import { putMeals, removeMeals } from '../writes/meals.ts';
import { changePackRow, removePackings, removePackRows, setAssumed } from '../writes/packs.ts';
import { removeFreezerReadings, setBestBy, setContainerOwned } from '../writes/freezer-stock.ts';
import { closeUndo } from '../writes/undo.ts';
import type { UndoAction } from './undo-action.ts';

/** Takes a noted change back, once. False when it was taken back or dismissed before. */
export async function takeBack(db: Db, undoId: number, nowMs: number): Promise<boolean> {
	return db.transaction(async (tx) => {
		const entry = await closeUndo(tx, undoId, 'undone');
		if (entry) await reverse(tx, entry.action, nowMs);
		return entry !== null;
	});
}

async function reverse(db: Db, action: UndoAction, nowMs: number): Promise<void> {
	switch (action.kind) {
		case 'packs-changed':
			return packsBack(db, action, nowMs);
		case 'packs-added':
			return removePackings(db, action.packingIds);
		case 'readings-added':
			await removeFreezerReadings(db, action.freezerId, action.momentsMs);
			for (const { ids, ...was } of action.before) await setBestBy(db, ids, was);
			return;
		case 'containers-changed':
			return setContainerOwned(db, action.container, action.owned);
		case 'pack-assumed':
			await setAssumed(db, action.code, action.before);
			return;
		case 'cook-logged':
			return removeCook(db, action.cookId);
		case 'meals-changed':
			await removeMeals(db, action.added);
			return putMeals(db, action.before);
		case 'leftovers-ended':
			await endLeftovers(db, action.leftoversId, null);
			return;
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
		case 'dish-learned':
			await setDishLearned(db, action.dishId, action.before);
			if (action.noteAtMs !== null) await removeNote(db, action.dishId, action.noteAtMs);
			return saveHousehold(db, { weighed: action.weighed });
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

/** Packs as they were; those that something else was done to since stay as they are. */
async function packsBack(
	db: Db,
	action: Extract<UndoAction, { kind: 'packs-changed' }>,
	nowMs: number
): Promise<void> {
	for (const { id, versionAfter, values } of action.before)
		await changePackRow(db, { id, version: versionAfter }, values, {
			kind: 'taken-back',
			detail: action.deed,
			atMs: nowMs
		});
	await removePackRows(db, action.added);
}
