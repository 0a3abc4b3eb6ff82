import { adoptedLimits, type SafetyLimits } from '../rules/limits.ts';
import { heatingH } from '../rules/heating-hours.ts';
import { ruleGates, twoStageRule } from '../rules/two-stage-rule.ts';
import type { CoolingStanding } from './cooling-glance.ts';
import { coolingView, type CoolingFacts } from './cooling-view.ts';

/** What is to be done with a run at a moment. */
export type GateDecision =
	| { code: 'on-the-way' }
	/** it will miss the limit as it stands; there is time to help */
	| { code: 'help-it'; gateC: number; leftMin: number }
	/** the limit is here and nobody has measured */
	| { code: 'measure-now'; gateC: number }
	/** above 21 °C as the two hours end, and seen then: reheating has begun, to 74 °C within two hours, and cooled again, once */
	| { code: 'reheat-once'; sinceMs: number; untilMs: number }
	| {
			code: 'discard';
			why: 'seen-late' | 'reheat-late' | 'six-hours' | 'four-hours' | 'reheated-before';
	  }
	| { code: 'cold'; measured: boolean };

/** Minutes after the end of the two hours that still count as seen then (judgement). */
const noticedMin = 10;
/** A reading this long before a limit still tells how it stands there, minutes (judgement). */
const recentMin = 15;

/**
 * The adopted cooling rule applied to a run as it is now: within the limits, to be helped, to be measured, to be reheated to 74 °C
 * and cooled again (once), or to be discarded. A forecast alone never condemns: first it asks for a reading.
 */
export function gateDecision(
	run: CoolingFacts,
	nowMs: number,
	limits: SafetyLimits = adoptedLimits
): GateDecision {
	return decisionAt(coolingView(run, nowMs, limits), run, nowMs, limits);
}

/** The same from how a run stands, where the whole of it is not at hand. */
export function decisionAt(
	standing: CoolingStanding,
	run: { startedAtMs: number; reheatOfId?: number | null },
	nowMs: number,
	limits: SafetyLimits = adoptedLimits
): GateDecision {
	const { rule, lastReading } = standing;
	const missed =
		standing.verdict === 'fail'
			? ruleGates(rule, limits).find(({ gate }) => gate === standing.failed)
			: undefined;
	if (!missed) {
		const { secondGateC } = twoStageRule;
		if (standing.nowC > secondGateC) return { code: 'on-the-way' };
		return { code: 'cold', measured: (lastReading?.tempC ?? Infinity) <= secondGateC };
	}
	const { gate, gateC, limitMin } = missed;
	const msAt = (minute: number) => run.startedAtMs + minute * 60_000;
	const atMin = (nowMs - run.startedAtMs) / 60_000;
	const dueMin = standing.clockStartMin + limitMin;
	if (atMin < dueMin) return { code: 'help-it', gateC, leftMin: dueMin - atMin };
	const seenAt =
		gate === 'to21' && run.reheatOfId == null
			? standing.warmReadings.find(
					({ minute }) => minute >= dueMin - recentMin && minute <= dueMin + noticedMin
				)
			: undefined;
	if (seenAt) {
		const sinceMs = msAt(Math.max(seenAt.minute, dueMin));
		const untilMs = sinceMs + heatingH.cooked.caution * 3600_000;
		return nowMs <= untilMs
			? { code: 'reheat-once', sinceMs, untilMs }
			: { code: 'discard', why: 'reheat-late' };
	}
	if ((lastReading?.minute ?? -Infinity) < dueMin - recentMin)
		return { code: 'measure-now', gateC };
	if (gate === 'to5')
		return { code: 'discard', why: rule === 'four-hours' ? 'four-hours' : 'six-hours' };
	if (run.reheatOfId != null) return { code: 'discard', why: 'reheated-before' };
	return { code: 'discard', why: 'seen-late' };
}
