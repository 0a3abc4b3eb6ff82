import type { Bowl } from '../kitchen/appliance-parameters.ts';
import type { DishKind, DishKindRule, HeatFamily } from '../published/dish-kinds.ts';
import type { Advice, ReasonCode } from '../rules/reasons.ts';
import type { Effort, TableCache } from './run/effort.ts';
import type { RunningCook } from './run/running-cook.ts';
import type { OvenDish, Scenario } from './run/scenario.ts';
import type { Goal } from './run/timeline.ts';
import type { UnknownName, Unknowns } from './run/unknowns.ts';
import type { AnyMethod, Content, CookQuestion, State } from './question.ts';

/** A dish as a kitchen asks which of its appliances are a place for it. */
export interface DishForKitchen {
	kind: DishKind;
	content: Content;
	/** it stands in the pan it is baked in */
	inPan: boolean;
	coreC: number;
}

/** How a household's appliances are set, where it says so. */
export interface KnobSettings {
	/** the oven's knob */
	knob: 'c' | 'f';
	/** printed output, W */
	microwaveW?: number;
}

/** How a pack lies in an appliance. */
export interface Lying {
	/** what it stands in, in an oven */
	dish?: OvenDish;
	/** in its bag, or as the dish it was thawed in: a loose dish stays one body */
	whole?: boolean;
	/** stirred: a loose dish is one temperature throughout */
	stirred?: boolean;
	/** a frozen block comes apart once no ice is left in it */
	comesApart?: boolean;
	/** pieces lie apart in steam or on a rack: without others, the usual pieces of the kind */
	apart?: boolean;
}

/** What a judgement adds: no better than this, and why. */
export type AddReason = (to: Advice, code: ReasonCode, values?: Record<string, number>) => void;

/** How much of an appliance is filled. */
export interface Room {
	fill01: number;
	/** the frozen block goes into the bowl flat; null: not a question, or the bowl was never measured */
	blockFits: boolean | null;
}

/** What is known of a way when its own appliance judges it. */
export interface Judged<M extends AnyMethod> {
	scenario: Scenario<M>;
	option: { hazardH: { likely: number; worst: number } | null };
	/** minutes to set, P90 */
	longMin: number;
	/** what the cook value asks for, at the coldest or the mean, and the least core */
	goal: Goal;
	thicknessM: number;
}

/**
 * All that is to be known of one appliance, in one place. The registry (`index.ts`) makes the union of methods from these, and every
 * question that differs by appliance is asked here.
 */
export interface Appliance<M extends AnyMethod = AnyMethod> {
	readonly name: M['appliance'];

	/** How heat comes to the food. */
	family(method: M): HeatFamily;
	/** Whether two methods set it the same way. */
	same(a: M, b: M): boolean;
	/** 0: set no hotter than the other; up to 1: so much hotter that a recipe's minutes there say nothing of it. */
	hotter01(method: M, than: M): number;

	/** Its usual settings for a dish; none where it is no place for it. */
	usual(dish: DishForKitchen, knobs: KnobSettings): M[];
	/** Why it is no way at all for this dish; null where it may be one. */
	never(question: CookQuestion, method: M): ReasonCode | null;

	lies(question: CookQuestion, method: M, state: State): Lying;
	/** Free thin liquid it wants around the food, L; null: nothing is poured into it. */
	needsL(rule: DishKindRule, at: { question: CookQuestion; state: State }): number | null;
	/** How full it is; what does not fit is said through `add`. */
	room(scenario: Scenario<M>, volumeL: number, add: AddReason): Room;

	/** The food in it, about to be switched on. */
	start(scenario: Scenario<M>, u: Unknowns, effort: Effort, tables: TableCache): RunningCook;
	/** Which unknowns matter. */
	unknowns(scenario: Scenario<M>): UnknownName[];
	/** What its parameters leave open beside them, as a logarithm: how a block is broken up, how a flame is set. */
	readonly unsureLog?: number;
	/** Longest that is simulated, minutes from switching on, or at pressure. */
	readonly longestMin: number;
	/** It gets hot before the food goes in, minutes. */
	preheatMin(question: CookQuestion, method: M): number;
	/** The food stands after it is switched off, minutes. */
	readonly standMin: number;
	/** What has to be reached, where that differs from the kind's own. */
	goal(goal: Goal, question: CookQuestion, method: M): Goal;
	/** Minutes set in it say how far a dish is braised: a cook value is asked for, and it can be too much. */
	readonly cooksOn: boolean;
	/** It heats slowly by design: the table of slow cooking applies (docs/safety.md). */
	readonly slow?: boolean;
	/** Hours in danger are counted to this temperature of the coldest, °C: what is held warmer is pasteurised there. */
	readonly dangerToC?: number;
	/** It may go on while nobody is at home. */
	readonly runsAlone?: boolean;
	/** What the household says of its own, where it says anything. */
	ownOf?(
		of: Pick<CookQuestion, 'slowCooker' | 'pressureCooker' | 'oven'>
	): { measured?: boolean; bowl?: Bowl } | undefined;
	/** A hold under pressure: times are minutes at pressure, and none is set shorter than this. */
	readonly leastHoldMin?: number;

	/** What only this appliance asks of a way. */
	judge(facts: Judged<M>, add: AddReason): void;

	/** Minutes of hands to set it going and to empty it, and of standing by that a minute of its time costs (judgement). */
	readonly hands: { readonly min: number; readonly share: number };
	/** Usual 80 % range of its computed times, as a logarithm: what is believed before a cook is logged (judgement; docs/learning.md). */
	readonly paceSpread: number;
	/** What a forecast rests on: with other figures here, forecasts cannot be compared. */
	rests(question: Partial<CookQuestion>): readonly unknown[];
	/** How what was kept back is added late: while it cooks, for the last minutes uncovered, or once it is open. */
	readonly addsLate: 'in-pot' | 'last-open' | 'after-opening';
	/** Where its cooking stands on a packing day. */
	readonly place: 'burner' | 'oven' | 'slow-cooker' | 'pressure-cooker' | 'microwave' | 'none';
}

/** What most appliances have in common. */
export const plainAppliance = {
	preheatMin: () => 0,
	standMin: 0,
	goal: (goal: Goal) => goal,
	never: () => null,
	rests: () => [],
	judge: () => undefined
} as const;
