/**
 * The cooling rule (US FDA Food Code 2022, 3-501.14): cooked food from 57 to 21 °C within 2 h and to 5 °C within 6 h in all; what is made
 * from ingredients at room temperature to 5 °C within 4 h. The clock starts as the food leaves 57 °C, or with it where it is cooler: what
 * starts cooler is never held to less time than what starts hotter. Exactly at the limit passes.
 */
export const twoStageRule = {
	source: 'food-code-2022',
	startC: 57,
	firstGateC: 21,
	firstGateMin: 120,
	secondGateC: 5,
	secondGateMin: 360,
	coolStartMin: 240,
	/** what is reheated to be cooled again is hot through at this, °C (3-403.11) */
	reheatC: 74
} as const;

export type CoolingRule = 'two-stage' | 'four-hours';

/** Which sentence of it counts. */
export const coolingRuleFor = (fromRoom: boolean): CoolingRule =>
	fromRoom ? 'four-hours' : 'two-stage';

type GateLimits = Readonly<{ firstGateMin: number; secondGateMin: number }>;

/** Cooked rice is at room temperature within the hour (UK FSA). */
export const riceGates: GateLimits = {
	firstGateMin: 60,
	secondGateMin: twoStageRule.secondGateMin
};

/** A temperature to be passed, and within how many minutes on the rule's clock. */
export interface RuleGate {
	gate: 'to21' | 'to5';
	gateC: number;
	limitMin: number;
}

/** The gates of a rule in their order; `limits` as the household has tightened them. */
export function ruleGates(rule: CoolingRule, limits: GateLimits = twoStageRule): RuleGate[] {
	const { firstGateC, secondGateC, coolStartMin } = twoStageRule;
	const last = { gate: 'to5', gateC: secondGateC } as const;
	if (rule === 'four-hours')
		return [{ ...last, limitMin: Math.min(coolStartMin, limits.secondGateMin) }];
	return [
		{ gate: 'to21', gateC: firstGateC, limitMin: limits.firstGateMin },
		{ ...last, limitMin: limits.secondGateMin }
	];
}

/** Which gate is missed first, or null: minutes on the rule's clock; null means never reached. */
export function missedGate(input: {
	rule: CoolingRule;
	to21Min: number | null;
	to5Min: number | null;
	/** tightened by the household */
	limits?: GateLimits;
}): null | 'to21' | 'to5' {
	const passedMin = { to21: input.to21Min, to5: input.to5Min };
	const missed = ruleGates(input.rule, input.limits).find(({ gate, limitMin }) => {
		const min = passedMin[gate];
		return min === null || min > limitMin;
	});
	return missed?.gate ?? null;
}
