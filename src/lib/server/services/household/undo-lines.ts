import type { Db } from '../../db/db.ts';
import { takeBack } from '../../undo/take-back.ts';
import { closeUndo } from '../../writes/undo.ts';

/** Takes back what a line names; nothing when somebody did already. */
export const takeBackLine = takeBack;

/** The line goes, what was done stays. */
export async function dismissLine(db: Db, id: number): Promise<void> {
	await closeUndo(db, id, 'dismissed');
}
