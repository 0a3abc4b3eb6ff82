import { desc, eq, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { undoEntries } from '../db/schema/index.ts';
import type { UndoKind } from '../undo/undo-action.ts';

export type UndoEntry = typeof undoEntries.$inferSelect;

/** What a screen shows of an entry: not what it keeps, which can be large. */
export interface UndoLine {
	id: number;
	what: string;
	kind: UndoKind;
	atMs: number;
}

/** What can still be taken back, newest first. */
export async function openUndos(db: Db, most: number): Promise<UndoLine[]> {
	return db
		.select({
			id: undoEntries.id,
			what: undoEntries.what,
			atMs: undoEntries.atMs,
			kind: sql<UndoKind>`${undoEntries.action}->>'kind'`
		})
		.from(undoEntries)
		.where(eq(undoEntries.state, 'open'))
		.orderBy(desc(undoEntries.id))
		.limit(most);
}
