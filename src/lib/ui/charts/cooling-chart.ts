import type { Chart as ChartType, Plugin } from 'chart.js';
import type { CoolingView } from '$lib/core/cooling/cooling-view';
import type { SafetyLimits } from '$lib/core/safety/limits';
import { ruleGates, twoStageRule, type CoolingRule } from '$lib/core/safety/two-stage-rule';
import { colour, pale } from './palette';
import { tempNumber, type Habit } from '$lib/present/units';

export interface CoolingChartInput {
	view: CoolingView;
	nowMin: number;
	rule: CoolingRule;
	habit: Habit;
	limits: SafetyLimits;
}

/** The posts of the rule: red above the gate, green below, a bar across; the curve must pass under the bar. */
function gates(input: () => CoolingChartInput): Plugin<'line'> {
	return {
		id: 'gates',
		afterDatasetsDraw(chart) {
			const { ctx, chartArea, scales } = chart;
			const posts = ruleGates(input().rule, input().limits);
			ctx.save();
			ctx.lineCap = 'round';
			for (const post of posts) {
				const x = scales.x.getPixelForValue(post.limitMin / 60);
				const y = scales.y.getPixelForValue(post.gateC);
				const line = (from: number, to: number, name: string) => {
					ctx.strokeStyle = colour(name);
					ctx.lineWidth = 4;
					ctx.beginPath();
					ctx.moveTo(x, from);
					ctx.lineTo(x, to);
					ctx.stroke();
				};
				line(chartArea.top + 2, y - 2, 'ember');
				line(Math.min(y + 2, chartArea.bottom), chartArea.bottom, 'leaf');
				ctx.strokeStyle = colour('ember');
				ctx.beginPath();
				ctx.moveTo(x - 9, y);
				ctx.lineTo(x + 9, y);
				ctx.stroke();
			}
			ctx.restore();
		}
	};
}

/** The last reading ringed and named. */
function lastReading(input: () => CoolingChartInput): Plugin<'line'> {
	return {
		id: 'last-reading',
		afterDatasetsDraw(chart) {
			const { view, habit } = input();
			const last = view.readings.at(-1);
			if (!last) return;
			const { ctx, scales } = chart;
			const x = scales.x.getPixelForValue((last.minute - view.clockStartMin) / 60);
			const y = scales.y.getPixelForValue(last.tempC);
			ctx.save();
			ctx.strokeStyle = colour('ink');
			ctx.lineWidth = 2;
			ctx.beginPath();
			ctx.arc(x, y, 8, 0, 2 * Math.PI);
			ctx.stroke();
			ctx.fillStyle = colour('ink');
			ctx.font = `700 15px ${getComputedStyle(document.body).fontFamily}`;
			ctx.fillText(`${tempNumber(last.tempC, habit)}°`, x + 12, y - 8);
			ctx.restore();
		}
	};
}

function datasets({ view, nowMin }: CoolingChartInput) {
	const xy = (points: typeof view.curve) =>
		points.map((p) => ({ x: (p.minute - view.clockStartMin) / 60, y: p.tempC }));
	const last = view.readings.at(-1)?.minute ?? 0;
	const solid = view.curve.filter((p) => p.minute <= Math.max(last, 0));
	const ahead = view.curve.filter((p) => p.minute >= last);
	const slow = view.slow.filter((p) => p.minute >= last);
	return [
		{
			label: 'forecast',
			data: xy(ahead),
			borderColor: colour('cold'),
			borderDash: [6, 4],
			borderWidth: 3,
			pointRadius: 0
		},
		{
			label: 'unfavourable end',
			data: xy(slow),
			borderColor: 'transparent',
			backgroundColor: pale('cold-pale', 0.8),
			fill: '-1',
			pointRadius: 0
		},
		{
			label: 'so far',
			data: xy(solid),
			borderColor: colour('ink'),
			borderWidth: 3,
			pointRadius: 0
		},
		{
			label: 'readings',
			data: xy(view.readings),
			borderColor: 'transparent',
			backgroundColor: colour('ink'),
			pointRadius: 5,
			showLine: false
		},
		{
			label: 'now',
			data: [
				{ x: (nowMin - view.clockStartMin) / 60, y: 0 },
				{ x: (nowMin - view.clockStartMin) / 60, y: 100 }
			],
			borderColor: colour('soft'),
			borderDash: [2, 4],
			borderWidth: 1.5,
			pointRadius: 0
		}
	];
}

/** Draws and keeps a cooling chart on a canvas. `read` is asked again at each update. */
export async function coolingChart(canvas: HTMLCanvasElement, read: () => CoolingChartInput) {
	const { Chart, LineController, LineElement, PointElement, LinearScale, Filler } =
		await import('chart.js');
	Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);
	const habit = () => read().habit;
	const axis = () => ({
		color: colour('soft'),
		font: { size: 14, family: getComputedStyle(document.body).fontFamily }
	});
	const earliestH = () => Math.min(0, -read().view.clockStartMin / 60);
	const chart: ChartType<'line', { x: number; y: number }[]> = new Chart(canvas, {
		type: 'line',
		data: { datasets: datasets(read()) },
		options: {
			animation: false,
			responsive: true,
			maintainAspectRatio: false,
			parsing: false,
			events: [],
			scales: {
				x: {
					type: 'linear',
					min: Math.floor(earliestH() * 2) / 2,
					max: 7,
					grid: { display: false },
					border: { color: colour('rim'), width: 2 },
					afterBuildTicks: (scale) => {
						scale.ticks = [0, 1, 2, 3, 4, 5, 6, 7].map((value) => ({ value }));
					},
					ticks: { ...axis(), callback: (value) => `${value} h` }
				},
				y: {
					min: 0,
					max: 100,
					grid: { color: colour('hair'), drawTicks: false },
					border: { display: false },
					afterBuildTicks: (scale) => {
						scale.ticks = [
							twoStageRule.secondGateC,
							twoStageRule.firstGateC,
							twoStageRule.startC,
							95
						].map((value) => ({ value }));
					},
					ticks: {
						...axis(),
						autoSkip: false,
						callback: (value) => tempNumber(Number(value), habit())
					}
				}
			},
			plugins: { legend: { display: false }, tooltip: { enabled: false } }
		},
		plugins: [gates(read), lastReading(read)]
	});
	return {
		update() {
			chart.data.datasets = datasets(read());
			chart.update('none');
		},
		destroy: () => chart.destroy()
	};
}
