import { plausibleReadings } from './plausible-readings.ts';
import {
	gateTimes,
	tempAtMin,
	throughReadings,
	type TimedTemperature
} from './through-readings.ts';
import { adoptedLimits, type SafetyLimits } from '../safety/limits.ts';
import { missedGate, ruleGates } from '../safety/two-stage-rule.ts';

/** A run as the screens need it; times in epoch ms. */
export interface CoolingFacts {
	startedAtMs: number;
	endedAtMs: number | null;
	/** the run whose food was reheated for this one */
	reheatOfId?: number | null;
	forecast: {
		minutes: number[];
		warmestC: number[];
		slowMinutes: number[];
		slowWarmestC: number[];
		rule: 'two-stage' | 'four-hours';
	};
	/** `hand`: read and typed by somebody; otherwise by a thermometer, which may have slipped out */
	readings: { atMs: number; tempC: number; source?: 'hand' | 'file' | 'probe' }[];
}

export interface CoolingView {
	/** measured, then forecast */
	curve: TimedTemperature[];
	slow: TimedTemperature[];
	readings: TimedTemperature[];
	/** readings that no food in that place can have: shown, not counted */
	doubtful: TimedTemperature[];
	/** how much slower than forecast it cools */
	stretch: number;
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

/** What the readings make of a run's forecast: the part of a view that does not change from moment to moment. */
interface Fit {
	curve: TimedTemperature[];
	slow: TimedTemperature[];
	readings: TimedTemperature[];
	doubtful: TimedTemperature[];
	stretch: number;
}

function fitOf(run: CoolingFacts): Fit {
	const forecast = points(run.forecast.minutes, run.forecast.warmestC);
	const { readings, doubtful } = plausibleReadings(
		forecast,
		run.readings.map((r) => ({
			minute: (r.atMs - run.startedAtMs) / 60_000,
			tempC: r.tempC,
			trusted: (r.source ?? 'hand') === 'hand'
		}))
	);
	const { curve, stretch } = throughReadings(forecast, readings);
	const slow = throughReadings(
		points(run.forecast.slowMinutes, run.forecast.slowWarmestC),
		readings
	).curve;
	return { curve, slow, readings, doubtful, stretch };
}

/** Fits by the readings they were made of: screens ask for a view at every tick, the readings change far less often. */
const fits = new WeakMap<
	CoolingFacts['readings'],
	{ forecast: CoolingFacts['forecast']; startedAtMs: number; fit: Fit }
>();

function knownFit(run: CoolingFacts): Fit {
	const { readings, forecast, startedAtMs } = run;
	const known = fits.get(readings);
	if (known?.forecast === forecast && known.startedAtMs === startedAtMs) return known.fit;
	const fit = fitOf(run);
	fits.set(readings, { forecast, startedAtMs, fit });
	return fit;
}

/** What a cooling run looks like at a moment: forecast through the readings, gates, verdict, next limit. */
export function coolingView(
	run: CoolingFacts,
	nowMs: number,
	safety: SafetyLimits = adoptedLimits
): CoolingView {
	const fit = knownFit(run);
	const gates = gateTimes(fit.curve);
	const { rule } = run.forecast;
	const likely = missedGate({ rule, ...gates, limits: safety });
	const unfavourable = missedGate({ rule, ...gateTimes(fit.slow), limits: safety });
	const atMin = ((run.endedAtMs ?? nowMs) - run.startedAtMs) / 60_000;
	const passedMin = { to21: gates.to21Min, to5: gates.to5Min };
	const open = ruleGates(rule, safety).find(({ gate }) => {
		const min = passedMin[gate];
		return min === null || gates.clockStartMin + min > atMin;
	});
	return {
		...fit,
		verdict: likely ? 'fail' : unfavourable ? 'at-risk' : 'pass',
		failed: likely ?? unfavourable,
		...gates,
		nowC: tempAtMin(fit.curve, atMin),
		next: open
			? {
					gateC: open.gateC,
					dueAtMs: run.startedAtMs + (gates.clockStartMin + open.limitMin) * 60_000
				}
			: null
	};
}
