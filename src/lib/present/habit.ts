/** How the household wants to see amounts, days and times. */
export interface Habit {
	readonly system: 'metric' | 'us';
	readonly temperature: 'c' | 'f';
	/** 18:30 or 6:30 pm */
	readonly clock: '24' | '12';
	/** 14 Oct 2026, Oct 14, 2026 or 2026-10-14 */
	readonly dayOrder: 'dmy' | 'mdy' | 'ymd';
	/** ISO 4217; null or left out: prices are plain numbers */
	readonly currency?: string | null;
	/** IANA name */
	readonly timeZone: string;
}

export const metricHabit: Habit = {
	system: 'metric',
	temperature: 'c',
	clock: '24',
	dayOrder: 'dmy',
	timeZone: 'UTC'
};
export const usHabit: Habit = {
	system: 'us',
	temperature: 'f',
	clock: '12',
	dayOrder: 'mdy',
	timeZone: 'UTC'
};
