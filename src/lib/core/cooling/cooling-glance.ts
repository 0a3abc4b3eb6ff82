import { judgeCooling, type CoolingJudgement, type GateTimes } from '../rules/judge-cooling.ts';
import { adoptedLimits, type SafetyLimits } from '../rules/limits.ts';
import { ruleGates, type CoolingRule } from '../rules/two-stage-rule.ts';
import { tempAtMin, type TimedTemperature } from './through-readings.ts';

/** What readings make of a run, as much of it as a clock at the edge of a screen shows; changes only with a reading. */
export interface CoolingGlance {
	rule: CoolingRule;
	/** minutes from the start until the rule's clock began */
	clockStartMin: number;
	likely: GateTimes;
	slow: GateTimes;
	/** how it falls: a few points of the curve through the readings */
	falls: TimedTemperature[];
	lastReading: TimedTemperature | null;
	/** readings above the first gate, the last few: whether a missed limit was seen in time */
	warmReadings?: TimedTemperature[];
}

/** How a run stands at a moment. */
export interface CoolingStanding extends CoolingJudgement, GateTimes {
	rule: CoolingRule;
	clockStartMin: number;
	nowC: number;
	lastReading: TimedTemperature | null;
	warmReadings: TimedTemperature[];
	/** the next gate not yet passed, and when its time is up */
	next: { gateC: number; dueAtMs: number } | null;
}

/** Judges a run by its glance at a moment, within the household's limits. */
export function coolingStanding(
	glance: CoolingGlance,
	run: { startedAtMs: number; endedAtMs: number | null },
	nowMs: number,
	limits: SafetyLimits = adoptedLimits
): CoolingStanding {
	const { rule, clockStartMin, likely, lastReading } = glance;
	const atMin = ((run.endedAtMs ?? nowMs) - run.startedAtMs) / 60_000;
	const passedMin = { to21: likely.to21Min, to5: likely.to5Min };
	const open = ruleGates(rule, limits).find(({ gate }) => {
		const min = passedMin[gate];
		return min === null || clockStartMin + min > atMin;
	});
	return {
		rule,
		clockStartMin,
		...likely,
		...judgeCooling(glance, rule, limits),
		nowC: tempAtMin(glance.falls, atMin),
		lastReading,
		warmReadings: glance.warmReadings ?? [],
		next: open
			? {
					gateC: open.gateC,
					dueAtMs: run.startedAtMs + (clockStartMin + open.limitMin) * 60_000
				}
			: null
	};
}

/** Straight lines between kept points stay this close to the curve, K. */
const closeK = 0.2;

/** As few points of a falling curve as keep straight lines between them close to it (Douglas and Peucker 1973). */
export function fewPoints(curve: readonly TimedTemperature[]): TimedTemperature[] {
	if (curve.length < 3) return [...curve];
	const ends = [curve[0], curve[curve.length - 1]];
	let [farthest, offK] = [0, closeK];
	for (let i = 1; i < curve.length - 1; i++) {
		const off = Math.abs(curve[i].tempC - tempAtMin(ends, curve[i].minute));
		if (off > offK) [farthest, offK] = [i, off];
	}
	if (farthest === 0) return ends;
	return [...fewPoints(curve.slice(0, farthest + 1)), ...fewPoints(curve.slice(farthest)).slice(1)];
}
