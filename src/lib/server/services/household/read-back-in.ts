import { createHash } from 'node:crypto';
import { backupText, type Backup, type BackupResult } from '../../../formats/backup.ts';
import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import { reasonOf, type Asked, type Outcome as Proven } from '../../proof.ts';
import { exportAll } from '../../queries/backup.ts';
import { importAll } from '../../writes/backup.ts';
import { addUndo } from '../../writes/undo.ts';
import type { Prove } from './prove-apart.ts';
import { makeSafeCopy } from './safe-copy.ts';
import { whatChanges, type WhatChanges } from './what-changes.ts';

type Outcome<T> = ({ ok: true } & T) | { ok: false; message: string };

/** What was tried lately, files by what they hold, copies by where they lie: looked at and then read back, each is tried once. */
const proven = new Set<string>();
const mostProven = 20;
const keyOf = (backup: Backup) => createHash('sha256').update(backupText(backup)).digest('hex');

function isProven(key: string): void {
	proven.add(key);
	if (proven.size > mostProven) proven.delete(proven.values().next().value!);
}

/**
 * Has a household read into a database of its own and every page rendered from it: what cannot be kept or shown is told before
 * anything is changed. Gives what a copy held.
 */
async function tryOut(prove: Prove, asked: Asked): Promise<Outcome<{ copied: Backup | null }>> {
	const { inconsistent, copyDamaged, unshowable } = w.readBackInAnswers;
	const unreadable = (why: string) => ({
		ok: false as const,
		message: 'copyFile' in asked ? copyDamaged({ why }) : inconsistent({ where: why })
	});
	let outcome: Proven;
	try {
		outcome = await prove(asked);
	} catch (error) {
		return unreadable(reasonOf(error));
	}
	if (!outcome.ok) return unreadable(outcome.why);
	const { page, copied } = outcome;
	return page === null ? { ok: true, copied } : { ok: false, message: unshowable({ page }) };
}

/** What a safe copy holds, as a file of it would be, once every page can be shown from it. */
export async function backupOfCopy(
	prove: Prove,
	copyFile: string,
	madeAtMs: number
): Promise<BackupResult> {
	const tried = await tryOut(prove, { copyFile, madeAtMs, proven: proven.has(copyFile) });
	if (!tried.ok) return tried;
	const backup = tried.copied!;
	isProven(copyFile);
	isProven(keyOf(backup));
	return { ok: true, backup };
}

async function provenOnce(prove: Prove, backup: Backup): Promise<Outcome<object>> {
	const key = keyOf(backup);
	if (proven.has(key)) return { ok: true };
	const tried = await tryOut(prove, { backup });
	if (tried.ok) isProven(key);
	return tried;
}

/** What reading a file back would change; nothing is changed. */
export async function lookInto(
	db: Db,
	prove: Prove,
	backup: Backup,
	nowMs: number
): Promise<Outcome<{ changes: WhatChanges }>> {
	const tried = await provenOnce(prove, backup);
	if (!tried.ok) return tried;
	const { tables } = await exportAll(db, nowMs);
	return { ok: true, changes: whatChanges(tables, backup) };
}

/** Replaces everything by an exported file, once it is proven and after a safe copy of what is there; it can be taken back. */
export async function readBackIn(
	db: Db,
	prove: Prove,
	copies: { make(): Promise<unknown> },
	backup: Backup,
	nowMs: number
): Promise<Outcome<object>> {
	const tried = await provenOnce(prove, backup);
	if (!tried.ok) return tried;
	const kept = await makeSafeCopy(copies);
	if (!kept.ok) return kept;
	try {
		await db.transaction(async (tx) => {
			const before = await exportAll(tx, nowMs);
			await importAll(tx, backup);
			const action = { kind: 'everything-replaced', before } as const;
			await addUndo(tx, { action, what: '', atMs: nowMs });
		});
		return { ok: true };
	} catch (error) {
		return {
			ok: false,
			message: w.readBackInAnswers.inconsistent({ where: reasonOf(error) })
		};
	}
}
