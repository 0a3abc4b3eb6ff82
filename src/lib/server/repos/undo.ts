import { and, desc, eq } from 'drizzle-orm';
import type { Db } from '../db/open.ts';
import { undoEntries } from '../db/schema/index.ts';
import type { UndoAction } from '../undo/undo-action.ts';

export type UndoEntry = typeof undoEntries.$inferSelect;

export async function addUndo(
	db: Db,
	values: { action: UndoAction; what: string; atMs: number }
): Promise<void> {
	await db.insert(undoEntries).values(values);
}

/** What can still be taken back, newest first. */
export async function openUndos(db: Db, most: number): Promise<UndoEntry[]> {
	return db
		.select()
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
