import { cpSync, rmSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { anotherProcess } from '../another-process.ts';
import { copiesDir } from '../copies/copy-folder.ts';
import { lockDataFolder } from '../db/lock.ts';
import { ofCopies } from './copies.ts';
import { bad, doesNotOpen, type Finding } from './finding.ts';
import { ofFolder } from './folder.ts';

/** Opening, migrating and reading everything takes seconds; a database that hangs is told by this. */
const deadlineMs = 180_000;

/**
 * What is to be said of a data folder, in words. Nothing in it is changed: the database is looked at in a duplicate. Throws
 * `DataFolderInUse` while the application runs on it.
 */
export async function examine(dataDir: string, nowMs: number): Promise<Finding[]> {
	const { findings, opens } = ofFolder(dataDir);
	const copies = await ofCopies(dataDir, nowMs);
	if (opens) findings.push(...(await lookInside(dataDir, nowMs, copies.newestSound)));
	findings.push(...copies.findings);
	if (findings.some(({ good, says }) => !good && says.includes('Put a copy back')))
		findings.push(bad(whichCopy(dataDir, copies.newestSound)));
	return findings;
}

const whichCopy = (dataDir: string, name: string | null) =>
	name
		? `To put the newest sound copy back: npm run restore -- ${join(copiesDir(dataDir), name)} (what is there now is kept beside it)`
		: 'There is no sound copy to put back: keep the folder as it is, and read back an exported file in a new folder (ALMACEN_DATA).';

async function lookInside(dataDir: string, nowMs: number, copy: string | null): Promise<Finding[]> {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-look-'));
	try {
		const duplicate = join(dir, 'pg');
		const lock = await lockDataFolder(dataDir);
		try {
			// nobody else is served by this process; the other way takes three times as long
			cpSync(join(dataDir, 'pg'), duplicate, { recursive: true });
		} finally {
			await lock.release();
		}
		await rm(join(duplicate, 'postmaster.pid'), { force: true });
		return await lookInAnotherProcess(duplicate, nowMs, copy && join(copiesDir(dataDir), copy));
	} finally {
		rmSync(dir, { recursive: true, force: true });
	}
}

async function lookInAnotherProcess(
	duplicate: string,
	nowMs: number,
	copy: string | null
): Promise<Finding[]> {
	let findings: Finding[] | null = null;
	const { signal, said } = await anotherProcess(
		fileURLToPath(new URL('./look.ts', import.meta.url)),
		{
			args: [duplicate, String(nowMs), ...(copy ? [copy] : [])],
			execArgv: ['--import', 'tsx'],
			deadlineMs,
			heard: (message) => (findings = message as Finding[])
		}
	);
	return (
		findings ?? [
			doesNotOpen(signal ? `not within ${deadlineMs / 60_000} minutes` : lastWords(said))
		]
	);
}

/** What PostgreSQL said last before it ended. */
const lastWords = (said: string) =>
	said
		.split('\n')
		.filter((line) => /PANIC|FATAL|ERROR|Error/.test(line))
		.pop()
		?.slice(0, 200) ?? 'it ended without a word';
