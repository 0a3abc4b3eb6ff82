/** What others take from here; files beside it are its own. */
export { cautionCodes, cautionsAt, type CautionCode, type Decision } from './cautions.ts';
export { dangerC } from './danger-range.ts';
export {
	adoptedLimits,
	limitsFrom,
	tightestLimits,
	type SafetyLimits,
	type TightenedLimits
} from './limits.ts';
export { holdsH, powerCutVerdict, refreezeC, type PowerCutOutcome } from './power-cut.ts';
export { pullTimes, type PullTimes } from './pull.ts';
export { reasonCodes, type Reason } from './reasons.ts';
export {
	offeredThawPlaces,
	refreeze,
	thawPlaces,
	type RefreezeVerdict,
	type ThawPlace
} from './refreeze.ts';
export { keepsDays } from './refrigerator-days.ts';
export { staysHotMin } from './stays-hot.ts';
export { goodKinds, goodPlaces, stillGood } from './still-good.ts';
export { ruleGates, twoStageRule, type CoolingRule } from './two-stage-rule.ts';
