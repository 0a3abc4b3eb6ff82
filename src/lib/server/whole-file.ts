import { open, rename, rm, writeFile } from 'node:fs/promises';
import { dirname } from 'node:path';
import { syncPath } from './sync-tree.ts';

/**
 * Has a file filled for its owner only, and forces it to the disk: a cut leaves the old one or the new one, and what is half written
 * never has its name. `fill` gets the path of the empty file that it is to write to; what it throws leaves the old one.
 */
export async function fillWhole(
	path: string,
	fill: (unfinished: string) => Promise<void>
): Promise<void> {
	const unfinished = `${path}.part`;
	await (await open(unfinished, 'w', 0o600)).close();
	try {
		await fill(unfinished);
		await syncPath(unfinished);
	} catch (error) {
		await rm(unfinished);
		throw error;
	}
	await rename(unfinished, path);
	await syncPath(dirname(path));
}

/** Writes a file as `fillWhole` does. */
export const writeWhole = (path: string, content: string | Uint8Array): Promise<void> =>
	fillWhole(path, (unfinished) => writeFile(unfinished, content));
