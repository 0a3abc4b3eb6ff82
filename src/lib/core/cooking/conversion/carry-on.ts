import { breakUpMin, brokenUpC } from '../appliances/hob.ts';
import type { CookingState } from '../appliances/cooking-state.ts';
import type { FoodSoFar } from '../appliances/food-so-far.ts';
import { microwaveMin, standingMin } from '../appliances/microwave.ts';
import { foodFromSpec } from '../../foods/food-spec.ts';
import { thicknessM } from '../../heat/shape.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import { requireRange } from '../../require-range.ts';
import { bestAdvice, type Advice, type Reason } from '../../safety/best-advice.ts';
import type { Method, State } from '../method.ts';
import { comeUp, hold, releaseAndRest } from '../pressure/pressure-phases.ts';
import type { ConvertInput } from './conversion.ts';
import { preheatFor } from './option.ts';
import { scenarioOf } from './reference-scenario.ts';
import { efforts, startedCook, TableCache } from './scenario.ts';
import { goalOf, targetOf } from './target.ts';
import type { Goal } from './timeline.ts';
import { asLikely } from './unknowns.ts';

/** What is left to do in another appliance, for food that was begun elsewhere. */
export interface CarriedOn {
	method: Method;
	/** minutes to set there (under pressure: at pressure), and until it is ready, heating up, release and rest included; as likely */
	setMin: number;
	totalMin: number;
	preheatMin: number;
	comeUpMin: number | null;
	/** worst hours between 5 and 60 °C, before and after together */
	hazardH: number;
	advice: Advice;
	reasons: Reason[];
}

/** A cook that was begun: what, how it went in, and how long it has been in each appliance, one after the other. */
export interface CookBegun {
	convert: ConvertInput;
	state: State;
	stages: readonly {
		method: Method;
		minutes: number;
		/** it was never switched on */ off?: boolean;
	}[];
}

/** How far a cook that was begun has come, as likely. */
export interface CookedSoFar {
	coldestC: number;
	meanC: number;
	hazardH: number;
}

type Food = FoodSoFar & CookedSoFar;

/** Longest that is looked ahead, minutes; longest at pressure, and how closely. */
const longestMin = 12 * 60;
const longestHoldMin = 240;
const holdStepMin = 2;
/** The unfavourable end of hours that are a forecast, as a share of the likely ones (judgement: the spread of power and losses). */
const worstShare = 1.3;

/** The state the food is in now; null when it was in a microwave, of which only the heat it takes is known. Throws coded errors. */
export function cookedSoFar(begun: CookBegun): CookedSoFar | null {
	const food = soFar(begun);
	return food && { coldestC: food.coldestC, meanC: food.meanC, hazardH: food.hazardH };
}

/**
 * How food that was begun in one appliance is finished in another: its cells, the cooking and the hours it has had go with it. Null when
 * it never gets ready there, or nobody knows how far it is. Throws coded errors for broken input.
 */
export function carryOn(begun: CookBegun, method: Method): CarriedOn | null {
	const food = soFar(begun);
	return food && goOn(begun, food, method);
}

function goOn(begun: CookBegun, food: Food, method: Method): CarriedOn | null {
	const { convert } = begun;
	const tables = new TableCache();
	const goal = goalOf(convert, targetOf(convert, tables).in(method).likely);
	const found = finishIn(begun, food, method, goal, tables);
	if (!found) return null;
	const preheatMin = preheatFor(convert, method);
	const verdict = bestAdvice({
		method,
		state: begun.state,
		content: convert.content,
		thicknessM: thicknessM(convert.block),
		massKg: convert.massKg,
		hazardH: { likely: found.hazardH, worst: found.hazardH * worstShare },
		dangerH: convert.dangerH
	});
	return { method, preheatMin, ...found, totalMin: found.totalMin + preheatMin, ...verdict };
}

/** The question of a cook that may go on in one of several appliances. */
export interface CarryOnInput {
	begun: CookBegun;
	methods: readonly Method[];
}

/** The same in each of several appliances, soonest ready first; those where it never gets ready are left out. */
export function carryOnIn({ begun, methods }: CarryOnInput): CarriedOn[] {
	const food = soFar(begun);
	if (!food) return [];
	return methods
		.flatMap((method) => goOn(begun, food, method) ?? [])
		.sort((a, b) => a.totalMin - b.totalMin);
}

/** Follows the food through the appliances it has been in. */
function soFar({ convert, state, stages }: CookBegun): Food | null {
	let food: Food | null = null;
	for (const { method, minutes, off = false } of stages) {
		if (method.appliance === 'microwave') return null;
		const where = off ? switchedOff(method, convert.kitchen.roomC) : method;
		const start = startIn(convert, state, where, food, new TableCache());
		food = through(start, food, minutes, off);
	}
	return food;
}

/** An oven that is off is as warm as the room. */
const switchedOff = (method: Method, roomC: number): Method =>
	method.appliance === 'oven' || method.appliance === 'fan-oven'
		? { ...method, ovenC: roomC }
		: method;

/** An appliance with the food in it, as it froze or thawed or as it comes from another one. */
function startIn(
	convert: ConvertInput,
	state: State,
	method: Method,
	food: Food | null,
	tables: TableCache
) {
	const { freezingC } = foodFromSpec(convert.food);
	const scenario = food
		? scenarioOf(
				{ ...convert, frozenStartC: Math.min(food.meanC, freezingC) },
				method,
				food.coldestC < freezingC ? state : 'thawed'
			)
		: scenarioOf(convert, method, state);
	// a block on the hob is broken up first
	const beforeMin = scenario.breakUp ? breakUpMin(scenario.breakUp) : 0;
	const cook = startedCook(scenario, asLikely, efforts.likely, tables);
	const run = cook.pan ?? cook.pot;
	if (food)
		run.takeOver(
			beforeMin > 0 ? { ...food, meanC: Math.max(food.meanC, brokenUpC), body: null } : food
		);
	return { cook, run, beforeMin, startC: food?.meanC ?? convert.frozenStartC ?? -18 };
}

/** The food after so many minutes. */
function through(
	{ cook, run, beforeMin, startC }: ReturnType<typeof startIn>,
	before: Food | null,
	minutes: number,
	off: boolean
): Food {
	const leftMin = requireRange('minutes', minutes, 0, 48 * 60) - (off ? 0 : beforeMin);
	// until it is broken up it is as far as its share of the heat
	if (leftMin < 0) {
		const soFarC = startC + ((brokenUpC - startC) * minutes) / beforeMin;
		const hazardH = before?.hazardH ?? 0;
		return { ...run.food(), body: null, meanC: soFarC, coldestC: soFarC, hazardH };
	}
	if (cook.pan) stepTo(leftMin, (dtS) => cook.pan.step(dtS), cook.pan);
	else if (off || cook.targetC === undefined)
		stepTo(leftMin, (dtS) => cook.pot.step(dtS, { powerW: off ? 0 : cook.powerW }), cook.pot);
	else {
		const { pot, powerW, targetC } = cook;
		while (pot.minute < leftMin - 1e-9) {
			const dtS = Math.min(efforts.likely.pressureS, (leftMin - pot.minute) * 60);
			const isHot = pot.poolC >= targetC - 0.01;
			pot.step(
				dtS,
				isHot ? { powerW: 0, sealed: true, holdPoolC: targetC } : { powerW, sealed: true }
			);
		}
		pot.open();
	}
	return { ...run.food(), coldestC: run.coldestC, meanC: run.meanC, hazardH: run.hazardH };
}

function stepTo(toMin: number, step: (dtS: number) => void, state: CookingState): void {
	while (state.minute < toMin - 1e-9)
		step(Math.min(efforts.likely.slowS, (toMin - state.minute) * 60));
}

function finishIn(
	{ convert, state }: CookBegun,
	food: Food,
	method: Method,
	goal: Goal,
	tables: TableCache
): Pick<CarriedOn, 'setMin' | 'totalMin' | 'comeUpMin' | 'hazardH'> | null {
	if (method.appliance === 'microwave') {
		const setMin = microwaveMin({
			food: convert.food,
			massKg: convert.massKg,
			startC: food.meanC,
			powerW: method.powerW,
			raw: convert.content === 'raw-meat',
			thicknessM: thicknessM(convert.block)
		});
		return { setMin, totalMin: setMin + standingMin, comeUpMin: null, hazardH: food.hazardH };
	}
	const { cook, run, beforeMin } = startIn(convert, state, method, food, tables);
	const { measure } = dishKinds[convert.kind];
	const isDone = (end: CookingState, coreC = end.coldestC) =>
		(measure === 'mean' ? end.meanCookMin : end.coldestCookMin) >= goal.cookMin &&
		coreC >= goal.coreC &&
		end.lethality70Min >= goal.lethality70Min;
	if (cook.pan || cook.targetC === undefined) {
		while (!isDone(run)) {
			if (run.minute > longestMin) return null;
			if (cook.pan) cook.pan.step(efforts.likely.slowS);
			else cook.pot.step(efforts.likely.slowS, { powerW: cook.powerW });
		}
		const setMin = beforeMin + run.minute;
		return { setMin, totalMin: setMin, comeUpMin: null, hazardH: run.hazardH };
	}
	const { pot, powerW, targetC } = cook;
	const { pressureS, releaseS } = efforts.likely;
	const comeUpMin = comeUp(pot, { powerW, targetC, stepS: pressureS });
	if (comeUpMin === null) return null;
	const release = (method.appliance === 'pressure-cooker' && method.release) || 'natural';
	for (let setMin = holdStepMin; setMin <= longestHoldMin; setMin += holdStepMin) {
		hold(pot, { targetC, minutes: holdStepMin, stepS: pressureS });
		const end = pot.clone();
		const { openedC } = releaseAndRest(end, { release, stepS: releaseS });
		if (isDone(end, convert.reheat ? openedC : end.coldestC))
			return { setMin, totalMin: end.minute, comeUpMin, hazardH: end.hazardH };
	}
	return null;
}
