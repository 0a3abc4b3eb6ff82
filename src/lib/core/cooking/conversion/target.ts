import { dishKinds, type CookWindow } from '../../published/dish-kinds.ts';
import { scenarioOf } from './reference-scenario.ts';
import type { ConvertInput } from './conversion.ts';
import { heatFamilyOf, noHotter, type Method } from '../method.ts';
import { efforts, timelineOf, type TableCache } from './scenario.ts';
import { valueAt, type Goal } from './timeline.ts';
import { asLikely } from './unknowns.ts';

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

/** The same place in another window: u = (ln C − ln low)/(ln high − ln low), the value clipped to the first one. */
export function carriedOver(cookMin: number, from: CookWindow, to: CookWindow): number {
	const u =
		Math.log(clip(Math.max(leastCookMin, cookMin), from) / from.low) /
		Math.log(from.high / from.low);
	return to.low * (to.high / to.low) ** u;
}

const mapped = ({ from, likely, to }: CookValues, f: (value: number) => number): CookValues => ({
	from: f(from),
	likely: f(likely),
	to: f(to)
});

/** What doneness is wanted in each method. A recipe's own way gets the recipe's own value back. */
export function targetOf(input: ConvertInput, tables: TableCache): Target {
	const { windows } = dishKinds[input.kind];
	const windowOf = (method: Method) => windows[heatFamilyOf(method)];
	const same = (value: number): CookValues => ({ from: value, likely: value, to: value });
	if (input.reheat) return { shown: same(0), in: () => same(0), isClippedIn: () => false };
	// a microwave's minutes make hot, and say nothing of how long a dish braises
	if (!input.known || input.known.method.appliance === 'microwave')
		return {
			shown: same(windows.slow.usual),
			in: (method) => same(windowOf(method).usual),
			isClippedIn: () => false
		};
	const told = input.known;
	const raw = recipeCookValues(input, told, tables);
	const own = windowOf(told.method);
	return {
		shown: mapped(raw, (value) => clip(value, own)),
		// set no hotter than the recipe says, it never takes less than the recipe's own minutes
		in: (method) =>
			noHotter(method, told.method)
				? raw
				: mapped(raw, (value) => carriedOver(value, own, windowOf(method))),
		isClippedIn: (method) =>
			!noHotter(method, told.method) && (raw.likely < own.low || raw.likely > own.high)
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

/** What must be reached: cook value, least core temperature, lethality. */
export function goalOf(input: ConvertInput, cookMin: number): Goal {
	const rule = dishKinds[input.kind];
	const meatless = input.content === 'plain';
	return {
		cookMin,
		coreC: Math.max(input.coreC, meatless ? 0 : rule.floorC),
		lethality70Min: rule.lethality70Min
	};
}
