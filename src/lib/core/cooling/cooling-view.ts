import { plausibleReadings } from './plausible-readings.ts';
import {
	coolingStanding,
	fewPoints,
	type CoolingGlance,
	type CoolingStanding
} from './cooling-glance.ts';
import { gateTimes, throughReadings, type TimedTemperature } from './through-readings.ts';
import { adoptedLimits, type SafetyLimits } from '../rules/limits.ts';
import { twoStageRule, type CoolingRule } from '../rules/two-stage-rule.ts';

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
		rule: CoolingRule;
		/** so much longer than its middle another part of it is on the way from 57 to 21 °C */
		leadMin?: number;
	};
	/** `hand`: read and typed by somebody; otherwise by a thermometer, which may have slipped out */
	readings: { atMs: number; tempC: number; source?: 'hand' | 'file' | 'probe' }[];
}

export interface CoolingView extends CoolingStanding {
	/** measured, then forecast */
	curve: TimedTemperature[];
	slow: TimedTemperature[];
	readings: TimedTemperature[];
	/** readings that no food in that place can have: shown, not counted */
	doubtful: TimedTemperature[];
	/** how much slower than forecast it cools */
	stretch: number;
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

/** So many warm readings are kept: a thermometer's of some minutes. */
const mostWarm = 40;

/** What is kept of a run but how it falls: what a view and a glance have in common. */
function gatesOf(run: CoolingFacts): Omit<CoolingGlance, 'falls'> {
	const { curve, slow, readings } = knownFit(run);
	const { leadMin = 0 } = run.forecast;
	const { clockStartMin, to21Min, to5Min } = gateTimes(curve, leadMin);
	const unfavourable = gateTimes(slow, leadMin);
	return {
		rule: run.forecast.rule,
		clockStartMin,
		likely: { to21Min, to5Min },
		slow: { to21Min: unfavourable.to21Min, to5Min: unfavourable.to5Min },
		lastReading: readings.at(-1) ?? null,
		warmReadings: readings.filter(({ tempC }) => tempC > twoStageRule.firstGateC).slice(-mostWarm)
	};
}

/** What is kept beside a run and renewed by its readings, for the clocks on every screen. */
export const glanceOf = (run: CoolingFacts): CoolingGlance => ({
	...gatesOf(run),
	falls: fewPoints(knownFit(run).curve)
});

/** What a cooling run looks like at a moment: forecast through the readings, gates, verdict, next limit. */
export function coolingView(
	run: CoolingFacts,
	nowMs: number,
	limits: SafetyLimits = adoptedLimits
): CoolingView {
	const fit = knownFit(run);
	const glance = { ...gatesOf(run), falls: fit.curve };
	return { ...fit, ...coolingStanding(glance, run, nowMs, limits) };
}
