import { accessSync, constants, existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { bad, good, type Finding } from './finding.ts';

/** What PostgreSQL cannot open a database without; a folder is good when something lies in it. */
const needed: Readonly<Record<string, { bytes?: number; what: string }>> = {
	PG_VERSION: { bytes: 1, what: 'it says which version of the database this is' },
	'global/pg_control': { bytes: 8192, what: 'it says where the log of the last writes begins' },
	'global/pg_filenode.map': { bytes: 512, what: 'it says which file holds which table' },
	base: { what: 'it holds the tables' },
	pg_wal: { what: 'it holds the last writes' },
	pg_xact: { what: 'it says which writes were completed' }
};
/** Version of PostgreSQL that the embedded database is; another one's folder is not opened. */
export const databaseVersion = '18';

/** What can be said of a folder without opening its database; `opens` is false where opening has no sense. */
export function ofFolder(dataDir: string): { findings: Finding[]; opens: boolean } {
	const findings = [ownerOnly(dataDir), writable(dataDir), ...leftBehind(dataDir)];
	const files = ofDatabaseFiles(join(dataDir, 'pg'));
	return { findings: [...findings, ...files], opens: files.every((finding) => finding.good) };
}

function ownerOnly(dataDir: string): Finding {
	return (statSync(dataDir).mode & 0o077) === 0
		? good('Only its owner can read the folder.')
		: bad(`Others can read the folder: chmod 700 ${dataDir}`);
}

function writable(dataDir: string): Finding {
	try {
		accessSync(dataDir, constants.W_OK);
		return good('The folder can be written to.');
	} catch (error) {
		const { code } = error as NodeJS.ErrnoException;
		return bad(
			code === 'EROFS'
				? 'The folder is on a disk that can only be read; the application does not start on it. Mount it for writing, or copy the folder elsewhere (ALMACEN_DATA).'
				: `The folder cannot be written to by this user: chown -R USER ${dataDir}`
		);
	}
}

/** What an interrupted start, copy or restore leaves. */
function leftBehind(dataDir: string): Finding[] {
	const found: Finding[] = [];
	const names = readdirSync(dataDir);
	if (names.includes('pg.making'))
		found.push(
			bad('A first start was cut short (pg.making): start the application, it begins again.')
		);
	if (names.includes('pg.restoring') && !names.includes('pg'))
		found.push(bad('A restore was cut short (pg.restoring): run it again.'));
	for (const name of names.filter((name) => name.startsWith('pg.before-')))
		found.push(good(`${name} is what a restore put aside; delete it when all is well.`));
	return found;
}

function ofDatabaseFiles(pgDir: string): Finding[] {
	if (!existsSync(pgDir) || readdirSync(pgDir).length === 0)
		return [
			bad('There is no database in it (the folder pg is missing or empty). Put a copy back.')
		];
	const found = Object.entries(needed).flatMap(([name, { bytes, what }]) => {
		const path = join(pgDir, name);
		if (!existsSync(path)) return [bad(`pg/${name} is missing: ${what}. Put a copy back.`)];
		if (bytes === undefined)
			return statSync(path).isDirectory() && readdirSync(path).length > 0
				? []
				: [bad(`pg/${name} is empty: ${what}. Put a copy back.`)];
		const { size } = statSync(path);
		return size >= bytes
			? []
			: [bad(`pg/${name} is cut off (${size} of ${bytes} bytes): ${what}. Put a copy back.`)];
	});
	const version = existsSync(join(pgDir, 'PG_VERSION'))
		? readFileSync(join(pgDir, 'PG_VERSION'), 'utf8').trim()
		: databaseVersion;
	if (version !== databaseVersion)
		found.push(
			bad(
				`pg/PG_VERSION says "${version.slice(0, 20)}", and this application's database is version ${databaseVersion}. ` +
					'If an older release made the folder, export there and read the file back here; otherwise put a copy back.'
			)
		);
	return found.length > 0 ? found : [good('The files the database needs are there.')];
}
