import type { FreezerReading } from '$lib/core/storage';
import type { Habit } from '$lib/present/habit';
import { dayIn, dayText } from '$lib/present/time';
import { tempNumber, tempText } from '$lib/present/units';
import type { Plot, Point } from './plot';

/** More points than this are no use on a screen: of each stretch the warmest stays, since that is what counts. */
const mostPoints = 600;

function warmestPoints(readings: readonly FreezerReading[]): Point[] {
	const each = Math.max(1, Math.ceil(readings.length / mostPoints));
	const points: Point[] = [];
	for (let from = 0; from < readings.length; from += each) {
		const stretch = readings.slice(from, from + each);
		const warmest = stretch.reduce((a, b) => (b.tempC > a.tempC ? b : a));
		points.push({ x: warmest.atMs, y: warmest.tempC });
	}
	return points;
}

const dayMs = 24 * 3600_000;

/** A freezer's readings over a month, with its setting; instants in ms. */
export function freezerPlot({
	readings,
	setC,
	fromMs,
	toMs,
	name,
	setName,
	habit
}: {
	readings: readonly FreezerReading[];
	setC: number;
	fromMs: number;
	toMs: number;
	name: string;
	/** what the line of its setting is called */
	setName: string;
	habit: Habit;
}): Plot {
	const warmest = Math.max(0, ...readings.map(({ tempC }) => tempC));
	return {
		x: {
			min: fromMs,
			max: toMs,
			ticks: [0, 1, 2, 3].map((i) => fromMs + ((toMs - fromMs) * i) / 3 - (i === 3 ? dayMs : 0)),
			text: (ms) => dayText(dayIn(ms, habit.timeZone), habit)
		},
		y: {
			min: -30,
			max: Math.ceil(warmest / 5) * 5,
			ticks: [-30, -18, -10, 0],
			text: (c) => tempNumber(c, habit)
		},
		lines: [
			{
				name,
				points: warmestPoints(readings),
				ink: 'cold',
				widthPx: 2.5,
				dotPx: readings.length < 40 ? 6 : undefined
			},
			{
				name: setName,
				points: [fromMs, toMs].map((x) => ({ x, y: setC })),
				ink: 'rim',
				dash: [6, 5],
				widthPx: 1.5
			}
		],
		valueText: (c) => tempText(c, habit),
		legend: true
	};
}
