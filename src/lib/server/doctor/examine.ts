import { existsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { readPackCode } from '../../core/packing/pack-code.ts';
import { limitsFrom } from '../../core/safety/limits.ts';
import { listCopies } from '../copies/copy-folder.ts';
import type { Db } from '../db/db.ts';
import { openDatabase } from '../db/open.ts';
import { exportAll } from '../queries/backup.ts';
import { getHousehold } from '../queries/household.ts';
import { backupText, readBackup } from '../../formats/backup.ts';

export interface Finding {
	good: boolean;
	says: string;
}

const dayMs = 86_400_000;

/** What is to be said of a data folder. Opens it (migrations are applied), so the application must not run on it. */
export async function examine(dataDir: string, nowMs: number): Promise<Finding[]> {
	const findings: Finding[] = [ownerOnly(dataDir)];
	if (!existsSync(join(dataDir, 'pg', 'PG_VERSION')))
		return [...findings, { good: false, says: 'There is no database in it; restore a copy.' }];
	const opened = await openDatabase({ dataDir, migrationsDir: 'drizzle' });
	try {
		findings.push({ good: true, says: 'The database opens, and its tables are up to date.' });
		findings.push(...(await ofData(opened.db, nowMs)));
	} finally {
		await opened.close();
	}
	findings.push(await ofCopies(dataDir, nowMs));
	return findings;
}

function ownerOnly(dataDir: string): Finding {
	const open = statSync(dataDir).mode & 0o077;
	return open === 0
		? { good: true, says: 'Only its owner can read the folder.' }
		: { good: false, says: `Others can read the folder: chmod 700 ${dataDir}` };
}

async function ofData(db: Db, nowMs: number): Promise<Finding[]> {
	const backup = await exportAll(db, nowMs);
	const { dishes, packs: allPacks, coolingRuns } = backup.tables;
	const read = readBackup(backupText(backup));
	const wrong = allPacks.filter(({ code }) => readPackCode(code) !== code);
	const timeless = allPacks.filter(
		(pack) => pack.status === 'cooked' && pack.cookedAtMs === null
	).length;
	return [
		{
			good: true,
			says: `It holds ${dishes.length} dishes, ${allPacks.length} packs and ${coolingRuns.length} cooling runs.`
		},
		read.ok
			? { good: true, says: 'Everything can be exported and read back.' }
			: { good: false, says: `An export would not be read back: ${read.message}` },
		wrong.length === 0
			? { good: true, says: 'Every pack code checks out.' }
			: {
					good: false,
					says: `Codes that do not check out: ${wrong.map((p) => p.code).join(', ')}`
				},
		timeless === 0
			? { good: true, says: 'Every cooked pack knows when.' }
			: { good: false, says: `${timeless} cooked packs do not know when.` },
		await ofLimits(db)
	];
}

async function ofLimits(db: Db): Promise<Finding> {
	const { limits } = await getHousehold(db);
	try {
		limitsFrom(limits);
		return { good: true, says: 'No safety limit is looser than adopted.' };
	} catch (error) {
		return { good: false, says: `A safety limit is looser than adopted: ${String(error)}` };
	}
}

async function ofCopies(dataDir: string, nowMs: number): Promise<Finding> {
	const [newest] = await listCopies(dataDir);
	if (!newest) return { good: false, says: 'There is no safe copy yet.' };
	const days = Math.floor((nowMs - newest.madeAtMs) / dayMs);
	const age = days === 0 ? 'today or yesterday' : `${days} days ago`;
	return { good: days < 8, says: `The newest safe copy was made ${age}: copies/${newest.name}` };
}
