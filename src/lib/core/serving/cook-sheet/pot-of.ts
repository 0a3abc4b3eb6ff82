import type { CarriedOn } from '../../cooking/conversion/carry-on.ts';
import type { CookOption, Spread } from '../../cooking/conversion/conversion.ts';
import { isAtPressure, type State } from '../../appliances/index.ts';
import type { SheetPot } from './sheet-plan.ts';

/** A way of a card as the pot of a sheet; null for one that is refused or never ready. */
export function potOf(option: CookOption): SheetPot | null {
	const { method, state, setMin, totalMin } = option;
	if (!setMin || !totalMin) return null;
	return {
		method,
		state,
		setMin,
		totalMin,
		preheatMin: option.preheatMin ?? 0,
		comeUpMin: isAtPressure(method) ? (option.comeUpMin ?? 0) : null,
		addLiquidL: option.addLiquidL,
		goodUntilMin: option.goodUntilMin,
		readyAtMs: null
	};
}

/** What is left may take as much longer, in share, as a whole cook may (judgement: the spread of the models). */
const spread = { from: 0.8, to: 1.3 } as const;

/** What is left of a cook that goes on in another appliance, as the next pot of its sheet. */
export function nextPot(carried: CarriedOn, state: State): SheetPot {
	const { method, setMin, totalMin, preheatMin, comeUpMin } = carried;
	const set: Spread = { from: setMin * spread.from, likely: setMin, to: setMin * spread.to };
	return {
		method,
		state,
		setMin: set,
		totalMin: {
			from: totalMin - setMin + set.from,
			likely: totalMin,
			to: totalMin - setMin + set.to
		},
		preheatMin,
		comeUpMin,
		// what it was begun with is in it
		addLiquidL: 0,
		goodUntilMin: null,
		readyAtMs: null
	};
}
