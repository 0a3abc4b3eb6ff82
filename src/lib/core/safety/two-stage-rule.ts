/**
 * The cooling rule (US FDA Food Code 2022, 3-501.14): cooked food from 57 to 21 °C within 2 h and to 5 °C within 6 h in all,
 * counted from 57 °C; food that starts below 57 °C to 5 °C within 4 h. Exactly at the limit passes.
 */
export const twoStageRule = {
	source: 'food-code-2022',
	startC: 57,
	firstGateC: 21,
	firstGateMin: 120,
	secondGateC: 5,
	secondGateMin: 360,
	coolStartMin: 240
} as const;

export type CoolingRule = 'two-stage' | 'four-hours';

export function coolingRuleFor(startC: number): CoolingRule {
	return startC >= twoStageRule.startC ? 'two-stage' : 'four-hours';
}

/** Which gate is missed first, or null: minutes after 57 °C (after the start under the four-hour rule); null means never reached. */
export function missedGate(input: {
	rule: CoolingRule;
	to21Min: number | null;
	to5Min: number | null;
	/** tightened by the household */
	limits?: { firstGateMin: number; secondGateMin: number };
}): null | 'to21' | 'to5' {
	const over = (min: number | null, limit: number) => min === null || min > limit;
	const { firstGateMin, secondGateMin } = input.limits ?? twoStageRule;
	if (input.rule === 'four-hours')
		return over(input.to5Min, Math.min(twoStageRule.coolStartMin, secondGateMin)) ? 'to5' : null;
	if (over(input.to21Min, firstGateMin)) return 'to21';
	return over(input.to5Min, secondGateMin) ? 'to5' : null;
}
