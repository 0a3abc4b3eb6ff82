import type { PackCurve } from '$lib/core/freezing/pack-curves';
import type { Habit } from '$lib/present/habit';
import * as w from '$lib/present/wording';
import { colour } from './palette';
import { temperatureChart } from './temperature-chart';

export interface PackChartInput {
	lines: readonly { name: string; curve: PackCurve }[];
	durationMin: number;
	habit: Habit;
}

const looks = [
	{ colour: 'rim', dash: [] },
	{ colour: 'cold', dash: [10, 4] },
	{ colour: 'leaf', dash: [3, 4] }
] as const;

/** Points thin enough to draw: a curve comes with one every few seconds at its start. */
function pointsOf({ minutes, tempC }: PackCurve) {
	const points: { x: number; y: number }[] = [];
	for (let i = 0; i < minutes.length; i++) {
		const last = points.at(-1);
		if (!last || minutes[i] / 60 - last.x >= 0.05 || i === minutes.length - 1)
			points.push({ x: minutes[i] / 60, y: tempC[i] });
	}
	return points;
}

const datasets = ({ lines }: PackChartInput) =>
	lines.map(({ name, curve }, i) => ({
		label: name,
		data: pointsOf(curve),
		borderColor: colour(looks[i % looks.length].colour),
		borderDash: [...looks[i % looks.length].dash],
		borderWidth: 3,
		pointRadius: 0
	}));

const tickH = 6;

/** A pack freezing and thawing, hours along the bottom. `read` is asked again at each update. */
export function packChart(canvas: HTMLCanvasElement, read: () => PackChartInput) {
	const hours = () => read().durationMin / 60;
	return temperatureChart(canvas, {
		datasets: () => datasets(read()),
		x: () => ({ min: 0, max: hours() }),
		xTicks: () => Array.from({ length: Math.floor(hours() / tickH) + 1 }, (_, i) => i * tickH),
		xText: (h) => w.packChart.hours({ h }),
		y: { min: -20, max: 15 },
		yTicks: [-18, -10, 0, 5],
		habit: () => read().habit
	});
}
