import {
	asLikely,
	scaled,
	type UnknownName,
	type Unknowns
} from '../../appliances/run/unknowns.ts';

/** A run's answer: how long, and the hours of the worst cell in the danger range. */
export interface Outcome {
	minutes: number | null;
	hazardH: number;
}

export interface SpreadResult {
	/** factors on the likely time at P10 and P90; `slow01` null when the unfavourable end never gets there */
	fast01: number;
	slow01: number | null;
	/** the same until it is safe with food that conducts no better than a solid (M = 1): what is printed carries that too */
	solid01: number | null;
	/** hours in the danger range at the unfavourable end */
	hazardWorstH: number;
	runs: number;
}

/** A run that never gets ready counts as this much longer when weighing one unknown against another. */
const neverFactor = 4;

/**
 * P10 and P90 from a small design of runs: each unknown alone at its unfavourable end gives its weight; then the joint effect
 * at the most likely point of P90, where every unknown is off by its share of the root sum of squares (first-order
 * reliability). So many small unknowns do not add up as if all were at their worst together.
 */
export function spreadOf(
	names: readonly UnknownName[],
	run: (u: Unknowns) => Outcome,
	/** until it is safe, with food that conducts no better than a solid (M = 1) */
	runSolid: (u: Unknowns) => Outcome
): SpreadResult | null {
	const likely = run(asLikely);
	if (likely.minutes === null) return null;
	const base = likely.minutes;
	const timeWeight = { ...asLikely } as Unknowns;
	const hazardWeight = { ...asLikely } as Unknowns;
	for (const name of names) {
		const alone = run({ ...asLikely, [name]: 1 });
		timeWeight[name] = Math.log(
			alone.minutes === null ? neverFactor : Math.max(alone.minutes, 1e-3) / base
		);
		hazardWeight[name] = alone.hazardH - likely.hazardH;
	}
	const slow = run(designPoint(timeWeight));
	const fast = run(scaled(designPoint(timeWeight), -1));
	const solid = runSolid(designPoint(timeWeight));
	const hazard = runSolid(designPoint(hazardWeight));
	return {
		fast01: fast.minutes === null ? 1 : Math.min(1, fast.minutes / base),
		slow01: slow.minutes === null ? null : Math.max(1, slow.minutes / base),
		solid01: solid.minutes === null ? null : solid.minutes / base,
		hazardWorstH: Math.max(likely.hazardH, slow.hazardH, hazard.hazardH, solid.hazardH),
		runs: names.length + 5
	};
}

function designPoint(weights: Readonly<Unknowns>): Unknowns {
	const length = Math.hypot(...Object.values(weights));
	return length > 0 ? scaled(weights, 1 / length) : { ...asLikely };
}
