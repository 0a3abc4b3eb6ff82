import { and, desc, eq, sql } from 'drizzle-orm';
import type { Db } from '../db/open.ts';
import { undoEntries } from '../db/schema/index.ts';
import type { UndoAction, UndoKind } from '../undo/undo-action.ts';

export type UndoEntry = typeof undoEntries.$inferSelect;

export async function addUndo(
	db: Db,
	values: { action: UndoAction; what: string; atMs: number }
): Promise<void> {
	await db.insert(undoEntries).values(values);
}

/** What a screen shows of an entry: not what it keeps, which can be large. */
export interface UndoLine {
	id: number;
	what: string;
	kind: UndoKind;
}

/** What can still be taken back, newest first. */
export async function openUndos(db: Db, most: number): Promise<UndoLine[]> {
	return db
		.select({
			id: undoEntries.id,
			what: undoEntries.what,
			kind: sql<UndoKind>`${undoEntries.action}->>'kind'`
		})
		.from(undoEntries)
		.where(eq(undoEntries.state, 'open'))
		.orderBy(desc(undoEntries.id))
		.limit(most);
}

/** Closes an open entry and returns it; null when it was closed already, perhaps on another device. */
export async function closeUndo(
	db: Db,
	id: number,
	state: 'undone' | 'dismissed'
): Promise<UndoEntry | null> {
	const [entry] = await db
		.update(undoEntries)
		.set({ state })
		.where(and(eq(undoEntries.id, id), eq(undoEntries.state, 'open')))
		.returning();
	return entry ?? null;
}
