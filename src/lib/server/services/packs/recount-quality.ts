import { bestByNow } from '../../../core/storage/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { BroughtForward } from '../../undo/undo-action.ts';
import { clockOnDayMs } from '../../serve-time.ts';
import type { Db } from '../../db/db.ts';
import { getHousehold, listFreezers } from '../../queries/household.ts';
import { qualityRows, readingsOf } from '../../queries/freezer-stock.ts';
import { setBestBy } from '../../writes/freezer-stock.ts';

/**
 * Brings the best-by of a freezer's packs in line with what its readings and settings show. Days lost stay lost, since a pack may
 * have lain warm in another freezer before; a warmer setting counts as long as it lasts. Gives what it changed.
 */
export async function recountQuality(
	db: Db,
	freezerId: number,
	nowMs: number
): Promise<BroughtForward[]> {
	const changed: BroughtForward[] = [];
	const freezer = (await listFreezers(db)).find(({ id }) => id === freezerId);
	if (!freezer) return changed;
	const { timeZone } = await getHousehold(db);
	const midnightMs = (day: string) => clockOnDayMs(day, '00:00', timeZone);
	const rows = await qualityRows(db, freezerId);
	if (rows.length === 0) return changed;
	const days = [...new Set(rows.map(({ packedOn }) => packedOn))].sort();
	const readings = await readingsOf(db, freezerId, midnightMs(days[0]));
	const today = dayIn(nowMs, timeZone);
	// packs of one day, one life and one setting come out alike
	const groups = new Map<string, { ids: number[]; row: (typeof rows)[number] }>();
	for (const row of rows) {
		const key = `${row.packedOn} ${row.storage.bestBy} ${row.storage.freezerC} ${row.bestBy} ${row.lostDays}`;
		const group = groups.get(key) ?? { ids: [], row };
		if (row.storage.bestBy !== null) group.ids.push(row.id);
		groups.set(key, group);
	}
	for (const { ids, row } of groups.values()) {
		const now = bestByNow({
			bestBy: row.storage.bestBy,
			packedForC: row.storage.freezerC,
			setC: freezer.setC,
			settings: freezer.settings,
			lostBefore: row.lostDays,
			packedAtMs: Math.min(nowMs, midnightMs(row.packedOn)),
			nowMs,
			today,
			readings
		});
		if (ids.length === 0 || (now.lostDays === row.lostDays && now.bestBy === row.bestBy)) continue;
		changed.push({ ids, bestBy: row.bestBy, lostDays: row.lostDays });
		await setBestBy(db, ids, now);
	}
	return changed;
}
