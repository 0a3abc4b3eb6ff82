import { calendarText, type CalendarEvent } from './calendar.ts';

/** Something of the meals to come, as a calendar has it. */
export interface MealEvent extends Omit<CalendarEvent, 'sequence' | 'ringsBeforeMin'> {
	sequence: number;
	ringsBeforeMin: number;
}

/** How often a calendar that subscribed asks again, seconds. */
const againS = 3600;

/** Pulls, starts and best-by days, each with its alarm; to be read once or subscribed to. */
export const mealsCalendar = (
	name: string,
	events: readonly MealEvent[],
	madeAtMs: number
): string =>
	calendarText(
		{ name, product: 'meals', againS },
		events.map(({ ringsBeforeMin, ...event }) => ({ ...event, ringsBeforeMin: [ringsBeforeMin] })),
		madeAtMs
	);
