import { Temporal } from 'temporal-polyfill';
import type { Habit } from '../present/habit.ts';
import { dayIn, timeOfDayText } from '../present/time.ts';
import type { Away } from '../core/serving/index.ts';
import { isDay } from '../core/units/index.ts';
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

/** When a meal is, until it is said. */
const usualDinner = '18:30';
/** Half past six is the evening's: up to nine, written without a nought and without am or pm, a meal's hour is after noon. */
const eveningHour = /^\s*([1-9])([:.h ]\d{2})\s*$/;

/**
 * When a meal is asked for, epoch ms: a time of day, the next that makes sense (6:30 is half past six in the evening, 06:30 the morning), on
 * a day or on the next one that still has it. Null for what is no time of day, or is over on that day.
 */
export function mealTimeMs(
	typed: string,
	onDay: string | null,
	timeZone: string,
	nowMs: number
): number | null {
	const clock = typed.replace(
		eveningHour,
		(_, hour: string, rest: string) => `${Number(hour) + 12}${rest}`
	);
	if (onDay === null) return nextClockTime(clock, timeZone, nowMs);
	const time = clockFromText(clock);
	if (!time || !isDay(onDay)) return null;
	const atMs = onDayMs(onDay, time, timeZone);
	return atMs > nowMs ? atMs : null;
}

/** The address of such a moment: time of day, and the day where it is said. */
export const mealQuery = (by: string, onDay: string | null): string =>
	new URLSearchParams({ by, ...(onDay && { on: onDay }) }).toString();

/** What a page of the table is asked for: `by`, a time of day, and `on`, a day; dinner where nothing sensible stands there. */
export function askedMeal(
	url: URL,
	habit: Habit,
	nowMs: number
): { by: string; onDay: string | null; badTime: string | null; serveAtMs: number } {
	const asked = url.searchParams.get('by');
	const typedDay = url.searchParams.get('on');
	const onDay = typedDay && isDay(typedDay) ? typedDay : null;
	const { timeZone } = habit;
	const dinner = timeOfDayText(usualDinner, habit);
	const atMs = asked === null ? null : mealTimeMs(asked, onDay, timeZone, nowMs);
	if (asked !== null && atMs !== null) return { by: asked, onDay, badTime: null, serveAtMs: atMs };
	const usualMs =
		mealTimeMs(usualDinner, onDay, timeZone, nowMs) ?? nextClockTime(usualDinner, timeZone, nowMs);
	return { by: dinner, onDay, badTime: asked, serveAtMs: usualMs as number };
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
	onDayMs(onDay, Temporal.PlainTime.from(clock), timeZone);

const onDayMs = (onDay: string, plainTime: Temporal.PlainTimeLike, timeZone: string): number =>
	Temporal.PlainDate.from(onDay).toZonedDateTime({ timeZone, plainTime }).epochMilliseconds;

/** The hours nobody is in the kitchen, of the day a meal is on: `outFrom` and `outTo` as typed; null where they are not given or no hours. */
export function askedAway(
	url: URL,
	serveAtMs: number,
	timeZone: string
): { typed: { from: string; to: string }; away: Away | null; isBad: boolean } {
	const typed = {
		from: url.searchParams.get('outFrom')?.trim() ?? '',
		to: url.searchParams.get('outTo')?.trim() ?? ''
	};
	if (!typed.from && !typed.to) return { typed, away: null, isBad: false };
	const [from, to] = [typed.from, typed.to].map(clockFromText);
	if (!from || !to) return { typed, away: null, isBad: true };
	const day = dayIn(serveAtMs, timeZone);
	const away = { fromMs: onDayMs(day, from, timeZone), toMs: onDayMs(day, to, timeZone) };
	return away.fromMs < away.toMs
		? { typed, away, isBad: false }
		: { typed, away: null, isBad: true };
}

/** The same as part of an address. */
export const awayQuery = ({ from, to }: { from: string; to: string }): string =>
	from && to ? `&${new URLSearchParams({ outFrom: from, outTo: to }).toString()}` : '';
