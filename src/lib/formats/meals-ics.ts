import ical, { ICalAlarmType, ICalEventStatus } from 'ical-generator';

/** Something of the meals to come, as a calendar has it. */
export interface MealEvent {
	/** the same for the same thing, whenever it is moved: a calendar updates it */
	uid: string;
	/** counts up with every change */
	sequence: number;
	/** a moment, or a whole day (YYYY-MM-DD) */
	at: { fromMs: number; toMs: number } | { day: string };
	summary: string;
	description: string;
	/** minutes before it (a day: before its midnight) at which the calendar rings */
	ringsBeforeMin: number;
}

/** How often a calendar that subscribed asks again, seconds. */
const againS = 3600;

/** An iCalendar file (RFC 5545) of pulls, starts and best-by days, each with its alarm; to be read once or subscribed to. */
export function mealsCalendar(
	name: string,
	events: readonly MealEvent[],
	madeAtMs: number
): string {
	const calendar = ical({
		name,
		prodId: { company: 'Almacen', product: 'meals' },
		ttl: againS
	});
	for (const { uid, sequence, at, summary, description, ringsBeforeMin } of events) {
		const event = calendar.createEvent({
			id: uid,
			sequence,
			status: ICalEventStatus.CONFIRMED,
			stamp: new Date(madeAtMs),
			...('day' in at
				? { start: `${at.day}T00:00:00`, allDay: true, floating: true }
				: { start: new Date(at.fromMs), end: new Date(at.toMs) }),
			summary: oneLine(summary),
			description
		});
		event.createAlarm({
			type: ICalAlarmType.display,
			triggerBefore: ringsBeforeMin * 60,
			description: oneLine(summary)
		});
	}
	return `${calendar.toString()}\r\n`;
}

/** A dish's name goes into one line of a calendar, whatever was pasted into it. */
const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();
