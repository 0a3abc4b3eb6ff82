import { dangerC } from '$lib/core/rules';
import type { Habit } from '$lib/present/habit';
import { instantText } from '$lib/present/time';
import { tempNumber, tempText } from '$lib/present/units';
import * as w from '$lib/present/wording';
import { rulerTickMin } from '../table/ruler-span';
import type { Plot } from './plot';

export interface CookLine {
	name: string;
	/** which of the four looks; the same way keeps its own */
	look: number;
	startAtMs: number;
	minutes: readonly number[];
	coldestC: readonly number[];
}

/** Each line has a colour and a dash of its own. */
const looks = [
	{ ink: 'cold', dash: [] },
	{ ink: 'leaf', dash: [10, 4] },
	{ ink: 'ember', dash: [] },
	{ ink: 'mustard', dash: [3, 4] }
] as const;
const minuteMs = 60_000;

/** The core temperatures of several ways on one axis of time, minutes, that ends at serving. */
export function cookPlot({
	lines,
	serveAtMs,
	spanMin,
	coreC,
	habit
}: {
	lines: readonly CookLine[];
	serveAtMs: number;
	spanMin: number;
	coreC: number;
	habit: Habit;
}): Plot {
	const ticks: number[] = [];
	for (let at = 0; at >= -spanMin; at -= rulerTickMin(spanMin)) ticks.unshift(at);
	return {
		x: {
			min: -spanMin,
			max: 0,
			ticks,
			text: (minute) => instantText(serveAtMs + minute * minuteMs, habit)
		},
		y: { min: -20, max: 112, ticks: [-18, 5, 60, 100], text: (c) => tempNumber(c, habit) },
		lines: lines.map(({ name, look, startAtMs, minutes, coldestC }) => ({
			name,
			points: minutes.map((minute, k) => ({
				x: (startAtMs - serveAtMs) / minuteMs + minute,
				y: coldestC[k]
			})),
			...looks[look % looks.length]
		})),
		marks: [
			{
				kind: 'band',
				...dangerC,
				ink: 'mustard',
				text: w.cookChart.danger({
					from: tempNumber(dangerC.from, habit),
					to: tempText(dangerC.to, habit)
				})
			},
			{
				kind: 'level',
				at: coreC,
				ink: 'leaf',
				text: w.cookChart.core({ temperature: tempText(coreC, habit) })
			}
		],
		valueText: (c) => tempText(c, habit),
		legend: true
	};
}
