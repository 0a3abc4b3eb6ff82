import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { tapsTable } from '../db/taps.ts';

const run = promisify(execFile);

/**
 * Writes everything in a server's database as compressed SQL, by the server's own `pg_dump` (package postgresql-client), in one
 * snapshot; as inserts, so that the embedded database reads it, too. Throws where there is no `pg_dump`, or it is older than the server.
 */
export async function dumpServer(url: string, file: string): Promise<void> {
	try {
		await run('pg_dump', [
			...['--dbname', url, '--file', file, '--compress=1'],
			...['--no-owner', '--no-privileges', '--rows-per-insert=200', `--exclude-table=${tapsTable}`]
		]);
	} catch (error) {
		// what was called has the password of the server in it, and is not repeated
		const { code, stderr } = error as { code?: unknown; stderr?: string };
		// eslint-disable-next-line preserve-caught-error -- the cause has it
		throw new Error(
			code === 'ENOENT'
				? 'There is no pg_dump here: install postgresql-client, in the version of the server.'
				: `pg_dump ended with ${String(code)}: ${(stderr ?? '').split('\n')[0]}`
		);
	}
}
