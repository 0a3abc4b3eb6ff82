import type { PackCurve } from '$lib/core/freezing';
import type { Habit } from '$lib/present/habit';
import { tempNumber, tempText } from '$lib/present/units';
import { hourText } from './hour-text';
import type { Plot, Point } from './plot';

const looks = [
	{ ink: 'rim', dash: [] },
	{ ink: 'cold', dash: [10, 4] },
	{ ink: 'leaf', dash: [3, 4] }
] as const;
const tickH = 6;

/** Points thin enough to draw: a curve comes with one every few seconds at its start. */
function pointsOf({ minutes, tempC }: PackCurve): Point[] {
	const points: Point[] = [];
	for (let i = 0; i < minutes.length; i++) {
		const last = points.at(-1);
		if (!last || minutes[i] / 60 - last.x >= 0.05 || i === minutes.length - 1)
			points.push({ x: minutes[i] / 60, y: tempC[i] });
	}
	return points;
}

/** A pack freezing and thawing, hours along the bottom. */
export function packPlot({
	lines,
	durationMin,
	habit
}: {
	lines: readonly { name: string; curve: PackCurve }[];
	durationMin: number;
	habit: Habit;
}): Plot {
	const hours = durationMin / 60;
	return {
		x: {
			min: 0,
			max: hours,
			ticks: Array.from({ length: Math.floor(hours / tickH) + 1 }, (_, i) => i * tickH),
			text: hourText
		},
		y: { min: -20, max: 15, ticks: [-18, -10, 0, 5], text: (c) => tempNumber(c, habit) },
		lines: lines.map(({ name, curve }, i) => ({
			name,
			points: pointsOf(curve),
			...looks[i % looks.length]
		})),
		valueText: (c) => tempText(c, habit),
		legend: true
	};
}
