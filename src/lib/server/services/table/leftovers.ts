import type { Leftovers } from '../../db/schema/index.ts';
import type { Db } from '../../db/db.ts';
import { openLeftovers } from '../../queries/meals.ts';
import { endLeftovers } from '../../writes/leftovers.ts';
import { undoable } from '../../undo/undoable.ts';

/** What was left is gone this way, with a line to take that back. False when that was said before. */
export async function endLeftover(
	db: Db,
	id: number,
	ended: NonNullable<Leftovers['ended']>,
	atMs: number
): Promise<boolean> {
	const row = (await openLeftovers(db)).find((known) => known.id === id);
	if (!row) return false;
	const action = { kind: 'leftovers-ended', leftoversId: id } as const;
	return undoable(db, { action, what: row.name, atMs }, (tx) =>
		endLeftovers(tx, id, { ended, atMs })
	);
}
