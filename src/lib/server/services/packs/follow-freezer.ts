import type { Db } from '../../db/db.ts';
import { fetchFreezerReadings } from '../../probes/follow-freezers.ts';
import { setFreezerProbe } from '../../writes/household.ts';

/**
 * A probe lies in a freezer from now on (null: none): it is asked at once, and again and again. How many readings were new; null when
 * the thermometer does not answer.
 */
export async function followFreezer(
	db: Db,
	freezerId: number,
	probe: string | null,
	nowMs: number
): Promise<number | null> {
	await setFreezerProbe(db, freezerId, probe);
	return fetchFreezerReadings(db, nowMs);
}
