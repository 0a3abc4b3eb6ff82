import { foodFromSpec, type FoodSpec } from '../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../foods/food-properties.ts';
import { checkedShape, thicknessM, type Shape } from '../heat/shape.ts';
import type { Kitchen, PressureCooker, SlowCooker } from '../kitchen/appliance-parameters.ts';
import { requireRange } from '../require-range.ts';
import {
	bestAdvice,
	worse,
	type Advice,
	type Reason,
	type ReasonCode
} from '../safety/best-advice.ts';
import { dishKinds, type DishKind } from '../tables/dish-kinds.ts';
import { blockFitsBowl } from './fit.ts';
import { defaultMethods, type Method, type State } from './method.ts';
import { TableCache, timelineOf, type Effort, type Scenario } from './scenario.ts';
import { spreadOf } from './spread.ts';
import { readyMin, reachedMin, valueAt, type Goal } from './timeline.ts';
import { asLikely, unknownsOf, type Unknowns } from './unknowns.ts';

export interface Spread {
	/** P10 */ from: number;
	likely: number;
	/** P90 */ to: number;
}
export interface CookOption {
	method: Method;
	state: State;
	/** what the cook sets so that it is ready: minutes in the slow cooker or oven, minutes at pressure. null: refused or never ready */
	setMin: Spread | null;
	/** from switching on to ready: come-up, release and rest included */
	totalMin: Spread | null;
	/** the same figures when refused or when the block does not fit, to be shown with the reason, never as advice */
	computedMin: Spread | null;
	/** still good until, minutes after switching on (slow cooker, oven); null when it does not matter or is not known */
	goodUntilMin: number | null;
	/** least core temperature reached; under pressure the higher of the end of hold and the end of rest */
	coreEndC: number | null;
	/** worst cell, the pool of a loose dish included, hours between 5 and 60 °C, likely and at the unfavourable end */
	hazardH: { likely: number; worst: number } | null;
	addLiquidL: number;
	fill01: number;
	blockFits: boolean | null;
	advice: Advice;
	/** codes with their numbers; wording comes later */
	reasons: Reason[];
	/** minutes until it is at pressure, likely */
	comeUpMin: number | null;
	/** the nearest good way, given when this one is refused */
	instead: { method: Method; state: State } | null;
}

export interface ConvertInput {
	kind: DishKind;
	food: FoodSpec;
	/** as frozen, without liquidKg */
	massKg: number;
	/** one frozen block, and how many of them cook together */
	block: Shape;
	blockCount?: number;
	arrangement?: 'side-by-side' | 'stacked';
	/** as it lies when thawed, if different; loose kinds (meat-in-sauce, pulse-soup) need none */
	thawed?: { shape: Shape; count: number; food?: FoodSpec; liquidKg?: number };
	/** the pan it bakes in: the oven is then `filled`, as always for assembled-bake; otherwise a covered roaster */
	pan?: { shape: Shape; food?: FoodSpec };
	content: 'raw-meat' | 'cooked' | 'plain';
	/** minimum core temperature of this pack */
	coreC: number;
	liquidKg: number;
	/** what the recipe says (under pressure: minutes at pressure); null: the kind's own target */
	known: {
		method: Method;
		state: State;
		startC?: number;
		minutes: { from: number; to: number };
	} | null;
	methods?: Method[];
	slowCooker?: SlowCooker;
	pressureCooker?: PressureCooker;
	kitchen: Kitchen;
	/** cooked food that is only to be made hot again: safe core temperature, no cook value asked for */
	reheat?: boolean;
	/** likely hours between 5 and 60 °C allowed in a slow cooker, when tightened; default 4 */
	dangerH?: number;
}

/** Longest that is simulated, minutes from switching on or at pressure. */
const longestMin = { 'slow-cooker': 16 * 60, 'pressure-cooker': 240, oven: 12 * 60 } as const;
/** A hold longer than this (P90) is no sensible way to cook from frozen. Judgement. */
const longHoldMin = { caution: 60, refused: 150 } as const;
const thickBlockM = 0.05;
/** Capacity of the covered roaster assumed in the oven, L. */
const roasterL = 10.8;

/**
 * Times in every appliance and state that deliver the cook value of the recipe's own instruction, subject to the least core
 * temperature and lethality; as ranges, with advice. Throws coded errors for broken input.
 */
export function convertCook(input: ConvertInput): {
	targetCookMin: { from: number; to: number };
	options: CookOption[];
} {
	check(input);
	const tables = new TableCache();
	const target = targetOf(input, tables);
	const methods = input.methods ?? defaultMethods(input.kind);
	const states: State[] = ['thawed', 'frozen'];
	const options = methods.flatMap((method) =>
		states.map((state) => optionOf(input, method, state, target, tables))
	);
	for (const option of options) if (option.advice === 'refused') nameNearest(option, options);
	return { targetCookMin: { from: target.from, to: target.to }, options };
}

function check(input: ConvertInput): void {
	requireRange('massKg', input.massKg, 0.0005, 25);
	requireRange('coreC', input.coreC, 0, 95);
	requireRange('liquidKg', input.liquidKg, 0, 20);
	requireRange('blockCount', input.blockCount ?? 1, 1, 20);
	requireRange('altitudeM', input.kitchen.altitudeM, -500, 9000);
	requireRange('roomC', input.kitchen.roomC, -10, 50);
	checkedShape(input.block);
	foodFromSpec(input.food);
	if (!input.known) return;
	requireRange('minutes.from', input.known.minutes.from, 0, 48 * 60);
	requireRange('minutes.to', input.known.minutes.to, input.known.minutes.from, 48 * 60);
}

function scenarioOf(input: ConvertInput, method: Method, state: State, startC?: number): Scenario {
	const rule = dishKinds[input.kind];
	const filled =
		method.appliance === 'oven' && (input.kind === 'assembled-bake' || input.pan !== undefined);
	const asThawed = state === 'thawed';
	const count = input.blockCount ?? 1;
	const stacked = input.arrangement === 'stacked' && count > 1;
	let piece: Scenario['piece'];
	if (filled && input.pan)
		piece = { food: input.pan.food ?? input.food, shape: input.pan.shape, count: 1 };
	else if (asThawed && rule.loose && !filled) piece = null;
	else if (asThawed && input.thawed && !filled)
		piece = {
			food: input.thawed.food ?? input.food,
			shape: input.thawed.shape,
			count: input.thawed.count
		};
	else
		piece = {
			food: input.food,
			shape: stacked ? stackedShape(input.block, count) : input.block,
			count: stacked ? 1 : count
		};
	return {
		kind: input.kind,
		method,
		piece,
		massKg: input.massKg,
		liquidKg: liquidInKg(input, method, state).total,
		startC: startC ?? (asThawed ? 4 : -18),
		filled,
		slowCooker: input.slowCooker ?? { volumeL: 5.7 },
		pressureCooker: input.pressureCooker ?? { volumeL: 5.7 },
		kitchen: input.kitchen
	};
}

function stackedShape(shape: Shape, count: number): Shape {
	switch (shape.kind) {
		case 'slab':
			return { ...shape, thicknessM: shape.thicknessM * count };
		case 'brick':
		case 'cylinder':
			return { ...shape, heightM: shape.heightM * count };
		case 'sphere':
			return { ...shape, diameterM: shape.diameterM * Math.cbrt(count) };
	}
}

/** Free thin liquid in the pot, and how much of it is to be added, kg (1 L is taken as 1 kg). */
function liquidInKg(
	input: ConvertInput,
	method: Method,
	state: State
): { total: number; added: number } {
	const rule = dishKinds[input.kind].liquidL;
	const own =
		state === 'thawed' && input.thawed?.liquidKg !== undefined
			? input.thawed.liquidKg
			: input.liquidKg;
	if (method.appliance === 'oven' && (input.pan || input.kind === 'assembled-bake'))
		return { total: own, added: 0 };
	const needed =
		method.appliance === 'pressure-cooker'
			? rule.pressure
			: method.appliance === 'oven'
				? rule.oven
				: state === 'frozen'
					? rule.slowFrozen
					: rule.slowThawed;
	// a soup that is thin itself counts as its own liquid once it is loose
	const thin = input.kind === 'pulse-soup' && state === 'thawed' ? 0.5 * input.massKg : 0;
	// ten grams short is not worth measuring
	const short = needed - own - thin;
	const added = short > 0.012 ? Math.ceil(short * 100) / 100 : 0;
	return { total: own + added, added };
}

interface Target {
	from: number;
	likely: number;
	to: number;
	clipped: boolean;
}

/** The cook value the recipe's instruction delivers, clipped to what its kind wants. Slow-cooker factors taken out. */
function targetOf(input: ConvertInput, tables: TableCache): Target {
	const rule = dishKinds[input.kind];
	const { low, target, high } = rule.cookMin;
	if (input.reheat) return { from: 0, likely: 0, to: 0, clipped: false };
	if (!input.known) return { from: target, likely: target, to: target, clipped: false };
	const { method, state, minutes, startC } = input.known;
	const middle = (minutes.from + minutes.to) / 2;
	const timeline = timelineOf({
		scenario: scenarioOf(input, method, state, startC),
		unknowns: asLikely,
		effort: 'likely',
		tables,
		until: { cookMin: Infinity, coreC: Infinity, lethality70Min: Infinity },
		longestMin: minutes.to,
		holdsMin: [minutes.from, middle, minutes.to]
	});
	const factor = method.appliance === 'slow-cooker' ? rule.slowCookerFactor : 1;
	const raw = (min: number) =>
		timeline.setMin.length ? valueAt(timeline, timeline.cookMin, min) / factor : 0;
	const clip = (value: number) => Math.min(high, Math.max(low, value));
	return {
		from: clip(raw(minutes.from)),
		likely: clip(raw(middle)),
		to: clip(raw(minutes.to)),
		clipped: raw(middle) < low || raw(middle) > high
	};
}

function goalOf(input: ConvertInput, method: Method, cookMin: number): Goal {
	const rule = dishKinds[input.kind];
	const factor = method.appliance === 'slow-cooker' && !input.reheat ? rule.slowCookerFactor : 1;
	const meatless = input.content === 'plain';
	return {
		cookMin: cookMin * factor,
		coreC: Math.max(input.coreC, meatless ? 0 : rule.floorC),
		lethality70Min: rule.lethality70Min
	};
}

function optionOf(
	input: ConvertInput,
	method: Method,
	state: State,
	target: Target,
	tables: TableCache
): CookOption {
	const rule = dishKinds[input.kind];
	const scenario = scenarioOf(input, method, state);
	const { added } = liquidInKg(input, method, state);
	const frame = frameOf(input, scenario, method, state, added);
	const option: CookOption = {
		method,
		state,
		setMin: null,
		totalMin: null,
		computedMin: null,
		goodUntilMin: null,
		coreEndC: null,
		hazardH: null,
		addLiquidL: added,
		comeUpMin: null,
		instead: null,
		...frame
	};
	if (method.appliance === 'pressure-cooker' && input.kind === 'assembled-bake') {
		refuse(option, 'not-in-pressure-cooker');
		return option;
	}
	const goal = goalOf(input, method, target.likely);
	const pressure = method.appliance === 'pressure-cooker';
	const factor = method.appliance === 'slow-cooker' && !input.reheat ? rule.slowCookerFactor : 1;
	const tooSoft = { ...goal, cookMin: rule.cookMin.high * factor };
	const likelyRun = timelineOf({
		scenario,
		unknowns: asLikely,
		effort: 'likely',
		tables,
		until: pressure ? { ...goal, cookMin: Math.max(goal.cookMin, target.to * factor) } : tooSoft,
		longestMin: longestMin[method.appliance]
	});
	option.comeUpMin = likelyRun.comeUpMin;
	const likely = readyMin(likelyRun, goal);
	if (likely === null) {
		refuse(option, 'never-ready', { longestMin: longestMin[method.appliance] });
		return option;
	}
	const hazardAt = (run: typeof likelyRun, min: number) =>
		Math.max(valueAt(run, run.hazardH, min), rule.loose ? valueAt(run, run.poolHazardH, min) : 0);
	const coarse = (unknowns: Unknowns, solid: boolean) => {
		const run = timelineOf({
			scenario: solid ? { ...scenario, piece: solidPiece(scenario) } : scenario,
			unknowns,
			effort: 'spread' as Effort,
			tables,
			until: goal,
			longestMin: longestMin[method.appliance] * 1.5
		});
		const ready = readyMin(run, goal);
		const before = run.comeUpMin ?? 0;
		return {
			minutes: ready === null ? null : ready + before,
			hazardH: hazardAt(run, ready ?? Infinity)
		};
	};
	const spread = spreadOf(
		unknownsOf(method, scenario.piece === null),
		(u) => coarse(u, false),
		(u) => coarse(u, true)
	);
	option.coreEndC = valueAt(likelyRun, likelyRun.coreC, likely);
	const likelyHazardH = hazardAt(likelyRun, likely);
	option.hazardH = {
		likely: likelyHazardH,
		worst: Math.max(likelyHazardH, spread?.hazardWorstH ?? Infinity)
	};
	if (!pressure && !input.reheat) {
		const until = reachedMin(likelyRun.setMin, likelyRun.cookMin, rule.cookMin.high * factor);
		option.goodUntilMin = until !== null && until > likely ? until : null;
	}
	if (!spread || spread.slow01 === null) {
		refuse(option, 'may-not-finish', { likelyMin: likely });
		return option;
	}
	const comeUp = likelyRun.comeUpMin ?? 0;
	const recipe = recipeHalfRange(likelyRun, goal, target, factor);
	const whole = likely + comeUp;
	const bounds = {
		from: whole * Math.exp(-Math.hypot(Math.log(spread.fast01), recipe.down)),
		to: whole * Math.exp(Math.hypot(Math.log(spread.slow01), recipe.up))
	};
	const set: Spread = { from: Math.max(0, bounds.from - comeUp), likely, to: bounds.to - comeUp };
	const after = pressure ? valueAt(likelyRun, likelyRun.totalMin, likely) - whole : 0;
	const total: Spread = {
		from: comeUp + set.from + after,
		likely: whole + after,
		to: comeUp + set.to + after
	};
	judge(input, scenario, option, set, target);
	option.computedMin = set;
	if (option.advice !== 'refused') {
		option.setMin = set;
		option.totalMin = total;
		option.computedMin = null;
	}
	return option;
}

function solidPiece(s: Scenario): Scenario['piece'] {
	return (
		s.piece && {
			...s.piece,
			food: { ...s.piece.food, mobility: Math.min(1, s.piece.food.mobility ?? 1) }
		}
	);
}

/** How far the recipe's own range moves the time, as logarithms down and up. */
function recipeHalfRange(
	run: Parameters<typeof readyMin>[0] & { comeUpMin: number | null },
	goal: Goal,
	target: Target,
	factor: number
) {
	const comeUp = run.comeUpMin ?? 0;
	const at = (cookMin: number) => readyMin(run, { ...goal, cookMin: cookMin * factor });
	const [from, likely, to] = [at(target.from), at(target.likely), at(target.to)];
	const ratio = (a: number | null, b: number | null) =>
		a === null || b === null ? 0 : Math.abs(Math.log((a + comeUp + 1e-6) / (b + comeUp + 1e-6)));
	return { down: ratio(likely, from), up: ratio(to, likely) };
}

/** Fill, fit and the reasons that come from them. */
function frameOf(input: ConvertInput, s: Scenario, method: Method, state: State, added: number) {
	const rule = dishKinds[input.kind];
	const densityKgPerL = foodDensityKgPerM3(foodFromSpec(input.food)) / 1000;
	const volumeL = input.massKg / densityKgPerL + s.liquidKg;
	const reasons: Reason[] = [];
	let advice: Advice = 'good';
	const add = (to: Advice, code: ReasonCode, values?: Record<string, number>) => {
		advice = worse(advice, to);
		reasons.push(values ? { code, values } : { code });
	};
	let fill01: number;
	let blockFits: boolean | null = null;
	if (method.appliance === 'oven') fill01 = s.filled ? 1 : volumeL / roasterL;
	else {
		const slow = method.appliance === 'slow-cooker';
		const cooker = slow ? s.slowCooker : s.pressureCooker;
		fill01 = volumeL / cooker.volumeL;
		if (state === 'frozen') {
			const stacked = input.arrangement === 'stacked' ? (input.blockCount ?? 1) : 1;
			blockFits = blockFitsBowl(input.block, stacked, cooker.bowl);
			if (blockFits === false) add('refused', 'block-too-big');
		}
		const most = slow ? 1 : rule.pressureFill01;
		if (fill01 > most + 1e-9)
			add('refused', slow ? 'more-than-the-bowl' : 'too-full', { fill01, most01: most });
		else if (slow && fill01 > 0.75) add('caution', 'too-full', { fill01, most01: 0.75 });
		if (slow && fill01 < 0.5) add('good', 'under-half-full', { fill01 });
	}
	if (added > 0) add('good', 'add-liquid', { litres: added });
	return { fill01, blockFits, advice: advice as Advice, reasons };
}

/** Best advice allowed, and what only this appliance asks. */
function judge(
	input: ConvertInput,
	s: Scenario,
	option: CookOption,
	set: Spread,
	target: Target
): void {
	const add = (to: Advice, code: ReasonCode, values?: Record<string, number>) => {
		option.advice = worse(option.advice, to);
		option.reasons.push(values ? { code, values } : { code });
	};
	const thickness = s.piece ? thicknessM(s.piece.shape) : 0;
	const allowed = bestAdvice({
		method: option.method,
		state: option.state,
		content: input.content,
		thicknessM: thickness,
		massKg: input.massKg,
		hazardH: option.hazardH ?? { likely: Infinity, worst: Infinity },
		dangerH: input.dangerH
	});
	option.advice = worse(option.advice, allowed.advice);
	option.reasons.push(...allowed.reasons);
	if (option.method.appliance === 'slow-cooker' && input.kind === 'assembled-bake')
		add('caution', 'poor-in-slow-cooker');
	if (option.method.appliance === 'pressure-cooker') {
		if (input.kind === 'tough-cut' && input.massKg > 2)
			add('caution', 'cut-in-pieces', { massKg: input.massKg, limitKg: 2 });
		if (option.state === 'frozen') {
			if (set.to > longHoldMin.refused)
				add('refused', 'long-under-pressure', { minutes: set.to, limitMin: longHoldMin.refused });
			else if (thickness > thickBlockM + 1e-9 || set.to > longHoldMin.caution)
				add('caution', 'thick-block', { thicknessM: thickness, minutes: set.to });
			add('good', 'set-long-end', { minutes: set.to });
		}
	}
	if (target.clipped) add('good', 'recipe-clipped', { cookMin: target.likely });
}

function refuse(option: CookOption, code: ReasonCode, values?: Record<string, number>): void {
	option.advice = 'refused';
	option.reasons.push(values ? { code, values } : { code });
}

/** The nearest good way: the same appliance from the other state, else the quickest of the best advised. */
function nameNearest(option: CookOption, options: readonly CookOption[]): void {
	const allowed = options.filter((o) => o.advice !== 'refused' && o.totalMin);
	const rank = (o: CookOption) =>
		(o.advice === 'good' ? 0 : 2) +
		(o.method.appliance === option.method.appliance ? 0 : o.state === option.state ? 0.5 : 1);
	const [best] = [...allowed].sort(
		(a, b) => rank(a) - rank(b) || (a.totalMin?.likely ?? 0) - (b.totalMin?.likely ?? 0)
	);
	if (!best) return;
	option.instead = { method: best.method, state: best.state };
	option.reasons.push({ code: 'instead', values: { minutes: best.totalMin?.likely ?? 0 } });
}
