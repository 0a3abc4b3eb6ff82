import ical, { ICalAlarmType } from 'ical-generator';

/** A limit of a cooling run, as a calendar has it. */
export interface GateEvent {
	uid: string;
	atMs: number;
	summary: string;
	description: string;
}

/** Minutes before a limit at which the calendar rings; it rings at the limit, too. */
const aheadMin = 15;

/** An iCalendar file (RFC 5545) with an alarm a quarter of an hour before each moment and one at it. */
export function gatesCalendar(name: string, gates: readonly GateEvent[], madeAtMs: number): string {
	const calendar = ical({ name, prodId: { company: 'Almacen', product: 'cooling' } });
	for (const { uid, atMs, summary, description } of gates) {
		const event = calendar.createEvent({
			id: uid,
			start: new Date(atMs),
			end: new Date(atMs + 10 * 60_000),
			stamp: new Date(madeAtMs),
			summary,
			description
		});
		for (const triggerBefore of [aheadMin * 60, 0])
			event.createAlarm({ type: ICalAlarmType.display, triggerBefore, description: summary });
	}
	return `${calendar.toString()}\r\n`;
}
