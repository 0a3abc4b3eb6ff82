import { and, eq } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { undoEntries } from '../db/schema/index.ts';
import type { UndoAction } from '../undo/undo-action.ts';
import { type UndoEntry } from '../queries/undo.ts';

export async function addUndo(
	db: Db,
	values: { action: UndoAction; what: string; atMs: number }
): Promise<void> {
	await db.insert(undoEntries).values(values);
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
