import { open, readdir } from 'node:fs/promises';
import { join } from 'node:path';

/** Forces a file, or a folder's list of names, to the disk. */
export async function syncPath(path: string): Promise<void> {
	const handle = await open(path, 'r');
	try {
		await handle.sync();
	} finally {
		await handle.close();
	}
}

/** Forces a folder and all that is in it to the disk. */
export async function syncTree(dir: string): Promise<void> {
	const entries = await readdir(dir, { withFileTypes: true });
	await Promise.all(
		entries.map((entry) => {
			const path = join(dir, entry.name);
			return entry.isDirectory() ? syncTree(path) : entry.isFile() ? syncPath(path) : undefined;
		})
	);
	await syncPath(dir);
}
