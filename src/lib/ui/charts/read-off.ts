import {
	Chart,
	LineController,
	LineElement,
	LinearScale,
	PointElement,
	Tooltip,
	type ChartDataset
} from 'chart.js';
import { colour } from './colour';
import type { Plot, Point } from './plot';

Chart.register(LineController, LineElement, LinearScale, PointElement, Tooltip);

/** Room around the lines, px: the same for the picture and for what reads it off. */
export interface Margins {
	top: number;
	right: number;
	bottom: number;
	left: number;
}

/** Lays a chart over a picture whose lines show only where a pointer or finger is, with every value there. */
export function readOff(canvas: HTMLCanvasElement, read: () => Plot, margins: Margins) {
	const font = { size: 14, family: getComputedStyle(document.body).fontFamily };
	const datasets = (): ChartDataset<'line', Point[]>[] =>
		read()
			.lines.filter(({ name }) => name !== null)
			.map(({ name, points, ink }) => ({
				label: name ?? '',
				data: [...points],
				borderColor: 'transparent',
				pointRadius: 0,
				pointHoverRadius: 6,
				pointHoverBackgroundColor: colour(ink),
				pointHoverBorderColor: colour('enamel')
			}));
	const scale = (axis: 'x' | 'y') => {
		const { min, max } = read()[axis];
		return { type: 'linear' as const, display: false, min, max };
	};
	const chart = new Chart<'line', Point[]>(canvas, {
		type: 'line',
		data: { datasets: datasets() },
		options: {
			animation: false,
			responsive: true,
			maintainAspectRatio: false,
			parsing: false,
			events: ['mousemove', 'mouseout', 'touchstart', 'touchmove'],
			interaction: { mode: 'index', intersect: false, axis: 'x' },
			layout: { padding: margins },
			scales: { x: scale('x'), y: scale('y') },
			plugins: {
				legend: { display: false },
				tooltip: {
					displayColors: false,
					titleFont: font,
					bodyFont: font,
					callbacks: {
						title: ([item]) => (item ? read().x.text(item.parsed.x ?? 0) : ''),
						label: ({ dataset, parsed }) =>
							`${dataset.label ?? ''}: ${read().valueText(parsed.y ?? 0)}`
					}
				}
			}
		}
	});
	return {
		update() {
			chart.data.datasets = datasets();
			for (const axis of ['x', 'y'] as const)
				Object.assign(chart.options.scales?.[axis] ?? {}, scale(axis));
			chart.update('none');
		},
		destroy: () => chart.destroy()
	};
}
