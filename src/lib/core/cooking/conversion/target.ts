import { dishKinds } from '../../published/dish-kinds.ts';
import { scenarioOf } from './reference-scenario.ts';
import type { ConvertInput } from './conversion.ts';
import type { Method } from '../method.ts';
import { efforts, timelineOf, type TableCache } from './scenario.ts';
import { valueAt, type Goal } from './timeline.ts';
import { asLikely } from './unknowns.ts';

/** Cook value wanted, minutes at 100 °C by the kind's measure. */
export interface Target {
	from: number;
	likely: number;
	to: number;
	clipped: boolean;
}

/** The cook value the recipe's instruction delivers, clipped to what its kind wants. Slow-cooker factors taken out. */
export function targetOf(input: ConvertInput, tables: TableCache): Target {
	const rule = dishKinds[input.kind];
	const { low, target, high } = rule.cookMin;
	if (input.reheat) return { from: 0, likely: 0, to: 0, clipped: false };
	if (!input.known) return { from: target, likely: target, to: target, clipped: false };
	const { method, state, minutes, startC } = input.known;
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
	const factor = method.appliance === 'slow-cooker' ? rule.slowCookerFactor : 1;
	const raw = (min: number) =>
		timeline.setMin.length ? valueAt(timeline, timeline.cookMin, min) / factor : 0;
	const clip = (value: number) => Math.min(high, Math.max(low, value));
	return {
		from: clip(raw(minutes.from)),
		likely: clip(raw(middle)),
		to: clip(raw(minutes.to)),
		clipped: raw(middle) < low || raw(middle) > high
	};
}

/** What must be reached in an appliance: cook value, least core temperature, lethality. */
export function goalOf(input: ConvertInput, method: Method, cookMin: number): Goal {
	const rule = dishKinds[input.kind];
	const factor = method.appliance === 'slow-cooker' && !input.reheat ? rule.slowCookerFactor : 1;
	const meatless = input.content === 'plain';
	return {
		cookMin: cookMin * factor,
		coreC: Math.max(input.coreC, meatless ? 0 : rule.floorC),
		lethality70Min: rule.lethality70Min
	};
}
