import type { ChartDataset, Plugin } from 'chart.js';
import type { Habit } from '$lib/present/habit';
import { tempNumber, tempText } from '$lib/present/units';
import { colour } from './palette';

type Points = { x: number; y: number }[];

/** What one chart of temperatures against time has of its own; each function is asked again at each update. */
export interface TemperatureChart {
	datasets: () => ChartDataset<'line', Points>[];
	/** ends of the axis of time, where it is marked, and what the marks say */
	x: () => { min: number; max: number };
	xTicks: () => number[];
	xText: (value: number) => string;
	y: { min: number; max: number };
	yTicks: readonly number[];
	habit: () => Habit;
	paddingRight?: number;
	plugins?: Plugin<'line'>[];
}

/** Draws lines of temperature against time with their names below; a pointer or finger reads them off. */
export async function temperatureChart(canvas: HTMLCanvasElement, of: TemperatureChart) {
	const { Chart, Legend, LineController, LineElement, PointElement, LinearScale, Tooltip } =
		await import('chart.js');
	Chart.register(Legend, LineController, LineElement, PointElement, LinearScale, Tooltip);
	const font = { size: 14, family: getComputedStyle(document.body).fontFamily };
	const text = { color: colour('soft'), font };
	const chart = new Chart<'line', Points>(canvas, {
		type: 'line',
		data: { datasets: of.datasets() },
		options: {
			animation: false,
			responsive: true,
			maintainAspectRatio: false,
			parsing: false,
			events: ['mousemove', 'mouseout', 'touchstart', 'touchmove'],
			interaction: { mode: 'index', intersect: false, axis: 'x' },
			layout: { padding: { right: of.paddingRight ?? 0 } },
			scales: {
				x: {
					type: 'linear',
					...of.x(),
					grid: { display: false },
					border: { color: colour('rim'), width: 2 },
					afterBuildTicks: (scale) => {
						scale.ticks = of.xTicks().map((value) => ({ value }));
					},
					ticks: { ...text, callback: (value) => of.xText(Number(value)) }
				},
				y: {
					...of.y,
					grid: { color: colour('hair'), drawTicks: false },
					border: { display: false },
					afterBuildTicks: (scale) => {
						scale.ticks = of.yTicks.map((value) => ({ value }));
					},
					ticks: {
						...text,
						autoSkip: false,
						callback: (value) => tempNumber(Number(value), of.habit())
					}
				}
			},
			plugins: {
				legend: {
					position: 'bottom',
					align: 'start',
					labels: { color: colour('ink'), font, boxHeight: 2, boxWidth: 34 }
				},
				tooltip: {
					displayColors: false,
					titleFont: font,
					bodyFont: font,
					callbacks: {
						title: ([item]) => (item ? of.xText(item.parsed.x ?? 0) : ''),
						label: ({ dataset, parsed }) =>
							`${dataset.label ?? ''}: ${tempText(parsed.y ?? 0, of.habit())}`
					}
				}
			}
		},
		plugins: of.plugins ?? []
	});
	return {
		update() {
			chart.data.datasets = of.datasets();
			Object.assign(chart.options.scales?.x ?? {}, of.x());
			chart.update('none');
		},
		destroy: () => chart.destroy()
	};
}
