import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import { listDays, type DayRow } from '../../queries/days.ts';
import { getHousehold } from '../../queries/household.ts';

/** The next packing day; the latest one when none lies ahead; null when there is none. */
export async function nextDay(db: Db, nowMs: number): Promise<DayRow | null> {
	const days = await listDays(db);
	const today = dayIn(nowMs, (await getHousehold(db)).timeZone);
	return days.filter((day) => day.onDay >= today).at(-1) ?? days[0] ?? null;
}
