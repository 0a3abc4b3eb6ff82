import type { Db } from '../../db/db.ts';
import { contentOf, getDish, versionsOf } from '../../queries/dishes.ts';
import { addVersion, saveDish, setDishRemoved } from '../../writes/dishes.ts';
import { undoable } from '../../undo/undoable.ts';
import { writeDish, type DishForm } from './write-dish.ts';

/** Writes a dish over, keeping what it was. False when it is gone. */
export async function changeDish(
	db: Db,
	form: DishForm,
	dishId: number,
	nowMs: number
): Promise<boolean> {
	const dish = await getDish(db, dishId);
	if (!dish) return false;
	const action = { kind: 'dish-changed', dishId, before: contentOf(dish) } as const;
	return undoable(db, { action, what: dish.name, atMs: nowMs }, async (tx) => {
		await addVersion(tx, { dishId, atMs: nowMs, content: action.before });
		await writeDish(tx, form, nowMs, dishId);
		return true;
	});
}

/** Makes a dish what it was in a kept version; what it is now is kept as one. False when either is gone. */
export async function restoreVersion(
	db: Db,
	dishId: number,
	versionId: number,
	nowMs: number
): Promise<boolean> {
	const dish = await getDish(db, dishId);
	const version = (await versionsOf(db, dishId)).find((one) => one.id === versionId);
	if (!dish || !version) return false;
	const before = contentOf(dish);
	const action = { kind: 'dish-changed', dishId, before } as const;
	return undoable(db, { action, what: dish.name, atMs: nowMs }, async (tx) => {
		await addVersion(tx, { dishId, atMs: nowMs, content: before });
		await saveDish(tx, version.content.values, version.content.lines, dishId);
		return true;
	});
}

/** Takes a dish off the menu; its packs stay. False when it is gone. */
export async function removeDish(db: Db, dishId: number, nowMs: number): Promise<boolean> {
	const dish = await getDish(db, dishId);
	if (!dish) return false;
	const action = { kind: 'dish-removed', dishId } as const;
	return undoable(db, { action, what: dish.name, atMs: nowMs }, (tx) =>
		setDishRemoved(tx, dishId, nowMs)
	);
}
