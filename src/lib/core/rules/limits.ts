import { CoreError } from '../errors.ts';
import { twoStageRule } from './two-stage-rule.ts';

/** The limits a household may tighten, never loosen. */
export interface SafetyLimits {
	/** minutes from 57 to 21 °C */
	readonly firstGateMin: number;
	/** minutes from 57 to 5 °C */
	readonly secondGateMin: number;
	/** hours that the worst part of raw or cooked food may likely spend between 5 and 60 °C in a slow cooker */
	readonly dangerH: number;
	/** added to every minimum core temperature, K */
	readonly coreAddedK: number;
}
export type TightenedLimits = Partial<SafetyLimits>;

export const adoptedLimits: SafetyLimits = {
	firstGateMin: twoStageRule.firstGateMin,
	secondGateMin: twoStageRule.secondGateMin,
	dangerH: 4,
	coreAddedK: 0
};

/** How far each may be tightened: beyond these nothing could be cooled or cooked. */
export const tightestLimits: SafetyLimits = {
	firstGateMin: 60,
	secondGateMin: 180,
	dangerH: 1,
	coreAddedK: 10
};

/** The limits in force. Throws a coded error when one is looser than adopted. */
export function limitsFrom(tightened: TightenedLimits | undefined): SafetyLimits {
	const limits = { ...adoptedLimits, ...tightened };
	for (const name of ['firstGateMin', 'secondGateMin', 'dangerH'] as const)
		if (!(limits[name] <= adoptedLimits[name]))
			throw new CoreError('above-range', { name, value: limits[name], max: adoptedLimits[name] });
	if (!(limits.coreAddedK >= adoptedLimits.coreAddedK))
		throw new CoreError('below-range', { name: 'coreAddedK', value: limits.coreAddedK, min: 0 });
	return limits;
}
