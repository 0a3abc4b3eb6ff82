import type { FreezerReading } from '../../../core/storage/index.ts';
import type { Db } from '../../db/db.ts';
import { addFreezerReadings } from '../../writes/freezer-stock.ts';
import { listFreezers } from '../../queries/household.ts';
import { addUndo } from '../../writes/undo.ts';
import { recountQuality } from './recount-quality.ts';

/** Keeps what a freezer's thermometer read and brings its packs' best-by in line. Gives how many readings were new. */
export async function keepFreezerReadings(
	db: Db,
	freezerId: number,
	readings: readonly FreezerReading[],
	source: 'hand' | 'file' | 'thermometer',
	nowMs: number
): Promise<number> {
	return db.transaction(async (tx) => {
		const freezer = (await listFreezers(tx)).find(({ id }) => id === freezerId);
		if (!freezer) return 0;
		const added = await addFreezerReadings(tx, freezerId, readings, source);
		if (added.length === 0) return 0;
		const before = await recountQuality(tx, freezerId, nowMs);
		await addUndo(tx, {
			action: { kind: 'readings-added', freezerId, momentsMs: added, before },
			what: freezer.name,
			atMs: nowMs
		});
		return added.length;
	});
}
