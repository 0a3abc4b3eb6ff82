import type { Habit } from './habit.ts';

/** To a grain, and up rather than more than three per cent down: what is set for less is not done. */
function safely(minutes: number, grain: number): number {
	const nearest = Math.round(minutes / grain) * grain;
	return nearest < minutes * 0.97 ? Math.ceil(minutes / grain) * grain : nearest;
}

/** Minutes as a cook says them: 22 min, 1 h 35, 6 h 30, 2 days 12 h. Over three hours to five minutes, over ten to a quarter, days to the hour. */
export function durationText(minutes: number): string {
	if (minutes < 0.5) return '0 min';
	const rounded = safely(minutes, minutes > 600 ? 15 : minutes > 180 ? 5 : 1);
	if (rounded < 60) return `${rounded} min`;
	if (rounded >= 48 * 60) {
		const hours = Math.floor(rounded / 60);
		const rest = hours % 24;
		return `${Math.floor(hours / 24)} days${rest > 0 ? ` ${rest} h` : ''}`;
	}
	const h = Math.floor(rounded / 60);
	const m = rounded % 60;
	return m === 0 ? `${h} h` : `${h} h ${String(m).padStart(2, '0')}`;
}

/** A range of minutes, the two ends in one unit where they can be. */
export function rangeText(fromMin: number, toMin: number): string {
	const [from, to] = [durationText(fromMin), durationText(toMin)];
	if (from === to) return to;
	if (fromMin < 60 && toMin < 60) return `${from.replace(' min', '')}–${to}`;
	return `${from} – ${to}`;
}

/** How long thawing takes, everywhere: the likely time and the long end, which is planned with. */
export const thawingText = (range: { likely: number; to: number }): string =>
	rangeText(range.likely, range.to);

/** A countdown or count-up: 0:41, 12:05; minus when it has passed. */
export function clockText(ms: number): string {
	const total = Math.floor(Math.abs(ms) / 60_000);
	const sign = ms < -59_999 ? '−' : '';
	return `${sign}${Math.floor(total / 60)}:${String(total % 60).padStart(2, '0')}`;
}

/** What is left on a kitchen clock: 4:05 for minutes and seconds, 1 h 12 from an hour on; minus when it has passed. */
export function countdownText(ms: number): string {
	const seconds = Math.round(Math.abs(ms) / 1000);
	if (seconds >= 3600) return `${ms < 0 ? '−' : ''}${durationText(seconds / 60)}`;
	const sign = ms < 0 && seconds > 0 ? '−' : '';
	return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** Months as they are shown; `schemas` reads them back. */
export const monthNames = [
	'Jan',
	'Feb',
	'Mar',
	'Apr',
	'May',
	'Jun',
	'Jul',
	'Aug',
	'Sep',
	'Oct',
	'Nov',
	'Dec'
];

/** A day in the household's order: 14 Oct 2026, Oct 14, 2026 or 2026-10-14. */
export function dayText(day: string, habit: Habit): string {
	const [year, month, date] = day.split('-').map(Number);
	switch (habit.dayOrder) {
		case 'dmy':
			return `${date} ${monthNames[month - 1]} ${year}`;
		case 'mdy':
			return `${monthNames[month - 1]} ${date}, ${year}`;
		case 'ymd':
			return day;
	}
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** A day as a heading has it, near enough to need no year: Sunday 29 November, Sunday, November 29 or Sunday 2026-11-29. */
export function dayTitle(day: string, habit: Habit): string {
	const atMs = Date.parse(`${day}T00:00:00Z`);
	if (habit.dayOrder === 'ymd')
		return `${dateFormat('en-GB', { weekday: 'long', timeZone: 'UTC' }).format(atMs)} ${day}`;
	const locale = habit.dayOrder === 'mdy' ? 'en-US' : 'en-GB';
	return dateFormat(locale, {
		weekday: 'long',
		day: 'numeric',
		month: 'long',
		timeZone: 'UTC'
	}).format(atMs);
}

/** Making one takes far longer than using it: they are kept. */
function dateFormat(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
	const key = `${locale} ${JSON.stringify(options)}`;
	const known = formats.get(key) ?? new Intl.DateTimeFormat(locale, options);
	formats.set(key, known);
	return known;
}

/** An instant's clock time in the household's zone: 18:30 or 6:30 pm; with the weekday when it is not the same day as `nowMs`. */
export function instantText(ms: number, habit: Habit, nowMs?: number): string {
	const part = (options: Intl.DateTimeFormatOptions) =>
		dateFormat('en-GB', { timeZone: habit.timeZone, ...options }).format(ms);
	const clock =
		habit.clock === '24'
			? part({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })
			: part({ hour: 'numeric', minute: '2-digit', hourCycle: 'h12' }).toLowerCase();
	if (nowMs === undefined || dayIn(ms, habit.timeZone) === dayIn(nowMs, habit.timeZone))
		return clock;
	return `${part({ weekday: 'short' })} ${clock}`;
}

/** The time of day in words of the household: "18:30" as 18:30 or 6:30 pm. */
export function timeOfDayText(clock24: string, habit: Habit): string {
	const [hour, minute] = clock24.split(':').map(Number);
	if (habit.clock === '24') return `${hour}:${String(minute).padStart(2, '0')}`;
	return `${hour % 12 || 12}:${String(minute).padStart(2, '0')} ${hour < 12 ? 'am' : 'pm'}`;
}

/** The day of an instant in the household's zone, YYYY-MM-DD. */
export function dayIn(ms: number, timeZone: string): string {
	return dateFormat('en-CA', {
		timeZone,
		year: 'numeric',
		month: '2-digit',
		day: '2-digit'
	}).format(ms);
}
