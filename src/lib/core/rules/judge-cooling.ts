import { adoptedLimits, type SafetyLimits } from './limits.ts';
import { mostGrowthLog } from './growth.ts';
import { missedGate, type CoolingRule } from './two-stage-rule.ts';

/** When a curve passes the rule's temperatures, minutes on the rule's clock; null: not within the forecast. */
export interface GateTimes {
	readonly to21Min: number | null;
	readonly to5Min: number | null;
	/** growth in the worst of it, logarithms to base 10; left out: not looked at */
	readonly growthLog?: number;
}

export interface CoolingJudgement {
	/** `at-risk`: passes as likely, not at the unfavourable end of what is unknown */
	readonly verdict: 'pass' | 'at-risk' | 'fail';
	/** the gate that is missed, likely or at the unfavourable end */
	/** growth counts to the first gate: it comes of being warm for too long */
	readonly failed: null | 'to21' | 'to5';
}

/**
 * The one judge of cooling: the likely curve and the one at the unfavourable end against a rule, as the household has tightened it, and
 * against growth: the stricter decides.
 */
export function judgeCooling(
	curves: { readonly likely: GateTimes; readonly slow: GateTimes },
	rule: CoolingRule,
	limits: SafetyLimits = adoptedLimits
): CoolingJudgement {
	const missed = ({ to21Min, to5Min, growthLog = 0 }: GateTimes) =>
		missedGate({ rule, to21Min, to5Min, limits }) ?? (growthLog > mostGrowthLog ? 'to21' : null);
	const [likely, slow] = [missed(curves.likely), missed(curves.slow)];
	return { verdict: likely ? 'fail' : slow ? 'at-risk' : 'pass', failed: likely ?? slow };
}
