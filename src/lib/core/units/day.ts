import { CoreError } from '../errors.ts';

const dayMs = 86_400_000;

/** Milliseconds of a day's midnight in UTC; throws `bad-day` for anything but a real YYYY-MM-DD. */
function utcMs(day: string): number {
	const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(day);
	const ms = match ? Date.UTC(+match[1], +match[2] - 1, +match[3]) : NaN;
	if (!match || dayOf(ms) !== day) throw new CoreError('bad-day', { day });
	return ms;
}

const dayOf = (ms: number) => (Number.isNaN(ms) ? '' : new Date(ms).toISOString().slice(0, 10));

/** Days a kitchen speaks of: from a year on, and before another. */
const years = { from: '1900', before: '2200' } as const;

/** Whether a text is a real day written YYYY-MM-DD, of a year a kitchen speaks of. */
export function isDay(day: string): boolean {
	if (day < years.from || day >= years.before) return false;
	try {
		utcMs(day);
		return true;
	} catch (error) {
		if (error instanceof CoreError) return false;
		throw error;
	}
}

/** The same day of the month `months` later, clamped to that month's last day. */
export function addMonths(day: string, months: number): string {
	const ms = utcMs(day);
	const date = new Date(ms);
	const first = Date.UTC(date.getUTCFullYear(), date.getUTCMonth() + months, 1);
	const target = new Date(first);
	const last = new Date(
		Date.UTC(target.getUTCFullYear(), target.getUTCMonth() + 1, 0)
	).getUTCDate();
	return dayOf(first + (Math.min(date.getUTCDate(), last) - 1) * dayMs);
}

export function addDays(day: string, days: number): string {
	return dayOf(utcMs(day) + days * dayMs);
}

/** Whole days from one day to another; negative when the second is earlier. */
export function daysBetween(from: string, to: string): number {
	return Math.round((utcMs(to) - utcMs(from)) / dayMs);
}
