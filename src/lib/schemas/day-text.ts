import { addDays, isDay } from '../core/units/index.ts';
import type { Habit } from '../present/habit.ts';
import { monthNames } from '../present/time.ts';

const monthOf = (word: string) =>
	monthNames.findIndex((name) => word.toLowerCase().startsWith(name.toLowerCase())) + 1;

const asDay = (year: number, month: number, date: number): string | null => {
	const text = `${String(year < 100 ? 2000 + year : year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(date).padStart(2, '0')}`;
	return isDay(text) ? text : null;
};

/**
 * A typed day as YYYY-MM-DD: "2026-11-24", "24 Nov 2026", "Nov 24", "24.11.26", "11/24/2026" in the household's order of day
 * and month, "today", "yesterday". Without a year it is the one that puts the day nearest to today. Null when it is none.
 */
export function dayFromText(typed: string, habit: Habit, today: string): string | null {
	const text = typed.trim().toLowerCase();
	if (text === 'today') return today;
	if (text === 'yesterday') return addDays(today, -1);
	if (/^\d{4}-\d{1,2}-\d{1,2}$/.test(text)) {
		const [year, month, date] = text.split('-').map(Number);
		return asDay(year, month, date);
	}
	const named = /^(?:(\d{1,2})\.?\s+([a-z]{3,})|([a-z]{3,})\s+(\d{1,2}))\.?,?(?:\s+(\d{4}))?$/.exec(
		text
	);
	if (named) {
		const month = monthOf(named[2] ?? named[3]);
		return month > 0 ? nearest(month, Number(named[1] ?? named[4]), named[5], today) : null;
	}
	const numbers = /^(\d{1,2})[./-](\d{1,2})(?:[./-](\d{4}|\d{2}))?\.?$/.exec(text);
	if (!numbers) return null;
	const [first, second] = [Number(numbers[1]), Number(numbers[2])];
	const [date, month] = habit.dayOrder === 'dmy' ? [first, second] : [second, first];
	return nearest(month, date, numbers[3], today);
}

function nearest(
	month: number,
	date: number,
	year: string | undefined,
	today: string
): string | null {
	if (year !== undefined) return asDay(Number(year), month, date);
	const thisYear = Number(today.slice(0, 4));
	const candidates = [thisYear - 1, thisYear, thisYear + 1].flatMap(
		(y) => asDay(y, month, date) ?? []
	);
	const away = (day: string) => Math.abs(Date.parse(day) - Date.parse(today));
	return candidates.sort((a, b) => away(a) - away(b))[0] ?? null;
}
