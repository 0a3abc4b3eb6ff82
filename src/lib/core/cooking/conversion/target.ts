import { dishKinds, type CookWindow, type HeatFamily } from '../../published/dish-kinds.ts';
import type { ConvertInput } from './conversion.ts';
import {
	applianceOf,
	heatFamilyOf,
	otherHeat01,
	scenarioOf,
	type Method
} from '../../appliances/index.ts';
import { efforts, type TableCache } from '../../appliances/run/effort.ts';
import { timelineOf } from './timeline-of.ts';
import { valueAt, type Goal } from '../../appliances/run/timeline.ts';
import { asLikely } from '../../appliances/run/unknowns.ts';

/** Cook values, minutes at 100 °C: the middle of the recipe's range and its ends. */
export interface CookValues {
	from: number;
	likely: number;
	to: number;
}

/** Cook value wanted, as the recipe's own instruction delivers it, or the kind's usual one. */
export interface Target {
	/** to show: within the window of the recipe's own kind of heat */
	shown: CookValues;
	/** what a method has to deliver */
	in(method: Method): CookValues;
	/** the recipe's doneness lies outside its window and is not carried over whole to this method */
	isClippedIn(method: Method): boolean;
}

/** The least of a window as logarithms see it: nothing cooks for less. */
const leastCookMin = 1e-3;

const clip = (value: number, { low, high }: CookWindow) => Math.min(high, Math.max(low, value));

/** Slow and under pressure doneness means the same: the value itself carries over, within the window. */
const wetForLong: ReadonlySet<HeatFamily> = new Set<HeatFamily>(['slow', 'pressure']);

/** The same place in another window: between its low end, its usual point and its high end in proportion, as logarithms. */
export function carriedOver(cookMin: number, from: CookWindow, to: CookWindow): number {
	const value = clip(Math.max(leastCookMin, cookMin), from);
	const between = (a: 'low' | 'usual', b: 'usual' | 'high') => {
		const u = Math.log(value / from[a]) / Math.log(from[b] / from[a]);
		return to[a] * (to[b] / to[a]) ** u;
	};
	return value < from.usual ? between('low', 'usual') : between('usual', 'high');
}

/** Where the ends are the same in both, what is between them carries over as it is. */
const endToEnd = (window: CookWindow): CookWindow => ({
	...window,
	usual: Math.sqrt(window.low * window.high)
});

/**
 * A dish is taken from another heat no further than so many times the usual point there: tender sooner, nothing is lost by it (common
 * practice, docs/practice.md).
 */
const overUsual: Readonly<Record<HeatFamily, number>> = {
	dry: 1.25,
	covered: 1.25,
	pressure: 1,
	slow: Infinity
};

/** The same for a cut that is pulled (calibrated to an hour under pressure). */
const pulledOverUsual = 1.75;

const mapped = ({ from, likely, to }: CookValues, f: (value: number) => number): CookValues => ({
	from: f(from),
	likely: f(likely),
	to: f(to)
});

/** What doneness is wanted in each method. A recipe's own way gets the recipe's own value back. */
export function targetOf(input: ConvertInput, tables: TableCache): Target {
	const { windows, sameEverywhere = false } = dishKinds[input.kind];
	const windowOf = (method: Method) => windows[heatFamilyOf(method)];
	const same = (value: number): CookValues => ({ from: value, likely: value, to: value });
	if (input.reheat) return { shown: same(0), in: () => same(0), isClippedIn: () => false };
	const { known } = input;
	const usual = (method: Method) => same(applianceOf(method).cooksOn ? windowOf(method).usual : 0);
	if (!known) return { shown: same(windows.slow.usual), in: usual, isClippedIn: () => false };
	const told = known.method;
	const raw = recipeCookValues(input, known, tables);
	// minutes of what only makes hot say nothing of how long a dish braises elsewhere
	if (!applianceOf(told).cooksOn)
		return {
			shown: same(windows.slow.usual),
			in: (method) => (otherHeat01(method, told) < 1 ? raw : usual(method)),
			isClippedIn: () => false
		};
	const own = windowOf(told);
	const carriedTo = (method: Method, value: number): number => {
		const [here, there] = [heatFamilyOf(method), heatFamilyOf(told)];
		const to = windowOf(method);
		if (here === there) return clip(value, to);
		// a whole cut is pulled anywhere, but not for longer than that asks
		if (sameEverywhere)
			return Math.min(
				clip(value, to),
				wetForLong.has(here) ? Infinity : to.usual * pulledOverUsual
			);
		const carried =
			wetForLong.has(here) && wetForLong.has(there)
				? carriedOver(value, endToEnd(own), endToEnd(to))
				: carriedOver(value, own, to);
		return Math.min(carried, to.usual * overUsual[here]);
	};
	return {
		shown: mapped(raw, (value) => clip(value, own)),
		in(method) {
			const other01 = otherHeat01(method, told);
			// set no hotter than the recipe says, it never takes less than the recipe's own minutes
			if (other01 === 0) return raw;
			if (!applianceOf(method).cooksOn) return same(0);
			return mapped(raw, (value) => {
				const carried = carriedTo(method, value);
				return Math.max(leastCookMin, value) ** (1 - other01) * carried ** other01;
			});
		},
		isClippedIn: (method) =>
			otherHeat01(method, told) > 0.5 && (raw.likely < own.low || raw.likely > own.high)
	};
}

/** Cook values of a recipe's own instruction at the ends and the middle of its range. */
function recipeCookValues(
	input: ConvertInput,
	{ method, state, minutes, startC }: NonNullable<ConvertInput['known']>,
	tables: TableCache
): CookValues {
	const middle = (minutes.from + minutes.to) / 2;
	const timeline = timelineOf({
		// the recipe means frozen solid, however this pack is now
		scenario: scenarioOf({ ...input, frozenStartC: undefined }, method, state, startC),
		unknowns: asLikely,
		effort: efforts.likely,
		tables,
		until: { cookMin: Infinity, coreC: Infinity, lethality70Min: Infinity },
		longestMin: minutes.to,
		holdsMin: [minutes.from, middle, minutes.to]
	});
	return mapped({ from: minutes.from, likely: middle, to: minutes.to }, (min) =>
		timeline.setMin.length ? valueAt(timeline, timeline.cookMin, min) : 0
	);
}

/** What must be reached in an appliance: cook value, least core temperature, lethality. */
export function goalOf(input: ConvertInput, method: Method, cookMin: number): Goal {
	const rule = dishKinds[input.kind];
	const meatless = input.content === 'plain';
	return applianceOf(method).goal(
		{
			cookMin,
			coreC: Math.max(input.coreC, meatless ? 0 : rule.floorC),
			lethality70Min: rule.lethality70Min
		},
		input,
		method
	);
}
