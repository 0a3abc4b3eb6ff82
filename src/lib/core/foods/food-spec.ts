import { requireRange } from '../require-range.ts';
import { normalisedComposition, type Composition } from './composition.ts';

export interface FoodSpec {
	composition: Composition;
	/** initial freezing point, °C; default from composition */
	freezingC?: number;
	/** conductivity multiplier when unfrozen and loose: 1 solid meat, 1.5 thick mixed dish, 2–3 chunky stew, 3–5 soup */
	mobility?: number;
	/** conductivity multiplier of intact meat once cooked, ramped in from 55 to 75 °C; default 1 */
	cookedGain?: number;
}

/** Constant properties, for checks against closed forms; `latentJPerKg` is released at `freezingC`. */
export interface ConstantMaterial {
	densityKgPerM3: number;
	freezingC?: number;
	latentJPerKg?: number;
	solid: { heatJPerKgK: number; conductivityWPerMK: number };
	/** used throughout when there is no `freezingC` */
	liquid: { heatJPerKgK: number; conductivityWPerMK: number };
}

/** A food with every default filled in. */
export interface Food {
	readonly composition: Readonly<Composition>;
	readonly freezingC: number;
	readonly mobility: number;
	readonly cookedGain: number;
}

/**
 * Initial freezing point from what is dissolved in the water, °C.
 * A straight line through remembered points (soup about −0.9, meat and stew −1.0 to −1.2, bakes −1.6): judgement.
 */
export function freezingPointC(composition: Readonly<Composition>): number {
	const water = Math.max(composition.water, 0.05);
	const depressionK = 0.6 + (25 * composition.ash + 2 * composition.carbohydrate) / water;
	return -Math.min(3, Math.max(0.5, depressionK));
}

/** Checks a food and fills in its defaults. Throws coded errors for values outside what the model covers. */
export function foodFromSpec(spec: Readonly<FoodSpec>): Food {
	const composition = normalisedComposition(spec.composition);
	const freezingC = spec.freezingC ?? freezingPointC(composition);
	return {
		composition,
		freezingC: requireRange('freezingC', freezingC, -20, -0.05),
		mobility: requireRange('mobility', spec.mobility ?? 1, 0.5, 20),
		cookedGain: requireRange('cookedGain', spec.cookedGain ?? 1, 0.5, 3)
	};
}
