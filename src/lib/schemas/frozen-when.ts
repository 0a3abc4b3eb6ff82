import { addMonths } from '../core/units/index.ts';
import type { Habit } from '../present/habit.ts';
import { monthNames } from '../present/time.ts';
import { dayFromText } from './day-text.ts';

export interface FrozenWhen {
	/** YYYY-MM-DD; of a month its first day, the stricter; null: not known */
	day: string | null;
	known: 'day' | 'about' | 'unknown';
}

/**
 * When something was frozen, as people know it: a day, "about March", "March 2026", "2026-03", or not at all ("", "?", "unknown"). A
 * month without a year is the last one that has begun. Null when it is none of these, or still to come.
 */
export function frozenWhen(typed: string, habit: Habit, today: string): FrozenWhen | null {
	const text = typed
		.trim()
		.toLowerCase()
		.replace(/^(about|around|ca\.?|circa|~)\s*/, '');
	if (text === '' || /^(\?+|-+|unknown|no idea|not known)$/.test(text))
		return { day: null, known: 'unknown' };
	const month = monthFromText(text, today);
	const day = month ? `${month}-01` : dayFromText(text, habit, today);
	if (!day || day > today) return null;
	const about = month !== null || text !== typed.trim().toLowerCase();
	return { day, known: about ? 'about' : 'day' };
}

function monthFromText(text: string, today: string): string | null {
	const iso = /^(\d{4})-(\d{1,2})$/.exec(text);
	if (iso) return Number(iso[2]) >= 1 && Number(iso[2]) <= 12 ? twoDigits(iso[1], iso[2]) : null;
	const named = /^([a-z]{3,})\.?(?:\s+(\d{4}))?$/.exec(text);
	if (!named) return null;
	const at = monthNames.findIndex((name) => named[1].startsWith(name.toLowerCase().slice(0, 3)));
	if (at < 0) return null;
	if (named[2]) return twoDigits(named[2], String(at + 1));
	const thisYear = twoDigits(today.slice(0, 4), String(at + 1));
	return thisYear <= today.slice(0, 7) ? thisYear : addMonths(`${thisYear}-01`, -12).slice(0, 7);
}

const twoDigits = (year: string, month: string) => `${year}-${month.padStart(2, '0')}`;
