import type { Db } from '../db/db.ts';
import { addUndo } from '../writes/undo.ts';
import type { UndoAction } from './undo-action.ts';

/** Makes a change and notes how to take it back, both or neither. `change` answers false when there was nothing to change. */
export async function undoable(
	db: Db,
	note: { action: UndoAction; what: string; atMs: number },
	change: (tx: Db) => Promise<boolean>
): Promise<boolean> {
	return db.transaction(async (tx) => {
		const done = await change(tx);
		if (done) await addUndo(tx, note);
		return done;
	});
}
