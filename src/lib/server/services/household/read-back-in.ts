import * as w from '../../../present/wording/index.ts';
import { createHash } from 'node:crypto';
import { backupText, type Backup, type BackupResult } from '../../../formats/backup.ts';
import type { Db } from '../../db/db.ts';
import { withScratch } from '../../db/scratch.ts';
import { exportAll } from '../../queries/backup.ts';
import { forgetMenu } from '../../queries/menu-index.ts';
import { importAll } from '../../writes/backup.ts';
import { addUndo } from '../../writes/undo.ts';
import { unprovenPage, type AskPage } from './prove-pages.ts';
import { whatChanges, type WhatChanges } from './what-changes.ts';

type Outcome<T> = ({ ok: true } & T) | { ok: false; message: string };

/** Where an empty database lies that files are tried in before anything of the household's is touched. */
export interface Trial {
	preparedDump: string;
	migrationsDir: string;
	/** renders a page of this server */
	ask: AskPage;
}

/** Files that were tried lately, by what they hold: looked at and then read back, each is tried once. */
const proven = new Set<string>();
const mostProven = 20;
const keyOf = (backup: Backup) => createHash('sha256').update(backupText(backup)).digest('hex');

/**
 * Reads a file's household into a database of its own and renders every page from it: what cannot be kept or shown is told
 * before anything is changed.
 */
async function tryOut(backup: Backup, trial: Trial): Promise<Outcome<object>> {
	const key = keyOf(backup);
	if (proven.has(key)) return { ok: true };
	try {
		const page = await withScratch(trial.preparedDump, trial.migrationsDir, async (db) => {
			await importAll(db, backup);
			return unprovenPage(db, trial.ask);
		});
		if (page !== null) return { ok: false, message: w.readBackInAnswers.unshowable({ page }) };
	} catch (error) {
		return { ok: false, message: w.readBackInAnswers.inconsistent({ where: reasonOf(error) }) };
	} finally {
		forgetMenu();
	}
	proven.add(key);
	if (proven.size > mostProven) proven.delete(proven.values().next().value!);
	return { ok: true };
}

/** The database's own word on a row that breaks a limit or points at nothing. */
function reasonOf(error: unknown): string {
	const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
	return cause instanceof Error ? cause.message : String(cause);
}

/** What reading a file back would change; nothing is changed. */
export async function lookInto(
	db: Db,
	trial: Trial,
	backup: Backup,
	nowMs: number
): Promise<Outcome<{ changes: WhatChanges }>> {
	const tried = await tryOut(backup, trial);
	if (!tried.ok) return tried;
	const { tables } = await exportAll(db, nowMs);
	return { ok: true, changes: whatChanges(tables, backup) };
}

/** Replaces everything by an exported file, once it is proven and after a safe copy of what is there; it can be taken back. */
export async function readBackIn(
	db: Db,
	trial: Trial,
	copies: { make(): Promise<unknown> },
	backup: Backup,
	nowMs: number
): Promise<Outcome<object>> {
	const tried = await tryOut(backup, trial);
	if (!tried.ok) return tried;
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
		return { ok: false, message: w.readBackInAnswers.inconsistent({ where: reasonOf(error) }) };
	}
}

/** What a safe copy holds, as a file of it would be. */
export async function backupOfCopy(
	copyFile: string,
	migrationsDir: string,
	madeAtMs: number
): Promise<BackupResult> {
	try {
		return {
			ok: true,
			backup: await withScratch(copyFile, migrationsDir, (db) => exportAll(db, madeAtMs))
		};
	} catch (error) {
		return { ok: false, message: w.readBackInAnswers.copyDamaged({ why: reasonOf(error) }) };
	}
}
