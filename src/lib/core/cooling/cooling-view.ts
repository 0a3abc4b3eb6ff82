import { gateTimes, throughReadings, type TimedTemperature } from './through-readings.ts';
import { adoptedLimits, type SafetyLimits } from '../safety/limits.ts';
import { missedGate, twoStageRule } from '../safety/two-stage-rule.ts';

/** A run as the screens need it; times in epoch ms. */
export interface CoolingFacts {
	startedAtMs: number;
	endedAtMs: number | null;
	forecast: {
		minutes: number[];
		warmestC: number[];
		slowMinutes: number[];
		slowWarmestC: number[];
		rule: 'two-stage' | 'four-hours';
	};
	readings: { atMs: number; tempC: number }[];
}

export interface CoolingView {
	/** measured, then forecast */
	curve: TimedTemperature[];
	slow: TimedTemperature[];
	readings: TimedTemperature[];
	verdict: 'pass' | 'at-risk' | 'fail';
	failed: null | 'to21' | 'to5';
	clockStartMin: number;
	/** minutes on the rule's clock at which the gates are passed, null: not within the forecast */
	to21Min: number | null;
	to5Min: number | null;
	nowC: number;
	/** the next gate not yet passed, and when its time is up */
	next: { gateC: number; dueAtMs: number } | null;
}

const points = (minutes: readonly number[], temps: readonly number[]): TimedTemperature[] =>
	minutes.map((minute, i) => ({ minute, tempC: temps[i] }));

/** What a cooling run looks like at a moment: forecast through the readings, gates, verdict, next limit. */
export function coolingView(
	run: CoolingFacts,
	nowMs: number,
	safety: SafetyLimits = adoptedLimits
): CoolingView {
	const readings = run.readings.map((r) => ({
		minute: (r.atMs - run.startedAtMs) / 60_000,
		tempC: r.tempC
	}));
	const { curve } = throughReadings(points(run.forecast.minutes, run.forecast.warmestC), readings);
	const slow = throughReadings(
		points(run.forecast.slowMinutes, run.forecast.slowWarmestC),
		readings
	).curve;
	const gates = gateTimes(curve);
	const { rule } = run.forecast;
	const likely = missedGate({ rule, ...gates, limits: safety });
	const unfavourable = missedGate({ rule, ...gateTimes(slow), limits: safety });
	const atMin = ((run.endedAtMs ?? nowMs) - run.startedAtMs) / 60_000;
	const limits: { gateC: number; limitMin: number; passedMin: number | null }[] =
		rule === 'two-stage'
			? [
					{ gateC: 21, limitMin: safety.firstGateMin, passedMin: gates.to21Min },
					{ gateC: 5, limitMin: safety.secondGateMin, passedMin: gates.to5Min }
				]
			: [
					{
						gateC: 5,
						limitMin: Math.min(twoStageRule.coolStartMin, safety.secondGateMin),
						passedMin: gates.to5Min
					}
				];
	const open = limits.find(
		(l) => l.passedMin === null || gates.clockStartMin + l.passedMin > atMin
	);
	return {
		curve,
		slow,
		readings,
		verdict: likely ? 'fail' : unfavourable ? 'at-risk' : 'pass',
		failed: likely ?? unfavourable,
		...gates,
		nowC: tempAt(curve, atMin),
		next: open
			? {
					gateC: open.gateC,
					dueAtMs: run.startedAtMs + (gates.clockStartMin + open.limitMin) * 60_000
				}
			: null
	};
}

function tempAt(curve: readonly TimedTemperature[], minute: number): number {
	for (let i = 1; i < curve.length; i++) {
		if (curve[i].minute < minute) continue;
		const [a, b] = [curve[i - 1], curve[i]];
		const span = b.minute - a.minute;
		return span > 0 ? a.tempC + ((b.tempC - a.tempC) * (minute - a.minute)) / span : b.tempC;
	}
	return curve.at(-1)?.tempC ?? 0;
}
