/** A colour of the palette, by its token. */
export type Ink = 'ink' | 'soft' | 'rim' | 'cold' | 'leaf' | 'ember' | 'mustard';

export interface Point {
	x: number;
	y: number;
}

export interface PlotLine {
	/** what it shows, for the legend, the table and who reads it off; without one it is only a mark */
	name: string | null;
	points: readonly Point[];
	ink: Ink;
	/** lengths of dash and gap, px; none is a whole line */
	dash?: readonly number[];
	widthPx?: number;
	/** dots instead of a line, or on it, px of their diameter */
	dotPx?: number;
	dotsOnly?: boolean;
}

export interface PlotAxis {
	min: number;
	max: number;
	ticks: readonly number[];
	text: (value: number) => string;
}

/** What stands in a picture beside its lines. */
export type PlotMark =
	| { kind: 'band'; from: number; to: number; ink: Ink; text: string }
	| { kind: 'level'; at: number; ink: Ink; text: string }
	/** the post of a rule: the line must pass under its bar */
	| { kind: 'post'; x: number; y: number }
	| { kind: 'ring'; x: number; y: number; text: string };

/** Lines against time, as data: drawn by Plot.svelte, read off by `readOff`, and read out as a table. */
export interface Plot {
	x: PlotAxis;
	y: PlotAxis;
	lines: readonly PlotLine[];
	/** what may lie between two lines */
	between?: { upper: readonly Point[]; lower: readonly Point[] };
	marks?: readonly PlotMark[];
	/** one value of a line, with its unit */
	valueText: (value: number) => string;
	legend: boolean;
}

/** How far along an axis a value lies, %. */
export const share = (value: number, { min, max }: Pick<PlotAxis, 'min' | 'max'>): number =>
	((value - min) / (max - min || 1)) * 100;

/** A line at a place of its axis, straight between its points; null before its first and after its last. */
export function lineAt(points: readonly Point[], x: number): number | null {
	const after = points.findIndex((point) => point.x >= x);
	if (after < 0) return null;
	const to = points[after];
	if (to.x === x || after === 0) return to.x === x ? to.y : null;
	const from = points[after - 1];
	return from.y + ((to.y - from.y) * (x - from.x)) / (to.x - from.x || 1);
}

/** The picture as a table, at the ticks of its axis, for those who cannot see it; a line that shows nothing there is left empty. */
export function plotTable({ x, lines, valueText }: Plot): { head: string[]; rows: string[][] } {
	const named = lines.filter(({ name }) => name !== null);
	return {
		head: named.map(({ name }) => name as string),
		rows: x.ticks
			.map((tick) => [
				x.text(tick),
				...named.map(({ points }) => {
					const value = lineAt(points, tick);
					return value === null ? '' : valueText(value);
				})
			])
			.filter(([, ...values]) => values.some(Boolean))
	};
}
