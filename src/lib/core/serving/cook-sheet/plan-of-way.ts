import type { CookOption } from '../../cooking/conversion/conversion.ts';
import type { CoreTemperatureClass } from '../../published/core-temperatures.ts';
import type { Away } from '../away.ts';
import { addLate } from '../add-late.ts';
import type { Route } from '../thaw-routes.ts';
import { potOf } from './pot-of.ts';
import type { SheetPlan } from './sheet-plan.ts';

/** Something kept back, with the cook's own words for it and what it is like. */
export interface KeptBack {
	name: string;
	like: string;
	text: string;
}

/** A whole cut in one piece rests before it is cut, minutes (USDA: three for whole cuts). */
const wholeCutRestMin = 3;

/**
 * One way of a pack as the plan of a meal, with the words of what goes in late in the order of its additions. Null for a way that is
 * refused or never ready.
 */
export function planOfWay(input: {
	option: CookOption;
	route: Pick<Route, 'name' | 'beforeMin' | 'refused'>;
	pack: {
		state: 'raw' | 'cooked';
		content: 'raw-meat' | 'cooked' | 'plain';
		core: CoreTemperatureClass;
		/** it lies out to thaw since then */
		outSinceMs: number | null;
	};
	kept: readonly KeptBack[];
	serveAtMs: number;
	boilsC: number;
	away?: Away | null;
}): { plan: SheetPlan; lateTexts: string[] } | null {
	const { option, route, pack, kept } = input;
	const pot = potOf(option);
	if (!pot || route.refused || route.beforeMin === null) return null;
	const late = addLate({ items: kept, option, boilsC: input.boilsC });
	return {
		plan: {
			wishMs: input.serveAtMs,
			route: route.name,
			beforeMin: route.beforeMin,
			outSinceMs: pack.outSinceMs,
			pots: [pot],
			raw: pack.content === 'raw-meat',
			restMin: pack.state === 'raw' && pack.core === 'whole-cut' ? wholeCutRestMin : 0,
			late,
			sides: [],
			away: input.away ?? null
		},
		lateTexts: late.map(({ items }) =>
			kept
				.filter(({ name }) => items.includes(name))
				.map(({ text }) => text)
				.join(', ')
		)
	};
}
