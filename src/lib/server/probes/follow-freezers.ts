import type { Db } from '../db/db.ts';
import { lastReadingMs } from '../queries/freezer-stock.ts';
import { addFreezerReadings } from '../writes/freezer-stock.ts';
import { listFreezers } from '../queries/household.ts';
import { recountQuality } from '../services/packs/recount-quality.ts';
import { readingsSince } from './thermometer-client.ts';

/** Readings may arrive late by this much, and a new probe is asked for this long back. */
const lateMs = 10 * 60_000;
const backMs = 30 * 24 * 3600_000;

/**
 * Fetches what the probes that lie in freezers have read since, and brings best-by in line. Gives how many readings were new; null
 * when the thermometer does not answer.
 */
export async function fetchFreezerReadings(db: Db, nowMs: number): Promise<number | null> {
	const followed = (await listFreezers(db)).filter(({ probe }) => probe !== null);
	let added = 0;
	for (const freezer of followed) {
		const last = await lastReadingMs(db, freezer.id, 'thermometer');
		const readings = await readingsSince(last === null ? nowMs - backMs : last - lateMs);
		if (readings === null) return null;
		const own = readings.filter(
			({ probe, tempC }) => probe === freezer.probe && tempC >= -60 && tempC <= 60
		);
		const fresh = await addFreezerReadings(db, freezer.id, own, 'thermometer');
		if (fresh.length > 0) await recountQuality(db, freezer.id, nowMs);
		added += fresh.length;
	}
	return added;
}
