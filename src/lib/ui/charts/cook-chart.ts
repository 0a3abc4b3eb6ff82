import type { Plugin } from 'chart.js';
import { dangerC } from '$lib/core/cooking/conversion/doneness';
import type { Habit } from '$lib/present/habit';
import { instantText } from '$lib/present/time';
import { tempNumber, tempText } from '$lib/present/units';
import * as w from '$lib/present/wording';
import { rulerTickMin } from '../table/ruler-span';
import { colour, pale } from './palette';
import { temperatureChart } from './temperature-chart';

export interface CookLine {
	name: string;
	/** which of the four looks; the same way keeps its own */
	look: number;
	startAtMs: number;
	minutes: readonly number[];
	coldestC: readonly number[];
}
export interface CookChartInput {
	lines: readonly CookLine[];
	serveAtMs: number;
	spanMin: number;
	coreC: number;
	habit: Habit;
}

/** Each line has a colour and a dash of its own, and its name at its end. */
const looks = [
	{ colour: 'cold', dash: [] },
	{ colour: 'leaf', dash: [10, 4] },
	{ colour: 'ember', dash: [] },
	{ colour: 'mustard', dash: [3, 4] }
] as const;
const minuteMs = 60_000;

/** The range in which germs grow as a band, the core temperature as a line, both named. */
function marks(read: () => CookChartInput): Plugin<'line'> {
	return {
		id: 'marks',
		beforeDatasetsDraw(chart) {
			const { ctx, chartArea: area, scales } = chart;
			const { coreC, habit } = read();
			const y = (tempC: number) => scales.y.getPixelForValue(tempC);
			ctx.save();
			ctx.font = `14px ${getComputedStyle(document.body).fontFamily}`;
			ctx.fillStyle = pale('mustard-pale', 0.6);
			ctx.fillRect(area.left, y(dangerC.to), area.width, y(dangerC.from) - y(dangerC.to));
			ctx.fillStyle = colour('mustard');
			ctx.fillText(
				w.cookChart.danger({
					from: tempNumber(dangerC.from, habit),
					to: tempText(dangerC.to, habit)
				}),
				area.left + 6,
				y(dangerC.to) + 16
			);
			ctx.strokeStyle = colour('leaf');
			ctx.lineWidth = 2;
			ctx.setLineDash([8, 4]);
			ctx.beginPath();
			ctx.moveTo(area.left, y(coreC));
			ctx.lineTo(area.right, y(coreC));
			ctx.stroke();
			ctx.fillStyle = colour('leaf');
			ctx.fillText(
				w.cookChart.core({ temperature: tempText(coreC, habit) }),
				area.left + 6,
				y(coreC) - 6
			);
			ctx.restore();
		}
	};
}

const datasets = ({ lines, serveAtMs }: CookChartInput) =>
	lines.map((line) => ({
		label: line.name,
		data: line.minutes.map((minute, k) => ({
			x: (line.startAtMs - serveAtMs) / minuteMs + minute,
			y: line.coldestC[k]
		})),
		borderColor: colour(looks[line.look % looks.length].colour),
		borderDash: [...looks[line.look % looks.length].dash],
		borderWidth: 3,
		pointRadius: 0
	}));

/** Draws the core temperatures of several ways on one axis of time that ends at serving. `read` is asked again at each update. */
export function cookChart(canvas: HTMLCanvasElement, read: () => CookChartInput) {
	return temperatureChart(canvas, {
		datasets: () => datasets(read()),
		x: () => ({ min: -read().spanMin, max: 0 }),
		xTicks: () => {
			const { spanMin } = read();
			const ticks: number[] = [];
			for (let at = 0; at >= -spanMin; at -= rulerTickMin(spanMin)) ticks.unshift(at);
			return ticks;
		},
		xText: (minute) => instantText(read().serveAtMs + minute * minuteMs, read().habit),
		y: { min: -20, max: 112 },
		yTicks: [-18, 5, 60, 100],
		habit: () => read().habit,
		paddingRight: 18,
		plugins: [marks(read)]
	});
}
