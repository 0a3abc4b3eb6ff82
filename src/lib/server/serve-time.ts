import { Temporal } from 'temporal-polyfill';
import { isDay } from '../core/units/day.ts';
import { clockFromText } from '../schemas/clock-text.ts';

/**
 * The next moment the household's clock shows a typed time, epoch ms: today when it is still to come, otherwise tomorrow. A time that
 * the change of clocks skips is taken an hour later. Null when it is not a time of day.
 */
export function nextClockTime(clock: string, timeZone: string, nowMs: number): number | null {
	const time = clockFromText(clock);
	if (!time) return null;
	const now = Temporal.Instant.fromEpochMilliseconds(nowMs).toZonedDateTimeISO(timeZone);
	const at = {
		...time,
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

/** A moment as a field of day and time has it (YYYY-MM-DDTHH:MM) in the household's zone, epoch ms; null when it is none. */
export function dayAndTimeMs(typed: string, timeZone: string): number | null {
	const [onDay, clock] = typed.split('T');
	return isDay(onDay) && clockFromText(clock ?? '') ? clockOnDayMs(onDay, clock, timeZone) : null;
}

/** The other way round: an instant as such a field shows it. */
export const dayAndTimeOf = (ms: number, timeZone: string): string =>
	Temporal.Instant.fromEpochMilliseconds(ms)
		.toZonedDateTimeISO(timeZone)
		.toPlainDateTime()
		.toString({ smallestUnit: 'minute' });

/** The moment of a time of day (HH:MM) on a day of the household, epoch ms; throws for what is neither. */
export const clockOnDayMs = (onDay: string, clock: string, timeZone: string): number =>
	Temporal.PlainDate.from(onDay).toZonedDateTime({
		timeZone,
		plainTime: Temporal.PlainTime.from(clock)
	}).epochMilliseconds;
