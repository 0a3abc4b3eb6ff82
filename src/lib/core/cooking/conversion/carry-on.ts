import { checkedMethod, checkedQuestion } from '../../appliances/checked-question.ts';
import { applianceOf, scenarioOf, type Method, type State } from '../../appliances/index.ts';
import { comeUp, hold, releaseAndRest } from '../../appliances/pressure-cooker/pressure-phases.ts';
import type { CookingState } from '../../appliances/run/cooking-state.ts';
import { efforts, TableCache } from '../../appliances/run/effort.ts';
import type { FoodSoFar } from '../../appliances/run/food-so-far.ts';
import { stepTo, type RunningCook } from '../../appliances/run/running-cook.ts';
import type { Goal } from '../../appliances/run/timeline.ts';
import { asLikely } from '../../appliances/run/unknowns.ts';
import { standsInPan } from '../../appliances/run/lying.ts';
import { foodFromSpec } from '../../foods/food-spec.ts';
import { thicknessM } from '../../heat/shape.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import { requireRange } from '../../require-range.ts';
import { bestAdvice } from '../../rules/best-advice.ts';
import type { Advice, Reason } from '../../rules/reasons.ts';
import type { ConvertInput } from './conversion.ts';
import { goalOf, targetOf } from './target.ts';
import { releaseOf, startedCook } from './timeline-of.ts';

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
/** What is over within the hour is stepped through more closely, s. */
const shortMin = 60;
const shortS = 15;
/** The unfavourable end of hours that are a forecast, as a share of the likely ones (judgement: the spread of power and losses). */
const worstShare = 1.3;

/** The state the food is in now; null before it was in any appliance. Throws coded errors. */
export function cookedSoFar(begun: CookBegun): CookedSoFar | null {
	const food = soFar(begun);
	return food && { coldestC: food.coldestC, meanC: food.meanC, hazardH: food.hazardH };
}

/**
 * How food that was begun in one appliance is finished in another: its cells, the cooking and the hours it has had go with it. Null when
 * it never gets ready there. Throws coded errors for broken input.
 */
export function carryOn(begun: CookBegun, method: Method): CarriedOn | null {
	const food = soFar(begun);
	return food && goOn(begun, food, method);
}

function goOn(begun: CookBegun, food: Food, method: Method): CarriedOn | null {
	const { convert } = begun;
	checkedMethod(method);
	const tables = new TableCache();
	const goal = goalOf(convert, method, targetOf(convert, tables).in(method).likely);
	const found = finishIn(begun, food, method, goal, tables);
	if (!found) return null;
	const preheatMin = applianceOf(method).preheatMin(convert, method);
	const verdict = bestAdvice({
		slow: applianceOf(method).slow ?? false,
		inPan: standsInPan(convert),
		roomC: convert.kitchen.roomC,
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
	checkedQuestion(convert);
	let food: Food | null = null;
	for (const { method, minutes, off = false } of stages) {
		const cook = startIn(convert, state, method, food, new TableCache());
		food = through(cook, requireRange('minutes', minutes, 0, 48 * 60), off);
	}
	return food;
}

/** An appliance with the food in it, as it froze or thawed or as it comes from another one. */
function startIn(
	convert: ConvertInput,
	state: State,
	method: Method,
	food: Food | null,
	tables: TableCache
): RunningCook {
	const { freezingC } = foodFromSpec(convert.food);
	const scenario = food
		? scenarioOf(
				{ ...convert, frozenStartC: Math.min(food.meanC, freezingC) },
				method,
				food.coldestC < freezingC ? state : 'thawed'
			)
		: scenarioOf(convert, method, state);
	const cook = startedCook(scenario, asLikely, efforts.likely, tables);
	if (food) cook.takeOver(food);
	return cook;
}

/** The food after so many minutes. */
function through(cook: RunningCook, minutes: number, off: boolean): Food {
	const { slowS, pressureS } = efforts.likely;
	stepTo(cook, minutes, {
		stepS: cook.atPressure && !off ? pressureS : slowS,
		how: off ? 'off' : 'on'
	});
	if (!off) cook.atPressure?.pot.open();
	return { ...cook.food(), coldestC: cook.coldestC, meanC: cook.meanC, hazardH: cook.hazardH };
}

function finishIn(
	{ convert, state }: CookBegun,
	food: Food,
	method: Method,
	goal: Goal,
	tables: TableCache
): Pick<CarriedOn, 'setMin' | 'totalMin' | 'comeUpMin' | 'hazardH'> | null {
	const cook = startIn(convert, state, method, food, tables);
	const { measure } = dishKinds[convert.kind];
	const isDone = (end: CookingState, coreC = end.coldestC) =>
		(measure === 'mean' ? end.meanCookMin : end.coldestCookMin) >= goal.cookMin &&
		coreC >= goal.coreC &&
		end.lethality70Min >= goal.lethality70Min;
	if (!cook.atPressure) {
		while (!isDone(cook)) {
			if (cook.minute > longestMin) return null;
			cook.step(applianceOf(method).longestMin <= shortMin ? shortS : efforts.likely.slowS);
		}
		const setMin = cook.minute;
		const totalMin = setMin + applianceOf(method).standMin;
		return { setMin, totalMin, comeUpMin: null, hazardH: cook.hazardH };
	}
	const { pot, powerW, targetC } = cook.atPressure;
	const { pressureS, releaseS } = efforts.likely;
	const comeUpMin = comeUp(pot, { powerW, targetC, stepS: pressureS });
	if (comeUpMin === null) return null;
	for (let setMin = holdStepMin; setMin <= longestHoldMin; setMin += holdStepMin) {
		hold(pot, { targetC, minutes: holdStepMin, stepS: pressureS });
		const end = pot.clone();
		const { openedC } = releaseAndRest(end, { release: releaseOf(method), stepS: releaseS });
		if (isDone(end, convert.reheat ? openedC : end.coldestC))
			return { setMin, totalMin: end.minute, comeUpMin, hazardH: end.hazardH };
	}
	return null;
}
