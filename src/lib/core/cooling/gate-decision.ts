import { adoptedLimits, type SafetyLimits } from '../safety/limits.ts';
import { ruleGates, twoStageRule } from '../safety/two-stage-rule.ts';
import { coolingView, type CoolingFacts, type CoolingView } from './cooling-view.ts';

/** What is to be done with a run at a moment. */
export type GateDecision =
	| { code: 'on-the-way' }
	/** it will miss the limit as it stands; there is time to help */
	| { code: 'help-it'; gateC: number; leftMin: number }
	/** the limit is here and nobody has measured */
	| { code: 'measure-now'; gateC: number }
	/** above 21 °C as the two hours end, and seen then: to 74 °C and cooled again, once */
	| { code: 'reheat-once' }
	| { code: 'discard'; why: 'seen-late' | 'six-hours' | 'four-hours' | 'reheated-before' }
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
	limits: SafetyLimits = adoptedLimits,
	view: CoolingView = coolingView(run, nowMs, limits)
): GateDecision {
	const { rule } = run.forecast;
	const lastRead = view.readings.at(-1);
	const missed =
		view.verdict === 'fail'
			? ruleGates(rule, limits).find(({ gate }) => gate === view.failed)
			: undefined;
	if (!missed) {
		const { secondGateC } = twoStageRule;
		if (view.nowC > secondGateC) return { code: 'on-the-way' };
		return { code: 'cold', measured: (lastRead?.tempC ?? Infinity) <= secondGateC };
	}
	const { gate, gateC, limitMin } = missed;
	const atMin = (nowMs - run.startedAtMs) / 60_000;
	const dueMin = view.clockStartMin + limitMin;
	if (atMin < dueMin) return { code: 'help-it', gateC, leftMin: dueMin - atMin };
	if ((lastRead?.minute ?? -Infinity) < dueMin - recentMin) return { code: 'measure-now', gateC };
	if (gate === 'to5')
		return { code: 'discard', why: rule === 'four-hours' ? 'four-hours' : 'six-hours' };
	if (run.reheatOfId != null) return { code: 'discard', why: 'reheated-before' };
	if (atMin <= dueMin + noticedMin) return { code: 'reheat-once' };
	return { code: 'discard', why: 'seen-late' };
}
