import { waterJPerKgK } from '../water/water-heat.ts';
import { CoreError } from '../errors.ts';
import type { FoodSpec } from '../foods/food-spec.ts';
import { requireRange } from '../require-range.ts';
import {
	simulateInSurroundings,
	type Stage,
	type SurroundingsInput
} from '../heat/simulate-in-surroundings.ts';
import { thickened, volumeM3, type Shape } from '../heat/shape.ts';
import { thermalTable, type ThermalTable } from '../heat/thermal-table.ts';
import { judgeCooling, type GateTimes } from '../rules/judge-cooling.ts';
import { cereus, perfringens } from '../rules/growth.ts';
import { WorstCell } from './worst-cell.ts';
import { adoptedLimits } from '../rules/limits.ts';
import {
	coolingRuleFor,
	riceGates,
	twoStageRule,
	type CoolingRule
} from '../rules/two-stage-rule.ts';
import { latentIceJPerKg } from '../published/choi-okos.ts';
import { places, type PlaceName } from '../kitchen/places.ts';

export type CoolingPlace =
	| { place: 'counter' | 'cold-water' | 'refrigerator' | 'freezer'; durationMin?: number }
	/** without amounts the bath is taken to be kept icy, and `iceNeededKg` says what that takes */
	| { place: 'ice-bath'; durationMin?: number; iceKg?: number; waterKg?: number };

export interface CoolingResult {
	minutes: ArrayLike<number>;
	warmestC: ArrayLike<number>;
	/** minutes after the warmest point passed 57 °C (after the start if it began below); null if not within 24 h */
	to21Min: number | null;
	to5Min: number | null;
	/** `two-stage`, or `four-hours` for what was made from ingredients at room temperature */
	rule: CoolingRule;
	/** `at-risk`: passes as likely, not at the unfavourable end of what is unknown */
	verdict: 'pass' | 'at-risk' | 'fail';
	failed: null | 'to21' | 'to5';
	iceNeededKg: number | null;
	/** minutes from the start until the warmest point passed 57 °C */
	clockStartMin: number;
	/** so much longer than its middle another part of it was on the way from 57 to 21 °C: the rule's clock is of that part */
	leadMin: number;
	/** growth in the worst of it at the unfavourable end, logarithms to base 10 */
	growthLog: number;
	/** the curve at the unfavourable end */
	slow: {
		minutes: ArrayLike<number>;
		warmestC: ArrayLike<number>;
		to21Min: number | null;
		to5Min: number | null;
		leadMin: number;
		growthLog: number;
	};
}

export interface CoolingInput {
	food: FoodSpec;
	shape: Shape;
	startC: number;
	places: CoolingPlace[];
	/** a lid halves the top h */
	lid?: boolean;
	/** stirred: one temperature throughout */
	stirred?: boolean;
	roomC?: number;
	refrigeratorC?: number;
	freezerC?: number;
	/** made from ingredients at room temperature, not cooked: four hours to 5 °C */
	fromRoom?: boolean;
	/** cooked rice or pasta: what grows there is another */
	rice?: boolean;
	/** a vessel whose top stands out of the water: its top meets the room's air; default: water on every face */
	topInAir?: boolean;
}

const dayMin = 24 * 60;
/** Share of each unknown taken together so that the joint effect sits at P90 (three of equal weight: 1/√3). */
const jointShare = 1 / Math.sqrt(3);

/**
 * Cooling in one place after another against the two-stage rule. Times are the likely ones; the verdict uses the unfavourable
 * end (h, thickness, mobility, place temperature). Throws coded errors for broken input.
 */
export function predictCooling(input: CoolingInput): CoolingResult {
	if (input.places.length === 0) throw new CoreError('no-stages');
	requireRange('startC', input.startC, -1, 105);
	for (const name of ['roomC', 'refrigeratorC', 'freezerC'] as const)
		if (input[name] !== undefined) requireRange(name, input[name], -60, 60);
	const rule = coolingRuleFor(input.fromRoom ?? false);
	const table = thermalTable(input.food);
	if (input.shape.kind !== 'slab') requireRange('volumeL', volumeM3(input.shape) * 1000, 0, 1000);
	const likely = coolingRun(input, table, { h01: 1, thickness01: 1, warmer01: 0 });
	const slow = coolingRun(
		{ ...input, food: { ...input.food, mobility: Math.min(1, input.food.mobility ?? 1) } },
		null,
		{ h01: jointShare, thickness01: 1 + 0.1 * jointShare, warmer01: jointShare }
	);
	const onIce = input.places.some((p) => p.place === 'ice-bath');
	return {
		minutes: likely.minutes,
		warmestC: likely.warmestC,
		to21Min: likely.to21Min,
		to5Min: likely.to5Min,
		rule,
		...judgeCooling(
			{ likely: onRuleClock(likely), slow: onRuleClock(slow) },
			rule,
			input.rice ? { ...adoptedLimits, ...riceGates } : undefined
		),
		leadMin: likely.leadMin,
		growthLog: slow.growthLog,
		iceNeededKg: onIce
			? heatToRemoveJ(input, table, ontoIceC(input, likely)) / latentIceJPerKg
			: null,
		clockStartMin: likely.clockStartMin,
		slow: {
			minutes: slow.minutes,
			warmestC: slow.warmestC,
			to21Min: slow.to21Min,
			to5Min: slow.to5Min,
			leadMin: slow.leadMin,
			growthLog: slow.growthLog
		}
	};
}

/** Gate times on the rule's clock, which is that of the part of the food that takes longest. */
export function onRuleClock({
	to21Min,
	to5Min,
	leadMin,
	growthLog
}: Pick<CoolingResult['slow'], 'to21Min' | 'to5Min' | 'leadMin' | 'growthLog'>): GateTimes {
	const later = (min: number | null) => (min === null ? null : min + leadMin);
	return { to21Min: later(to21Min), to5Min: later(to5Min), growthLog };
}

/** How warm the food is when it comes onto ice: what other places took before, the ice need not take. */
function ontoIceC(
	input: CoolingInput,
	{ minutes, warmestC }: { minutes: ArrayLike<number>; warmestC: ArrayLike<number> }
): number {
	const at = input.places.findIndex((p) => p.place === 'ice-bath');
	const beforeMin = input.places
		.slice(0, at)
		.reduce((sum, { durationMin }) => sum + (durationMin ?? 0), 0);
	if (beforeMin <= 0) return input.startC;
	const reached = Array.from(minutes).findIndex((minute) => minute >= beforeMin);
	return reached < 0 ? warmestC[warmestC.length - 1] : warmestC[reached];
}

function heatToRemoveJ(input: CoolingInput, table: ThermalTable, fromC: number): number {
	const perM3 = table.enthalpyAt(fromC) - table.enthalpyAt(twoStageRule.secondGateC);
	return Math.max(0, perM3) * volumeM3(input.shape);
}

function placeC(place: PlaceName, input: CoolingInput): number {
	const set = { counter: input.roomC, refrigerator: input.refrigeratorC, freezer: input.freezerC };
	return (place in set ? set[place as keyof typeof set] : undefined) ?? places[place].defaultC;
}

function coolingRun(
	input: CoolingInput,
	table: ThermalTable | null,
	/** h01: 1 likely, else the share of its spread taken off */
	spread: { h01: number; thickness01: number; warmer01: number }
) {
	const shape = thickened(input.shape, spread.thickness01);
	const bathByStage = new Map<Stage, { iceKg: number; waterKg: number; beforeJ: number | null }>();
	const stages = input.places.map((p, i): Stage => {
		const { hWPerM2K, movingHWPerM2K, spread: unknown } = places[p.place];
		const inWater = p.place === 'ice-bath' || p.place === 'cold-water';
		const share = spread.h01 === 1 ? 1 : 1 - unknown.h01 * spread.h01;
		const h = (input.stirred && inWater ? movingHWPerM2K : hWPerM2K) * share;
		const topH = inWater && input.topInAir ? places.counter.hWPerM2K * share : h;
		const last = i === input.places.length - 1;
		const stage: Stage = {
			durationMin: last
				? 2 * dayMin
				: requireRange('durationMin', p.durationMin ?? 2 * dayMin, 0, 1e5),
			ambientC: placeC(p.place, input) + unknown.deltaK * spread.warmer01,
			surface: { side: h, bottom: h, top: topH * (input.lid ? 0.5 : 1) }
		};
		if (p.place === 'ice-bath' && p.iceKg !== undefined)
			bathByStage.set(stage, {
				iceKg: requireRange('iceKg', p.iceKg, 0, 200),
				waterKg: requireRange('waterKg', p.waterKg ?? p.iceKg, 0, 400),
				beforeJ: null
			});
		return stage;
	});
	/** A bath with a given amount of ice: icy until it has melted, then the water warms. */
	const ambientAt: SurroundingsInput['ambientAt'] = (stage, _min, takenJ) => {
		const bath = bathByStage.get(stage);
		if (!bath) return stage.ambientC;
		bath.beforeJ ??= takenJ;
		const givenJ = bath.beforeJ - takenJ;
		const leftJ = givenJ - bath.iceKg * latentIceJPerKg;
		return leftJ <= 0
			? stage.ambientC
			: stage.ambientC + leftJ / ((bath.iceKg + bath.waterKg + 0.1) * waterJPerKgK);
	};
	const falling = (tempC: number) => ({ of: 'warmest', tempC, direction: 'falling' }) as const;
	const worst = new WorstCell(input.rice ? cereus : perfringens);
	const run = simulateInSurroundings({
		food: input.food,
		shape,
		startC: input.startC,
		stages,
		ambientAt,
		stirred: input.stirred,
		table: table ?? undefined,
		fineness: spread.h01 === 1 ? 'normal' : 'coarse',
		crossings: [
			falling(twoStageRule.startC),
			falling(twoStageRule.firstGateC),
			falling(twoStageRule.secondGateC)
		],
		onStep: (body, dtS) => worst.book(body, dtS),
		stopWhenAllCrossed: true
	});
	const clockStartMin = run.crossedMin[0] ?? dayMin;
	const since = (at: number | null) =>
		at === null || at - clockStartMin > dayMin ? null : Math.max(0, at - clockStartMin);
	const to21Min = since(run.crossedMin[1]);
	return {
		minutes: run.minutes,
		warmestC: run.warmestC,
		clockStartMin,
		leadMin: Math.max(0, worst.firstStageMin - (to21Min ?? Infinity)),
		growthLog: worst.growthLog,
		to21Min,
		to5Min: since(run.crossedMin[2])
	};
}
