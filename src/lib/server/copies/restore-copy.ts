import { existsSync } from 'node:fs';
import { mkdir, readFile, rename, rm } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { openDurable } from '../db/durable-fs.ts';
import { lockDataFolder } from '../db/lock.ts';
import { ofClient } from '../db/of-client.ts';
import { forgetLastSeen, mustBeSound } from '../db/soundness/index.ts';
import { syncPath, syncTree } from '../sync-tree.ts';
import { troubleWith } from './sound-copy.ts';

/** The file is no safe copy, or a damaged one. */
export class NoSoundCopy extends Error {
	constructor(file: string, why: string) {
		super(`${file} cannot be put back: ${why}. Nothing was changed; take another copy.`);
		this.name = 'NoSoundCopy';
	}
}

/**
 * Puts a safe copy in the place of a data folder's database. The copy is opened and asked first; what was there is kept beside
 * it under the name returned (null when there was nothing). Throws `DataFolderInUse` while the application runs on the folder,
 * `NoSoundCopy` when the file is none.
 */
export async function restoreCopy(input: {
	dataDir: string;
	file: string;
	nowMs: number;
}): Promise<{ setAside: string | null; dishes: number; packs: number }> {
	const dir = resolve(input.dataDir);
	await mkdir(dir, { recursive: true, mode: 0o700 });
	const lock = await lockDataFolder(dir);
	const restoring = join(dir, 'pg.restoring');
	try {
		await rm(restoring, { recursive: true, force: true });
		const trouble = await troubleWith(input.file);
		if (trouble) throw new NoSoundCopy(input.file, trouble);
		const found = await unpack(input.file, restoring);
		await syncTree(restoring);
		const pg = join(dir, 'pg');
		let setAside: string | null = null;
		if (existsSync(pg)) {
			setAside = `pg.before-${new Date(input.nowMs).toISOString().replaceAll(':', '-')}`;
			await rename(pg, join(dir, setAside));
		}
		await rename(restoring, pg);
		await forgetLastSeen(dir);
		await syncPath(dir);
		return { setAside, ...found };
	} finally {
		await rm(restoring, { recursive: true, force: true });
		await lock.release();
	}
}

/** Opens the copy in a folder of its own and asks it what it holds. */
async function unpack(file: string, intoDir: string): Promise<{ dishes: number; packs: number }> {
	try {
		const dump = new Blob([new Uint8Array(await readFile(file))]);
		const client = await openDurable(intoDir, { loadDataDir: dump });
		const counts = await mustBeSound(ofClient(client), 'in it');
		const found = { dishes: counts.dishes ?? 0, packs: counts.packs ?? 0 };
		await client.close();
		return found;
	} catch (error) {
		throw new NoSoundCopy(file, `its database does not open (${(error as Error).message})`);
	}
}
