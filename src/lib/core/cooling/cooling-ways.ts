import type { FoodSpec } from '../foods/food-spec.ts';
import { requireRange } from '../require-range.ts';
import { foodProperties } from '../foods/food-properties.ts';
import { thicknessM, type Shape } from '../heat/shape.ts';
import { refrigeratorSpare } from '../published/day-work.ts';
import { judgeCooling } from '../rules/judge-cooling.ts';
import type { SafetyLimits } from '../rules/limits.ts';
import { twoStageRule } from '../rules/two-stage-rule.ts';
import {
	onRuleClock,
	predictCooling,
	type CoolingInput,
	type CoolingPlace,
	type CoolingResult
} from './predict-cooling.ts';
import { passedAtMin } from './through-readings.ts';

/** Ways to cool a hot dish, by the effort they take, the least first. */
export const coolingWayNames = [
	'pot-counter',
	'pot-refrigerator',
	'wide-dishes-refrigerator',
	'pot-tap-then-ice',
	'pot-ice-bath',
	'portions-freezer',
	'pot-ice-bath-stirred',
	'bags-ice-water',
	'cut-portions-freezer'
] as const;
export type CoolingWayName = (typeof coolingWayNames)[number];

/** Depth of food in wide dishes, thickness of bags laid flat, metres. */
const wideM = 0.025;
const bagM = 0.03;
/** A wide dish's inside, metres (an oven tray of common size). */
const wideDish = { lengthM: 0.35, widthM: 0.25 };
/** Tap water has done its part when the middle is at this, °C; what is left is the ice's. Judgement. */
const tapToC = 30;
/** Water is changed and the sink is wanted: longer it does not stand there, minutes. */
const tapMostMin = 60;
const flatBag = { lengthM: 0.24, widthM: 0.18 };

export interface CoolingWay {
	name: CoolingWayName;
	vesselKind: 'pot' | 'pan';
	/** of each vessel */
	shape: Shape;
	vessels: number;
	input: CoolingInput;
	result: CoolingResult;
	verdict: CoolingResult['verdict'];
	/** minutes from now until 5 °C, likely */
	coldMin: number | null;
	/** minutes from now until 21 and 5 °C at the unfavourable end */
	slow: { to21Min: number | null; to5Min: number | null };
	/** for all vessels, kg */
	iceKg: number | null;
	/** more at once than the refrigerator takes, or the freezer in a day */
	tooMuchForRefrigerator: boolean;
}

export interface CoolingWaysInput {
	food: FoodSpec;
	/** what it stands in: a round pot, or the pan it is baked in, which can be neither stirred nor spread */
	vessel: { kind: 'pot'; diameterM: number } | { kind: 'pan'; lengthM: number; widthM: number };
	litres: number;
	startC: number;
	roomC?: number;
	refrigeratorC?: number;
	freezerC?: number;
	/** unfrozen food the freezer takes in a day, kg; left out: not known */
	freezerTakesKg?: number;
	names?: readonly CoolingWayName[];
	/** as the household has tightened them */
	limits?: SafetyLimits;
}

/**
 * Hot litres the refrigerator takes at once without warming what is in it: the heat from `fromC` to 5 °C over the hours it has,
 * against the watts it has to spare.
 */
export function refrigeratorTakesL(food: FoodSpec, fromC: number): number {
	const from = foodProperties(food, fromC);
	const to = foodProperties(food, twoStageRule.secondGateC);
	const jPerL = ((from.enthalpyJPerKg - to.enthalpyJPerKg) * to.densityKgPerM3) / 1000;
	const spareJ = refrigeratorSpare.powerW * refrigeratorSpare.withinH * 3600;
	return jPerL > 0 ? spareJ / jPerL : Infinity;
}

/** Ways for what stays in its pan. */
const panWays: readonly CoolingWayName[] = [
	'pot-counter',
	'pot-refrigerator',
	'pot-tap-then-ice',
	'pot-ice-bath',
	'cut-portions-freezer'
];
/** Ways for what runs: nothing is cut from a pot. */
const potWays = coolingWayNames.filter((name) => name !== 'cut-portions-freezer');
/** A portion of a bake, side by side and apart on a tray, metres. */
const portionM = { lengthM: 0.1, widthM: 0.075 };
/** Unfrozen food that a freezer takes at once of which nobody said how much it does, kg: a small chest's day (NCHFP, from memory). */
const unknownFreezerKg = 5;

/** The ways asked for that this vessel allows; all that it allows when none of them is. */
function possibleWays({ vessel, names = coolingWayNames }: CoolingWaysInput): CoolingWayName[] {
	const allowed = vessel.kind === 'pot' ? potWays : panWays;
	const some = names.filter((name) => allowed.includes(name));
	return some.length > 0 ? some : [...allowed];
}

const willDo = (way: CoolingWay) => way.verdict === 'pass' && !way.tooMuchForRefrigerator;

/** Every way computed for one dish; `proposed` is the one of least effort that passes at the unfavourable end, or null. */
export function coolingWays(input: CoolingWaysInput): {
	ways: CoolingWay[];
	proposed: CoolingWayName | null;
} {
	if (input.freezerTakesKg !== undefined)
		requireRange('freezerTakesKg', input.freezerTakesKg, 0, 1e4);
	const ways = possibleWays(input).map((name) => oneWay(name, input));
	return { ways, proposed: ways.find(willDo)?.name ?? null };
}

/** The ways, the least effort first, that from here still pass both limits at the unfavourable end; minutes left from now. */
export function waysInTime(
	ways: readonly CoolingWay[],
	left: { to21Min: number | null; to5Min: number }
): CoolingWay[] {
	const within = (min: number | null, limit: number) => min !== null && min <= limit;
	return ways.filter(
		({ slow, tooMuchForRefrigerator }) =>
			!tooMuchForRefrigerator &&
			(left.to21Min === null || within(slow.to21Min, left.to21Min)) &&
			within(slow.to5Min, left.to5Min)
	);
}

function fromNow({ minutes, warmestC }: CoolingResult['slow']) {
	const curve = Array.from(minutes, (minute, i) => ({ minute, tempC: warmestC[i] }));
	return {
		to21Min: passedAtMin(curve, twoStageRule.firstGateC),
		to5Min: passedAtMin(curve, twoStageRule.secondGateC)
	};
}

/**
 * The way a dish is cooled: of those asked for, in order of effort, the first that passes at the unfavourable end; when none does,
 * the fastest. Computes no more ways than it must.
 */
export function chosenWay(input: CoolingWaysInput): CoolingWay {
	let fastest: CoolingWay | null = null;
	for (const name of possibleWays(input)) {
		const way = oneWay(name, input);
		if (willDo(way)) return way;
		if (!fastest || (way.coldMin ?? Infinity) < (fastest.coldMin ?? Infinity)) fastest = way;
	}
	return fastest as CoolingWay;
}

function oneWay(name: CoolingWayName, input: CoolingWaysInput): CoolingWay {
	const { food, vessel, litres, startC, roomC, refrigeratorC } = input;
	const m3 = litres / 1000;
	const inPot: Shape =
		vessel.kind === 'pot'
			? {
					kind: 'cylinder',
					diameterM: vessel.diameterM,
					heightM: m3 / ((Math.PI / 4) * vessel.diameterM ** 2)
				}
			: {
					kind: 'brick',
					lengthM: vessel.lengthM,
					widthM: vessel.widthM,
					heightM: m3 / (vessel.lengthM * vessel.widthM)
				};
	const spread = (size: { lengthM: number; widthM: number }, heightM: number) => {
		const vessels = Math.max(1, Math.ceil(m3 / (size.lengthM * size.widthM * heightM) - 1e-9));
		const shape: Shape = {
			kind: 'brick',
			...size,
			heightM: m3 / vessels / (size.lengthM * size.widthM)
		};
		return { vessels, shape };
	};
	const base = { food, startC, roomC, refrigeratorC, freezerC: input.freezerC };
	const { vessels, shape, ...how } = {
		'pot-counter': { vessels: 1, shape: inPot, places: [{ place: 'counter' as const }] },
		'pot-refrigerator': { vessels: 1, shape: inPot, places: [{ place: 'refrigerator' as const }] },
		'wide-dishes-refrigerator': {
			...spread(wideDish, wideM),
			places: [{ place: 'refrigerator' as const }]
		},
		'pot-tap-then-ice': {
			vessels: 1,
			shape: inPot,
			places: tapThenIce(base, inPot),
			topInAir: true
		},
		'portions-freezer': { ...spread(flatBag, bagM), places: [{ place: 'freezer' as const }] },
		'pot-ice-bath': {
			vessels: 1,
			shape: inPot,
			places: [{ place: 'ice-bath' as const }],
			topInAir: true
		},
		'bags-ice-water': { ...spread(flatBag, bagM), places: [{ place: 'ice-bath' as const }] },
		'cut-portions-freezer': {
			...portions(m3, inPot),
			places: [{ place: 'freezer' as const }]
		},
		'pot-ice-bath-stirred': {
			vessels: 1,
			shape: inPot,
			places: [{ place: 'ice-bath' as const }],
			topInAir: true,
			stirred: true
		}
	}[name];
	const asked: CoolingInput = { ...base, shape, ...how };
	const result = predictCooling(asked);
	return {
		name,
		vesselKind: vessel.kind,
		shape,
		vessels,
		input: asked,
		result,
		verdict: judgeCooling(
			{ likely: onRuleClock({ ...result, growthLog: 0 }), slow: onRuleClock(result.slow) },
			result.rule,
			input.limits
		).verdict,
		coldMin: result.to5Min === null ? null : result.clockStartMin + result.to5Min,
		slow: fromNow(result.slow),
		iceKg: result.iceNeededKg === null ? null : result.iceNeededKg * vessels,
		tooMuchForRefrigerator:
			(how.places[0].place === 'refrigerator' && litres > refrigeratorTakesL(food, startC)) ||
			(how.places[0].place === 'freezer' &&
				litres * foodProperties(food, 20).densityKgPerM3 >
					1000 * (input.freezerTakesKg ?? unknownFreezerKg))
	};
}

/** A bake cut into portions as high as it stands in its pan. */
function portions(m3: number, shape: Shape): { vessels: number; shape: Shape } {
	const heightM = thicknessM(shape);
	const each = portionM.lengthM * portionM.widthM * heightM;
	return {
		vessels: Math.max(1, Math.round(m3 / each)),
		shape: { kind: 'brick', ...portionM, heightM }
	};
}

/** Cold tap water, changed, until the middle is lukewarm, then ice. */
function tapThenIce(base: Omit<CoolingInput, 'shape' | 'places'>, shape: Shape): CoolingPlace[] {
	const tap = predictCooling({ ...base, shape, places: [{ place: 'cold-water' }], topInAir: true });
	const curve = Array.from(tap.minutes, (minute, i) => ({ minute, tempC: tap.warmestC[i] }));
	const durationMin = Math.min(tapMostMin, passedAtMin(curve, tapToC) ?? tapMostMin);
	return [{ place: 'cold-water', durationMin }, { place: 'ice-bath' }];
}
