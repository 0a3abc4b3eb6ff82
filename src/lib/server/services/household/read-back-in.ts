import * as w from '../../../present/wording/index.ts';
import type { Backup } from '../../../formats/backup.ts';
import type { Db } from '../../db/db.ts';
import { exportAll } from '../../queries/backup.ts';
import { importAll } from '../../writes/backup.ts';
import { addUndo } from '../../writes/undo.ts';

/** Replaces everything by an exported file, after a safe copy of what is there; it can be taken back. */
export async function readBackIn(
	db: Db,
	copies: { make(): Promise<unknown> },
	backup: Backup,
	nowMs: number
): Promise<{ ok: true } | { ok: false; message: string }> {
	await copies.make();
	try {
		await db.transaction(async (tx) => {
			const before = await exportAll(tx, nowMs);
			await importAll(tx, backup);
			const action = { kind: 'everything-replaced', before } as const;
			await addUndo(tx, { action, what: '', atMs: nowMs });
		});
		return { ok: true };
	} catch (error) {
		// the database's own word on a row that breaks a limit or points at nothing
		const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
		return {
			ok: false,
			message: w.readBackInAnswers.inconsistent({
				where: cause instanceof Error ? cause.message : String(cause)
			})
		};
	}
}
