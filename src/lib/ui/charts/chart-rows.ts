import { durationText } from '../../present/time.ts';
import { tempText, type Habit } from '../../present/units.ts';
import * as w from '../../present/wording/index.ts';

/** A line of a chart as numbers: minutes and temperatures. */
export interface ChartLine {
	name: string;
	points: readonly { minute: number; tempC: number }[];
}

/** A chart as a table: what each line shows at round hours, for those who cannot see it. */
export interface ChartTable {
	head: string[];
	rows: string[][];
}

/** So many rows are read out without losing the thread. */
const mostRows = 10;

/** The temperature of a line at a minute, straight between its points; null before its first and after its last. */
export function lineAt(points: ChartLine['points'], minute: number): number | null {
	const after = points.findIndex((point) => point.minute >= minute);
	if (after < 0 || points.length === 0) return null;
	const to = points[after];
	if (to.minute === minute || after === 0) return to.minute === minute ? to.tempC : null;
	const from = points[after - 1];
	const share = (minute - from.minute) / (to.minute - from.minute || 1);
	return from.tempC + (to.tempC - from.tempC) * share;
}

/** A table of lines of temperature against time, at whole hours or at as many as are read out. */
export function chartTable(
	lines: readonly ChartLine[],
	say: { time: string; at: (minute: number) => string; temp: (tempC: number) => string }
): ChartTable {
	const all = lines.flatMap(({ points }) => points.map(({ minute }) => minute));
	if (all.length === 0) return { head: [], rows: [] };
	const [from, to] = [Math.min(...all), Math.max(...all)];
	const step = Math.max(60, Math.ceil((to - from) / mostRows / 60) * 60);
	const rows: string[][] = [];
	for (let minute = Math.ceil(from / step) * step; minute <= to; minute += step)
		rows.push([
			say.at(minute),
			...lines.map(({ points }) => {
				const tempC = lineAt(points, minute);
				return tempC === null ? '' : say.temp(tempC);
			})
		]);
	return { head: [say.time, ...lines.map(({ name }) => name)], rows };
}

/** The same in words, in the household's units. */
export const temperatureTable = (lines: readonly ChartLine[], habit: Habit): ChartTable =>
	chartTable(lines, {
		time: w.charts.after,
		at: durationText,
		temp: (tempC) => tempText(tempC, habit)
	});
