import { calendarText, type CalendarEvent } from './calendar.ts';

/** A limit of a cooling run, as a calendar has it. */
export interface GateEvent extends Pick<CalendarEvent, 'uid' | 'summary' | 'description'> {
	atMs: number;
}

/** Minutes before a limit at which the calendar rings; it rings at the limit, too. */
const ringsBeforeMin = [15, 0];
const lastsMs = 10 * 60_000;

/** Limits of a cooling run with an alarm a quarter of an hour before each moment and one at it. */
export const gatesCalendar = (
	name: string,
	gates: readonly GateEvent[],
	madeAtMs: number
): string =>
	calendarText(
		{ name, product: 'cooling' },
		gates.map(({ atMs, ...gate }) => ({
			...gate,
			at: { fromMs: atMs, toMs: atMs + lastsMs },
			ringsBeforeMin
		})),
		madeAtMs
	);
