import type { FreezerReading } from '$lib/core/storage/warm-spells';
import type { Habit } from '$lib/present/habit';
import { dayIn, dayText } from '$lib/present/time';
import { colour } from './palette';
import { temperatureChart } from './temperature-chart';

export interface FreezerChartInput {
	readings: readonly FreezerReading[];
	setC: number;
	fromMs: number;
	toMs: number;
	name: string;
	/** what the line of its setting is called */
	setName: string;
	habit: Habit;
}

/** More points than this are no use on a screen: of each stretch the warmest stays, since that is what counts. */
const mostPoints = 600;

function warmestPoints(readings: readonly FreezerReading[]): { x: number; y: number }[] {
	const each = Math.max(1, Math.ceil(readings.length / mostPoints));
	const points: { x: number; y: number }[] = [];
	for (let from = 0; from < readings.length; from += each) {
		const stretch = readings.slice(from, from + each);
		const warmest = stretch.reduce((a, b) => (b.tempC > a.tempC ? b : a));
		points.push({ x: warmest.atMs, y: warmest.tempC });
	}
	return points;
}

const dayMs = 24 * 3600_000;

/** A freezer's readings over a month, with its setting. `read` is asked again at each update. */
export function freezerChart(canvas: HTMLCanvasElement, read: () => FreezerChartInput) {
	const warmest = Math.max(0, ...read().readings.map(({ tempC }) => tempC));
	return temperatureChart(canvas, {
		datasets: () => {
			const { readings, setC, fromMs, toMs, name, setName } = read();
			return [
				{
					label: name,
					data: warmestPoints(readings),
					borderColor: colour('cold'),
					borderWidth: 2.5,
					pointRadius: readings.length < 40 ? 3 : 0
				},
				{
					label: setName,
					data: [
						{ x: fromMs, y: setC },
						{ x: toMs, y: setC }
					],
					borderColor: colour('rim'),
					borderDash: [6, 5],
					borderWidth: 1.5,
					pointRadius: 0
				}
			];
		},
		x: () => ({ min: read().fromMs, max: read().toMs }),
		xTicks: () => {
			const { fromMs, toMs } = read();
			return [0, 1, 2, 3].map((i) => fromMs + ((toMs - fromMs) * i) / 3 - (i === 3 ? dayMs : 0));
		},
		xText: (ms) => dayText(dayIn(ms, read().habit.timeZone), read().habit),
		y: { min: -30, max: Math.ceil(warmest / 5) * 5 },
		yTicks: [-30, -18, -10, 0],
		habit: () => read().habit
	});
}
