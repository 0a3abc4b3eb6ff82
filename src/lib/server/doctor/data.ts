import { backupText, readBackup } from '../../formats/backup.ts';
import { readPackCode } from '../../core/packing/index.ts';
import { limitsFrom } from '../../core/rules/index.ts';
import type { Db } from '../db/db.ts';
import { exportAll } from '../queries/backup.ts';
import { getHousehold } from '../queries/household.ts';
import { bad, good, reasonOf, type Finding } from './finding.ts';

/** Whether what is kept makes sense. */
export async function ofData(db: Db, nowMs: number): Promise<Finding[]> {
	const backup = await exportAll(db, nowMs);
	const { dishes, packs, coolingRuns } = backup.tables;
	const read = readBackup(backupText(backup));
	const wrong = packs.filter(({ code }) => readPackCode(code) !== code);
	const timeless = packs.filter((pack) => pack.status === 'cooked' && pack.cookedAtMs === null);
	return [
		good(
			`It holds ${dishes.length} dishes, ${packs.length} packs and ${coolingRuns.length} cooling runs.`
		),
		read.ok
			? good('Everything can be exported and read back.')
			: bad(`An export would not be read back: ${read.message}`),
		wrong.length === 0
			? good('Every pack code checks out.')
			: bad(`Codes that do not check out: ${wrong.map((p) => p.code).join(', ')}`),
		timeless.length === 0
			? good('Every cooked pack knows when.')
			: bad(`${timeless.length} cooked packs do not know when.`),
		await ofLimits(db)
	];
}

async function ofLimits(db: Db): Promise<Finding> {
	const { limits } = await getHousehold(db);
	try {
		limitsFrom(limits);
		return good('No safety limit is looser than adopted.');
	} catch (error) {
		return bad(
			`A safety limit is looser than adopted: ${reasonOf(error)} Set it anew under Household, Safety.`
		);
	}
}
