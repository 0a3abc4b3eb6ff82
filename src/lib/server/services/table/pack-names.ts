import type { Db } from '../../db/db.ts';
import { packsByCode } from '../../queries/packs.ts';

/** What packs are called together, each name once; empty where one of them is not there any more to be eaten. */
export async function packNames(db: Db, codes: readonly string[]): Promise<string> {
	const packs = await packsByCode(db, codes);
	const there = packs.filter(({ status }) => status === 'frozen' || status === 'thawing');
	return there.length === codes.length
		? [...new Set(there.map(({ name }) => name))].join(', ')
		: '';
}
