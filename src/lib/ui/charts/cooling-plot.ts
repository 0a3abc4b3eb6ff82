import type { CoolingView } from '$lib/core/cooling';
import { type CoolingRule, ruleGates, type SafetyLimits, twoStageRule } from '$lib/core/rules';
import { tempNumber, tempText, type Habit } from '$lib/present/units';
import * as w from '$lib/present/wording';
import { hourText } from './hour-text';
import type { Plot, PlotMark } from './plot';

/** A pot cooling, hours since its clock began: what was, the forecast with its unfavourable end, the readings, and the posts of its rule. */
export function coolingPlot({
	view,
	nowMin,
	rule,
	habit,
	limits
}: {
	view: CoolingView;
	nowMin: number;
	rule: CoolingRule;
	habit: Habit;
	limits: SafetyLimits;
}): Plot {
	const hour = (minute: number) => (minute - view.clockStartMin) / 60;
	const xy = (points: typeof view.curve) =>
		points.map(({ minute, tempC }) => ({ x: hour(minute), y: tempC }));
	const last = view.readings.at(-1);
	const lastMin = last?.minute ?? 0;
	const ahead = xy(view.curve.filter(({ minute }) => minute >= lastMin));
	const ring: PlotMark[] = last
		? [
				{
					kind: 'ring',
					x: hour(last.minute),
					y: last.tempC,
					text: `${tempNumber(last.tempC, habit)}°`
				}
			]
		: [];
	return {
		x: {
			min: Math.floor(Math.min(0, hour(0)) * 2) / 2,
			max: 7,
			ticks: [0, 2, 4, 6],
			text: hourText
		},
		y: {
			min: 0,
			max: 100,
			ticks: [twoStageRule.secondGateC, twoStageRule.firstGateC, twoStageRule.startC, 95],
			text: (c) => tempNumber(c, habit)
		},
		lines: [
			{ name: w.charts.forecast, points: ahead, ink: 'cold', dash: [6, 4] },
			{
				name: w.charts.soFar,
				points: xy(view.curve.filter(({ minute }) => minute <= Math.max(lastMin, 0))),
				ink: 'ink'
			},
			{ name: w.charts.readings, points: xy(view.readings), ink: 'ink', dotPx: 10, dotsOnly: true },
			{
				name: null,
				points: [0, 100].map((y) => ({ x: hour(nowMin), y })),
				ink: 'soft',
				dash: [2, 4],
				widthPx: 1.5
			}
		],
		between: { upper: xy(view.slow.filter(({ minute }) => minute >= lastMin)), lower: ahead },
		marks: [
			...ruleGates(rule, limits).map(({ limitMin, gateC }): PlotMark => ({
				kind: 'post',
				x: limitMin / 60,
				y: gateC
			})),
			...ring
		],
		valueText: (c) => tempText(c, habit),
		legend: false
	};
}
