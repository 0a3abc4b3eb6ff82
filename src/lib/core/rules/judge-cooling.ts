import { adoptedLimits, type SafetyLimits } from './limits.ts';
import { missedGate, type CoolingRule } from './two-stage-rule.ts';

/** When a curve passes the rule's temperatures, minutes on the rule's clock; null: not within the forecast. */
export interface GateTimes {
	readonly to21Min: number | null;
	readonly to5Min: number | null;
}

export interface CoolingJudgement {
	/** `at-risk`: passes as likely, not at the unfavourable end of what is unknown */
	readonly verdict: 'pass' | 'at-risk' | 'fail';
	/** the gate that is missed, likely or at the unfavourable end */
	readonly failed: null | 'to21' | 'to5';
}

/** The one judge of cooling: the likely curve and the one at the unfavourable end against a rule, as the household has tightened it. */
export function judgeCooling(
	curves: { readonly likely: GateTimes; readonly slow: GateTimes },
	rule: CoolingRule,
	limits: SafetyLimits = adoptedLimits
): CoolingJudgement {
	const missed = ({ to21Min, to5Min }: GateTimes) => missedGate({ rule, to21Min, to5Min, limits });
	const [likely, slow] = [missed(curves.likely), missed(curves.slow)];
	return { verdict: likely ? 'fail' : slow ? 'at-risk' : 'pass', failed: likely ?? slow };
}
