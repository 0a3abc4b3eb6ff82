import ical, { ICalAlarmType, ICalEventStatus } from 'ical-generator';

/** Something with its time, as a calendar has it. */
export interface CalendarEvent {
	/** the same for the same thing, whenever it is moved: a calendar updates it */
	uid: string;
	/** counts up with every change, where it can change */
	sequence?: number;
	/** a moment, or a whole day (YYYY-MM-DD) */
	at: { fromMs: number; toMs: number } | { day: string };
	summary: string;
	description: string;
	/** minutes before it (a day: before its midnight) at which the calendar rings */
	ringsBeforeMin: readonly number[];
}

/** An iCalendar file (RFC 5545) of events with their alarms. `againS`: how often a calendar that subscribed asks again, seconds. */
export function calendarText(
	calendar: { name: string; product: string; againS?: number },
	events: readonly CalendarEvent[],
	madeAtMs: number
): string {
	const { name, product, againS } = calendar;
	const made = ical({ name: asName(name), prodId: { company: 'Almacen', product }, ttl: againS });
	for (const { uid, sequence, at, summary, description, ringsBeforeMin } of events) {
		const event = made.createEvent({
			id: uid,
			...(sequence !== undefined && { sequence, status: ICalEventStatus.CONFIRMED }),
			stamp: new Date(madeAtMs),
			...('day' in at
				? { start: `${at.day}T00:00:00`, allDay: true, floating: true }
				: { start: new Date(at.fromMs), end: new Date(at.toMs) }),
			summary: oneLine(summary),
			description
		});
		for (const minutes of ringsBeforeMin)
			event.createAlarm({
				type: ICalAlarmType.display,
				triggerBefore: minutes * 60,
				description: oneLine(summary)
			});
	}
	return `${made.toString()}\r\n`;
}

/** A name goes into one line of a calendar, whatever was pasted into it. */
const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** A calendar's name as text of its format (RFC 5545, 3.3.11): the library writes it as it is given. */
const asName = (name: string) =>
	name
		.replaceAll(/\p{Cc}+/gu, ' ')
		.trim()
		.replaceAll(/[\\;,]/g, '\\$&');
