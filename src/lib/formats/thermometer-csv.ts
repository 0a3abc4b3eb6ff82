import Papa from 'papaparse';
import { Temporal } from 'temporal-polyfill';
import * as w from '../present/wording/index.ts';
import type { Habit } from '../present/habit.ts';

export interface ReadingRow {
	atMs: number;
	tempC: number;
}

const timeNames = /^(time|timestamp|date|datetime|date.?time|at|when|zeit|heure)$/i;
const minuteNames = /^(min|minute|minutes|elapsed|elapsed.?min)$/i;
const tempNames = /^(temp|temperature|value|reading|°?c|°?f|celsius|fahrenheit|core)\b/i;
const dayMs = 86_400_000;
const backMs = 30 * 60_000;
/** A file tells of its run: what lies further from the start than this is a slip of a clock or a column. */
const farthestMs = 400 * dayMs;

/**
 * Reads what a thermometer wrote: a column of times (with date and zone, local date and time, or the clock alone) or of minutes
 * since the run began, and one of temperatures, in °C unless its head says °F or the household measures so. A local time that the
 * change of clocks repeats is taken so that time goes on; a clock alone goes over midnight. Each bad line is said with its number.
 */
export function readThermometerCsv(
	text: string,
	run: { startedAtMs: number },
	habit: Habit
): { rows: ReadingRow[]; problems: { line: number; message: string }[] } {
	const parsed = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
	const lines = parsed.data;
	const problems: { line: number; message: string }[] = [];
	if (lines.length === 0) return { rows: [], problems: [{ line: 1, message: w.probes.empty }] };
	const head = lines[0].map((cell) => cell.trim());
	const hasHead = head.some(
		(cell) => Number.isNaN(Number(cell.replace(',', '.'))) && !/\d/.test(cell)
	);
	const find = (names: RegExp) => (hasHead ? head.findIndex((cell) => names.test(cell)) : -1);
	const minuteAt = find(minuteNames);
	const timeAt = minuteAt >= 0 ? minuteAt : Math.max(find(timeNames), hasHead ? -1 : 0);
	const tempAt = hasHead ? head.findIndex((cell, i) => i !== timeAt && tempNames.test(cell)) : 1;
	if (timeAt < 0 || tempAt < 0)
		return { rows: [], problems: [{ line: 1, message: w.probes.noColumns }] };
	const unit = hasHead ? head[tempAt].replace(/temp\w*/i, '') : '';
	const saysF = /f(ahrenheit)?\b/i.test(unit);
	const saysC = /c(elsius)?\b/i.test(unit);
	const fahrenheit = saysF || (!saysC && habit.temperature === 'f');
	const rows: ReadingRow[] = [];
	lines.forEach((cells, i) => {
		if (hasHead && i === 0) return;
		const line = i + 1;
		const temp = Number(
			(cells[tempAt] ?? '')
				.trim()
				.replace(/[°CF\s]+$/i, '')
				.replace(',', '.')
		);
		const raw = (cells[timeAt] ?? '').trim();
		const after = rows.at(-1)?.atMs ?? run.startedAtMs - backMs;
		const atMs =
			minuteAt >= 0
				? minuteOf(raw, run.startedAtMs)
				: instantOf(raw, after, run.startedAtMs, habit);
		if (!Number.isFinite(temp) || (cells[tempAt] ?? '').trim() === '')
			problems.push({ line, message: w.probes.badTemp({ cell: cells[tempAt] ?? '' }) });
		else if (atMs === null) problems.push({ line, message: w.probes.badTime({ cell: raw }) });
		else if (Math.abs(atMs - run.startedAtMs) > farthestMs)
			problems.push({ line, message: w.probes.farTime({ cell: raw }) });
		else rows.push({ atMs, tempC: fahrenheit ? ((temp - 32) * 5) / 9 : temp });
	});
	return { rows, problems };
}

function minuteOf(raw: string, startedAtMs: number): number | null {
	const minute = Number(raw.replace(',', '.'));
	return raw !== '' && Number.isFinite(minute) ? startedAtMs + minute * 60_000 : null;
}

/** A written moment, epoch ms; one without a zone is the household's. */
function instantOf(
	raw: string,
	afterMs: number,
	startedAtMs: number,
	{ timeZone }: Habit
): number | null {
	if (/^\d{9,11}$/.test(raw)) return Number(raw) * 1000;
	if (/^\d{12,14}$/.test(raw)) return Number(raw);
	const text = raw.replace(' ', 'T');
	try {
		if (/(Z|[+-]\d{2}:?\d{2})$/.test(text)) return Temporal.Instant.from(text).epochMilliseconds;
		if (/^\d{4}-\d{2}-\d{2}T/.test(text))
			return onward(Temporal.PlainDateTime.from(text), afterMs, timeZone);
		if (!/^\d{1,2}:\d{2}(:\d{2})?$/.test(text)) return null;
		const day = Temporal.Instant.fromEpochMilliseconds(startedAtMs)
			.toZonedDateTimeISO(timeZone)
			.toPlainDate();
		const time = Temporal.PlainTime.from(
			text.padStart(text.length === 4 || text.length === 7 ? text.length + 1 : text.length, '0')
		);
		const at = onward(day.toPlainDateTime(time), afterMs, timeZone);
		return at + Math.max(0, Math.ceil((afterMs - backMs - at) / dayMs)) * dayMs;
	} catch (error) {
		// not a time: its line is named
		if (!(error instanceof RangeError)) throw error;
		return null;
	}
}

/** Of a local time that comes twice, the first one unless that would go back or stand still. */
function onward(local: Temporal.PlainDateTime, afterMs: number, timeZone: string): number {
	const [first, second] = (['earlier', 'later'] as const).map(
		(disambiguation) => local.toZonedDateTime(timeZone, { disambiguation }).epochMilliseconds
	);
	return (first < afterMs - backMs || first === afterMs) && second > first ? second : first;
}
