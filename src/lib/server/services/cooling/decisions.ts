import {
	coolingView,
	type CoolingWay,
	type CoolingWayName,
	gateDecision,
	type TimedTemperature,
	waysInTime
} from '../../../core/cooling/index.ts';
import { ruleGates, type SafetyLimits, twoStageRule } from '../../../core/rules/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { CoolingDecision } from '../../db/schema/index.ts';
import { type CoolingRun } from '../../queries/cooling.ts';
import { addCooling, moveCooling, setCooling } from '../../writes/cooling.ts';
import { runValues } from './start-cooling.ts';

/** Food this cold needs no forecast of how it gets cold, °C. */
const coldestMovedC = 6;

/** Whether a run's food is not to be eaten: decided so, or the rule says so by what was measured. */
export function isDiscarded(run: CoolingRun, limits: SafetyLimits): boolean {
	if (run.decisions.some(({ code }) => code === 'discarded')) return true;
	const lastMs = run.endedAtMs ?? run.readings.at(-1)?.atMs ?? run.startedAtMs;
	return gateDecision(run, lastMs, limits).code === 'discard';
}

/** The vessel a run's food is in, as ways to cool it are asked for. */
function vesselOfRun({ input: { shape } }: CoolingRun) {
	if (shape.kind === 'cylinder') return { kind: 'pot', diameterM: shape.diameterM } as const;
	if (shape.kind === 'brick')
		return { kind: 'pan', lengthM: shape.lengthM, widthM: shape.widthM } as const;
	return { kind: 'pot', diameterM: 0.24 } as const;
}

/** The ways to cool a run's food, asked from a temperature on. */
const waysQuestion = (run: CoolingRun, startC: number, limits: SafetyLimits) => ({
	food: run.input.food,
	vessel: vesselOfRun(run),
	litres: run.volumeL,
	startC,
	roomC: run.input.roomC,
	refrigeratorC: run.input.refrigeratorC,
	freezerC: run.input.freezerC,
	limits
});

/** What can still be done: every way from the temperature now, and of them those that still pass, the least work first. */
export async function coolingHelps(
	compute: Compute,
	run: CoolingRun,
	nowMs: number,
	limits: SafetyLimits
): Promise<CoolingWay[]> {
	const view = coolingView(run, nowMs, limits);
	const sinceMin = (nowMs - run.startedAtMs) / 60_000 - view.clockStartMin;
	const { ways } = await compute(
		'cooling-ways',
		waysQuestion(run, Math.max(coldestMovedC, view.nowC), limits)
	);
	const leftMin = Object.fromEntries(
		ruleGates(run.forecast.rule, limits).map(({ gate, limitMin }) => [gate, limitMin - sinceMin])
	);
	const passed21 = view.to21Min !== null && view.to21Min <= sinceMin;
	return waysInTime(ways, {
		to21Min: passed21 ? null : (leftMin.to21 ?? null),
		to5Min: leftMin.to5
	}).filter(({ name }) => name !== 'pot-counter');
}

/**
 * Its food was moved into another vessel or place: the same clock of the same rule goes on, with a forecast of its own from the
 * temperature it has now.
 */
export async function moveRun(
	db: Db,
	compute: Compute,
	run: CoolingRun,
	how: { way: CoolingWayName; nowMs: number; limits: SafetyLimits }
): Promise<void> {
	const view = coolingView(run, how.nowMs, how.limits);
	const way = await compute('cooling-choice', {
		...waysQuestion(run, Math.max(coldestMovedC, view.nowC), how.limits),
		names: [how.way]
	});
	const { forecast: after, ...values } = runValues(way);
	const atMin = (how.nowMs - run.startedAtMs) / 60_000;
	const before = (curve: readonly TimedTemperature[]) =>
		curve.filter(({ minute }) => minute < atMin);
	const joined = (
		curve: readonly TimedTemperature[],
		then: { minutes: readonly number[]; tempsC: readonly number[] }
	) => ({
		minutes: [...before(curve).map(({ minute }) => minute), ...then.minutes.map((m) => m + atMin)],
		tempsC: [...before(curve).map(({ tempC }) => tempC), ...then.tempsC]
	});
	const likely = joined(view.curve, { minutes: after.minutes, tempsC: after.warmestC });
	const slow = joined(view.slow, { minutes: after.slowMinutes, tempsC: after.slowWarmestC });
	await moveCooling(db, run, {
		...values,
		input: { ...way.input, startC: run.input.startC },
		forecast: {
			...run.forecast,
			minutes: likely.minutes,
			warmestC: likely.tempsC,
			slowMinutes: slow.minutes,
			slowWarmestC: slow.tempsC,
			iceNeededKg: after.iceNeededKg
		},
		decisions: decided(run, 'moved', how.nowMs, how.limits)
	});
}

const decided = (
	run: CoolingRun,
	code: CoolingDecision['code'],
	nowMs: number,
	limits: SafetyLimits
) => [...run.decisions, { atMs: nowMs, code, tempC: coolingView(run, nowMs, limits).nowC }];

/** Its food is thrown away: the run ends with that. */
export const discardRun = (db: Db, run: CoolingRun, nowMs: number, limits: SafetyLimits) =>
	setCooling(db, run.id, {
		decisions: decided(run, 'discarded', nowMs, limits),
		endedAtMs: nowMs
	});

/** Its food was reheated: the run ends, and another begins that may not miss its limit again. Returns the new run's number. */
export async function coolAgain(
	db: Db,
	compute: Compute,
	run: CoolingRun,
	how: { way: CoolingWayName; nowMs: number; limits: SafetyLimits }
): Promise<number> {
	const way = await compute('cooling-choice', {
		...waysQuestion(run, twoStageRule.reheatC, how.limits),
		names: [how.way]
	});
	await setCooling(db, run.id, {
		decisions: decided(run, 'reheated', how.nowMs, how.limits),
		endedAtMs: how.nowMs
	});
	return addCooling(db, {
		dishId: run.dishId,
		dayId: run.dayId,
		name: run.name,
		...runValues(way),
		reheatOfId: run.id,
		startedAtMs: how.nowMs
	});
}
