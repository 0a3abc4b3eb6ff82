import { existsSync } from 'node:fs';
import { mkdir, readdir, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { fillWhole } from '../whole-file.ts';
import { provenOf } from './proven.ts';

/** The newest copies are all kept; of those before them the last of each day, for so many days. */
const keptNewest = 10;
const keptDays = 30;
const dayMs = 86_400_000;
const namePattern = /^almacen-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)\.(\d{3})Z\.(?:tar|sql)\.gz$/;

/** A whole database, as it can be written down: the embedded one's folder as an archive, or a server's as SQL. */
export interface Dump {
	kind: 'tar' | 'sql';
	/** writes it to a file, compressed */
	into(file: string): Promise<void>;
}

/** A database that safe copies are made of. */
export interface Copied {
	/** everything there is */
	readonly dump: Dump;
	/** throws `DatabaseUnsound` where it has lost something */
	sound(): Promise<void>;
}

export interface SafeCopy {
	name: string;
	madeAtMs: number;
	bytes: number;
}

export const copiesDir = (dataDir: string) => join(dataDir, 'copies');

/** The copies of a data folder, newest first. */
export async function listCopies(dataDir: string): Promise<SafeCopy[]> {
	const names = await readdir(copiesDir(dataDir)).catch((error: NodeJS.ErrnoException) => {
		if (error.code === 'ENOENT') return [];
		throw error;
	});
	const copies = await Promise.all(
		names.flatMap((name) => {
			const parts = namePattern.exec(name);
			if (!parts) return [];
			const [, day, h, m, s, ms] = parts;
			const madeAtMs = Date.parse(`${day}T${h}:${m}:${s}.${ms}Z`);
			return stat(join(copiesDir(dataDir), name)).then(({ size }) => ({
				name,
				madeAtMs,
				bytes: size
			}));
		})
	);
	return copies.sort((a, b) => b.madeAtMs - a.madeAtMs);
}

/**
 * Writes a dump of the whole database beside the data and forces it to the disk; then drops what need not be kept any more. A
 * half-written copy never has a copy's name. Throws `DatabaseUnsound`: of a database that lost something no copy is made.
 */
export async function makeCopy(
	{ dump, sound }: Copied,
	dataDir: string,
	nowMs: number
): Promise<SafeCopy> {
	const dir = copiesDir(dataDir);
	await mkdir(dir, { recursive: true, mode: 0o700 });
	await sound();
	const name = `almacen-${new Date(nowMs).toISOString().replaceAll(':', '-')}.${dump.kind}.gz`;
	const path = join(dir, name);
	await fillWhole(path, (unfinished) => dump.into(unfinished));
	for (const old of outdated(await listCopies(dataDir), nowMs, await provenOf(dir)))
		await rm(join(dir, old.name));
	return { name, madeAtMs: nowMs, bytes: (await stat(path)).size };
}

/** Copies that go: neither among the newest nor the last of their day within a month, nor the last that was proven. `copies` newest first. */
export function outdated(
	copies: readonly SafeCopy[],
	nowMs: number,
	proven: ReadonlySet<string>
): SafeCopy[] {
	const lastProven = copies.find(({ name }) => proven.has(name));
	const days = new Set<number>();
	return copies.filter((copy, i) => {
		const { madeAtMs } = copy;
		const day = Math.floor(madeAtMs / dayMs);
		const isLastOfDay = !days.has(day);
		days.add(day);
		return (
			i >= keptNewest &&
			copy !== lastProven &&
			!(isLastOfDay && nowMs - madeAtMs < keptDays * dayMs)
		);
	});
}

/** Takes away what a cut left half written. */
export async function sweepParts(dir: string): Promise<void> {
	const names = existsSync(dir) ? await readdir(dir) : [];
	for (const name of names) if (name.endsWith('.part')) await rm(join(dir, name));
}
