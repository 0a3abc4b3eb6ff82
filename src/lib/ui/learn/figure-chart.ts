import {
	BarController,
	BarElement,
	CategoryScale,
	Chart,
	Legend,
	LinearScale,
	LineController,
	LineElement,
	PointElement,
	ScatterController,
	Tooltip
} from 'chart.js';
import { colour } from '../charts/colour';

Chart.register(
	BarController,
	BarElement,
	CategoryScale,
	Legend,
	LinearScale,
	LineController,
	LineElement,
	PointElement,
	ScatterController,
	Tooltip
);

/** Inks that tell series apart, the pale one fills. */
export type Ink = 'cold' | 'leaf' | 'ember' | 'mustard' | 'rim';

/** What a chart of bars shows. Each bar opens its packs. */
export interface Bars {
	kind: 'bars';
	labels: string[];
	series: { name: string; ink: Ink; values: number[]; links: (string | null)[] }[];
	/** a level across, such as the budget */
	level?: { name: string; at: number };
	shown: (value: number) => string;
}

/** Dots, each with its own link, and a line on which both are equal. */
export interface Dots {
	kind: 'dots';
	series: {
		name: string;
		ink: Ink;
		points: { x: number; y: number; text: string; link: string }[];
	}[];
	across: string;
	up: string;
}
export type Figure = Bars | Dots;
interface Spot {
	x: number;
	y: number;
	text?: string;
}

/** Draws a figure; a click or tap on a bar or dot opens what it stands for. */
export function drawFigure(
	canvas: HTMLCanvasElement,
	figure: Figure,
	open: (link: string) => void
): { destroy(): void } {
	const font = { size: 13, family: getComputedStyle(document.body).fontFamily };
	const [ink, hair] = [colour('ink'), colour('hair')];
	const axis = { grid: { color: hair }, border: { color: ink }, ticks: { color: ink, font } };
	const link = (dataset: number, index: number) =>
		figure.kind === 'bars'
			? figure.series[dataset]?.links[index]
			: figure.series[dataset]?.points[index]?.link;
	const shared = {
		animation: false as const,
		maintainAspectRatio: false,
		onClick: (_event: unknown, [hit]: { datasetIndex: number; index: number }[]) => {
			const to = hit && link(hit.datasetIndex, hit.index);
			if (to) open(to);
		},
		onHover: (_event: unknown, [hit]: { datasetIndex: number; index: number }[]) => {
			canvas.style.cursor = hit && link(hit.datasetIndex, hit.index) ? 'pointer' : '';
		}
	};
	const legend = { labels: { color: ink, font, boxWidth: 12, boxHeight: 12 } };
	if (figure.kind === 'bars') {
		const bars = figure.series.map(({ name, ink: of, values }) => ({
			type: 'bar' as const,
			label: name,
			data: values,
			backgroundColor: colour(`${of}-pale`),
			borderColor: colour(of),
			borderWidth: 1.5,
			borderRadius: 3,
			maxBarThickness: 28,
			stack: 'one'
		}));
		const level = figure.level && {
			type: 'line' as const,
			label: figure.level.name,
			data: figure.labels.map(() => figure.level?.at ?? 0),
			borderColor: colour('ember'),
			borderDash: [6, 4],
			borderWidth: 2,
			pointRadius: 0
		};
		return new Chart<'bar' | 'line'>(canvas, {
			type: 'bar',
			data: { labels: figure.labels, datasets: [...bars, ...(level ? [level] : [])] },
			options: {
				...shared,
				scales: {
					x: { ...axis, stacked: true, grid: { display: false } },
					y: {
						...axis,
						stacked: true,
						ticks: { ...axis.ticks, precision: 0, callback: (value) => figure.shown(Number(value)) }
					}
				},
				plugins: {
					legend: { ...legend, display: figure.series.length > 1 },
					tooltip: {
						callbacks: {
							label: ({ dataset, parsed }) =>
								`${dataset.label ?? ''}: ${figure.shown(parsed.y ?? 0)}`
						}
					}
				}
			}
		});
	}
	const most = Math.max(
		10,
		...figure.series.flatMap(({ points }) => points.flatMap(({ x, y }) => [x, y]))
	);
	const dots = figure.series.map(({ name, ink: of, points }) => ({
		type: 'scatter' as const,
		label: name,
		data: points,
		backgroundColor: colour(of),
		pointRadius: 5,
		pointHoverRadius: 7,
		pointHitRadius: 12
	}));
	const even = {
		type: 'line' as const,
		label: '',
		data: [
			{ x: 0, y: 0 },
			{ x: most, y: most }
		],
		borderColor: colour('soft'),
		borderDash: [6, 4],
		borderWidth: 1.5,
		pointRadius: 0,
		pointHitRadius: 0
	};
	return new Chart<'scatter' | 'line', Spot[]>(canvas, {
		type: 'scatter',
		data: { datasets: [...dots, even] },
		options: {
			...shared,
			scales: {
				x: {
					...axis,
					type: 'linear',
					min: 0,
					title: { display: true, text: figure.across, color: ink, font }
				},
				y: { ...axis, min: 0, title: { display: true, text: figure.up, color: ink, font } }
			},
			plugins: {
				legend: {
					...legend,
					labels: {
						...legend.labels,
						usePointStyle: true,
						boxHeight: 7,
						filter: ({ text }) => text !== ''
					}
				},
				tooltip: {
					filter: ({ datasetIndex }) => datasetIndex < figure.series.length,
					callbacks: { label: ({ raw }) => (raw as Spot).text ?? '' }
				}
			}
		}
	});
}
