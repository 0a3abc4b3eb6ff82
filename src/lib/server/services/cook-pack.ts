import type { Db } from '../db/open.ts';
import { packByCode, setPackStatus } from '../repos/packs.ts';
import { undoable } from '../undo/undoable.ts';

/** Marks a pack cooked, with a note to take it back. False when it was not frozen any more. */
export async function cookPack(db: Db, code: string, nowMs: number): Promise<boolean> {
	const pack = await packByCode(db, code);
	if (!pack) return false;
	const note = {
		action: { kind: 'pack-cooked', code } as const,
		what: `${pack.dish.name}, ${code},`,
		atMs: nowMs
	};
	return undoable(db, note, (tx) =>
		setPackStatus(tx, code, { from: 'frozen', to: 'cooked', cookedAtMs: nowMs })
	);
}
