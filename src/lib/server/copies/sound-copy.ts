import { readFile } from 'node:fs/promises';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';

const unpacked = promisify<Uint8Array, Buffer>(gunzip);

/** What keeps a safe copy from being put back (its archive carries a checksum), or null. */
export async function troubleWith(file: string): Promise<string | null> {
	try {
		const bytes = await unpacked(await readFile(file));
		// an archive of the database's folder names its version file; one written as SQL says so
		return bytes.includes('PG_VERSION') || bytes.includes('PostgreSQL database dump complete')
			? null
			: 'it is no copy of a database';
	} catch (error) {
		return (error as Error).message;
	}
}
