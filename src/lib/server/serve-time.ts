import { Temporal } from 'temporal-polyfill';

/**
 * The next moment the household's clock shows HH:MM, epoch ms: today when it is still to come, otherwise tomorrow. A time that
 * the change of clocks skips is taken an hour later. Null when it is not a time of day.
 */
export function nextClockTime(clock: string, timeZone: string, nowMs: number): number | null {
	const match = /^([01]?\d|2[0-3]):([0-5]\d)$/.exec(clock.trim());
	if (!match) return null;
	const now = Temporal.Instant.fromEpochMilliseconds(nowMs).toZonedDateTimeISO(timeZone);
	const at = {
		hour: Number(match[1]),
		minute: Number(match[2]),
		second: 0,
		millisecond: 0,
		microsecond: 0,
		nanosecond: 0
	};
	const today = now.with(at);
	const next =
		Temporal.ZonedDateTime.compare(today, now) > 0 ? today : now.add({ days: 1 }).with(at);
	return next.epochMilliseconds;
}
