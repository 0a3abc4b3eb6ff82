import { basename } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { amcheck } from '@electric-sql/pglite/contrib/amcheck';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import { migrated } from '../db/open.ts';
import { openDump } from '../db/open-dump.ts';
import { ofData } from './data.ts';
import { bad, doesNotOpen, good, reasonOf, type Finding } from './finding.ts';
import { againstCopy, countsOf, ofTables } from './tables.ts';

/**
 * Run as a process of its own, on a duplicate of the database's folder: opening a damaged database may end or hang the process
 * that does it. Told by argument: the duplicate, the present moment (ms), and the newest sound copy. Sends its findings.
 */
const [, , pgDir, nowText, copyFile] = process.argv;

async function opened(): Promise<Finding[]> {
	const client = await PGlite.create({ fs: new NodeFS(pgDir), extensions: { amcheck } });
	await client.exec('create extension if not exists amcheck');
	const findings = [good('The database opens.'), ...(await ofTables(client))];
	if (findings.every((finding) => finding.good) && copyFile)
		findings.push(
			...againstCopy(
				await countsOf(client),
				await countsOf(await openDump(copyFile)),
				basename(copyFile)
			)
		);
	if (findings.every((finding) => finding.good)) findings.push(...(await whatItHolds(client)));
	return findings;
}

async function whatItHolds(client: PGlite): Promise<Finding[]> {
	try {
		const db = await migrated(client, 'drizzle');
		return [good('Its tables are up to date.'), ...(await ofData(db, Number(nowText)))];
	} catch (error) {
		return [
			bad(
				`Its tables are not those of this release, nor of an earlier one: ${reasonOf(error)}. ` +
					'If a newer release wrote them, run that one; otherwise put a copy back.'
			)
		];
	}
}

const findings = await opened().catch((error) => [doesNotOpen(reasonOf(error))]);
process.send?.(findings, () => process.exit(0));
