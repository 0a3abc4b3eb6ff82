import type { Db } from '../db.ts';
import { checkRows } from './check-rows.ts';
import { ensureCounted, type Counts } from './row-counts.ts';
import { isBehind } from './last-seen.ts';
import { acceptLoss, DatabaseBehind, DatabaseUnsound } from './unsound.ts';

/** How many rows each table has. Throws `DatabaseUnsound` where one cannot be read whole, or holds other rows than the deeds so far left in it. */
export async function mustBeSound(db: Db, where: string): Promise<Counts> {
	const { counts, unsound } = await checkRows(db);
	if (unsound.length > 0) throw new DatabaseUnsound(where, unsound);
	return counts;
}

/**
 * The same at a start, before anything is changed; also that the database of a folder is no older than it was. Whoever starts it can
 * accept what is lost, as far as the rest can be read.
 */
export async function soundAtStart(db: Db, where: string, dataDir?: string): Promise<void> {
	const { unsound } = await checkRows(db);
	const isAccepted =
		process.env[acceptLoss] === 'yes' && unsound.every(({ why }) => 'found' in why);
	if (isAccepted) {
		await ensureCounted(db, { anew: true });
		return;
	}
	if (unsound.length > 0) throw new DatabaseUnsound(where, unsound);
	const behindMs = dataDir === undefined ? null : await isBehind(db, dataDir);
	if (behindMs !== null) throw new DatabaseBehind(where, behindMs);
}
