import type { Db } from '../db/open.ts';
import { packByCode, setPackShelf, setPackStatus, type StockPack } from '../repos/packs.ts';
import type { UndoAction } from '../undo/undo-action.ts';
import { undoable } from '../undo/undoable.ts';

/** Changes a pack with a note to take it back. False when there is none, or it was not frozen any more. */
async function changePack(
	db: Db,
	code: string,
	nowMs: number,
	actionOf: (pack: StockPack) => UndoAction,
	change: (tx: Db) => Promise<boolean>
): Promise<boolean> {
	const pack = await packByCode(db, code);
	if (!pack) return false;
	const note = { action: actionOf(pack), what: `${pack.dish.name}, ${code},`, atMs: nowMs };
	return undoable(db, note, change);
}

/** Marks a pack cooked. False when it was not frozen any more. */
export const cookPack = (db: Db, code: string, nowMs: number): Promise<boolean> =>
	changePack(
		db,
		code,
		nowMs,
		() => ({ kind: 'pack-cooked', code }),
		(tx) => setPackStatus(tx, code, { from: 'frozen', to: 'cooked', cookedAtMs: nowMs })
	);

/** Gives a pack away or discards it with its reason. False when it was not frozen any more. */
export const removePack = (
	db: Db,
	code: string,
	gone: { to: 'given' | 'discarded'; reason?: string },
	nowMs: number
): Promise<boolean> =>
	changePack(
		db,
		code,
		nowMs,
		() => ({ kind: 'pack-gone', code, to: gone.to }),
		(tx) => setPackStatus(tx, code, { from: 'frozen', cookedAtMs: nowMs, ...gone })
	);

/** Lays a pack on another shelf. False when it is not frozen any more. */
export const movePack = (db: Db, code: string, shelfId: number, nowMs: number): Promise<boolean> =>
	changePack(
		db,
		code,
		nowMs,
		(pack) => ({ kind: 'pack-moved', code, shelfId: pack.shelfId }),
		(tx) => setPackShelf(tx, code, shelfId)
	);
