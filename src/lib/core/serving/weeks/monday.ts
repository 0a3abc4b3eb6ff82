import { addDays, daysBetween } from '../../units/day.ts';

/** A Monday to count from. */
const aMonday = '2024-01-01';

/** The Monday of the week a day is in (ISO 8601). */
export const mondayOf = (day: string): string =>
	addDays(day, -(((daysBetween(aMonday, day) % 7) + 7) % 7));
