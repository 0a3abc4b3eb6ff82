import { bigint, integer, jsonb, pgTable, text } from 'drizzle-orm/pg-core';
import type { UndoAction } from '../../undo/undo-action.ts';

/** What was removed, used up or overwritten and can still be taken back; shown on every screen until dismissed. */
export const undoEntries = pgTable('undo_entries', {
	id: integer().primaryKey().generatedAlwaysAsIdentity(),
	action: jsonb().$type<UndoAction>().notNull(),
	/** what it was done to, as named then: a dish's name, a pack's code */
	what: text().notNull(),
	atMs: bigint({ mode: 'number' }).notNull(),
	state: text({ enum: ['open', 'undone', 'dismissed'] })
		.notNull()
		.default('open')
});
