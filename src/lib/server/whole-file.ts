import { open, rename } from 'node:fs/promises';
import { dirname } from 'node:path';
import { syncPath } from './sync-tree.ts';

/**
 * Writes a file for its owner only, and forces it to the disk: a cut leaves the old one or the new one, and what is half written
 * never has its name.
 */
export async function writeWhole(path: string, content: string | Uint8Array): Promise<void> {
	const unfinished = `${path}.part`;
	const file = await open(unfinished, 'w', 0o600);
	try {
		await file.writeFile(content);
		await file.sync();
	} finally {
		await file.close();
	}
	await rename(unfinished, path);
	await syncPath(dirname(path));
}
