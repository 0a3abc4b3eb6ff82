import { dishKinds } from '../../published/dish-kinds.ts';
import type { ReasonCode } from '../../safety/best-advice.ts';
import { frameOf, judge, refuse } from './judgement.ts';
import { liquidInKg, scenarioOf } from './reference-scenario.ts';
import { goalOf, type CookValues, type Target } from './target.ts';
import type { ConvertInput, CookOption, Spread } from './conversion.ts';
import { heatFamilyOf, sameSetting, type Method, type State } from '../method.ts';
import { efforts, timelineOf, type Scenario, type TableCache } from './scenario.ts';
import { spreadOf } from './spread.ts';
import { readyMin, reachedMin, valueAt, type Goal } from './timeline.ts';
import { asLikely, unknownsOf, type Unknowns } from './unknowns.ts';
import { preheatMinOf } from '../../kitchen/appliance-parameters.ts';

/** Longest that is simulated, minutes from switching on or at pressure. */
const longestMin = { 'slow-cooker': 16 * 60, 'pressure-cooker': 240, oven: 12 * 60 } as const;

/** A hold under pressure is never printed shorter, minutes: nobody sets one, and no lid is that exact (judgement). */
const leastHoldMin = 2;
/** A recipe's time counts as too short when what is safe takes this much longer. */
const noticeably = 1.02;

/** What is computed first: the likely times, before their ranges and what may be advised. */
export interface LikelyTimes {
	method: Method;
	state: State;
	/** minutes to set, and from switching on to ready; null: never ready, or not a way at all */
	setMin: number | null;
	totalMin: number | null;
}

/** What is known of a way from the same one in the other state. */
export interface WayBounds {
	/** never sooner than this */
	notBefore?: LikelyTimes;
	/** cooked no longer than this, as far as it is safe by then */
	notAfter?: LikelyTimes;
}

/** One way of cooking: its likely times at once, and a call that adds ranges, hazards and what is advised. */
export interface Way {
	likely: LikelyTimes;
	option: () => CookOption;
}

/** Computes the likely times of one method in one state. */
export function wayOf({
	input,
	method,
	state,
	target,
	tables,
	notBefore,
	notAfter
}: {
	input: ConvertInput;
	method: Method;
	state: State;
	target: Target;
	tables: TableCache;
} & WayBounds): Way {
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
		preheatMin: method.appliance === 'oven' ? preheatMinOf(input.oven) : 0,
		comeUpMin: null,
		instead: null,
		...frame
	};
	const refused = (code: ReasonCode, values?: Record<string, number>) => {
		refuse(option, code, values);
		return { likely: { method, state, setMin: null, totalMin: null }, option: () => option };
	};
	const pressure = method.appliance === 'pressure-cooker';
	if (pressure && input.kind === 'assembled-bake') return refused('not-in-pressure-cooker');
	const wanted = target.in(method);
	const goal = goalOf(input, wanted.likely);
	const highMin = rule.windows[heatFamilyOf(method)].high;
	const likelyRun = timelineOf({
		scenario,
		unknowns: asLikely,
		effort: efforts.likely,
		tables,
		marks: [goal, { ...goal, cookMin: wanted.from }],
		until: { ...goal, cookMin: Math.max(wanted.to, pressure || input.reheat ? 0 : highMin) },
		longestMin: longestMin[method.appliance]
	});
	option.comeUpMin = likelyRun.comeUpMin;
	const safe = readyMin(likelyRun, { ...goal, cookMin: 0 });
	const asWanted = readyMin(likelyRun, goal) ?? notAfter?.setMin ?? null;
	const computed =
		asWanted === null || safe === null
			? null
			: Math.max(safe, Math.min(asWanted, notAfter?.setMin ?? Infinity));
	if (computed === null)
		return refused('never-ready', { longestMin: longestMin[method.appliance] });
	const comeUp = likelyRun.comeUpMin ?? 0;
	const recipe = recipeMinOf(input, method);
	const least = Math.max(
		pressure ? Math.min(leastHoldMin, recipe ?? Infinity) : 0,
		notBefore?.setMin ?? 0
	);
	const likely = Math.max(computed, least);
	const whole = likely + comeUp;
	const afterSet = pressure ? valueAt(likelyRun, likelyRun.totalMin, likely) - whole : 0;
	const before = option.preheatMin ?? 0;
	const likelyTotal = Math.max(before + whole + afterSet, notBefore?.totalMin ?? 0);
	const after = likelyTotal - before - whole;
	const hazardAt = (run: typeof likelyRun, min: number) =>
		Math.max(valueAt(run, run.hazardH, min), rule.loose ? valueAt(run, run.poolHazardH, min) : 0);

	const withRange = (): CookOption => {
		const coarse = (unknowns: Unknowns, solid: boolean) => {
			const run = timelineOf({
				scenario: solid ? { ...scenario, piece: solidPiece(scenario) } : scenario,
				unknowns,
				effort: efforts.spread,
				tables,
				until: goal,
				longestMin: longestMin[method.appliance] * 1.5
			});
			const ready = readyMin(run, goal);
			return {
				minutes: ready === null ? null : Math.max(ready, least) + (run.comeUpMin ?? 0),
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
			const until = reachedMin(likelyRun.setMin, likelyRun.cookMin, highMin);
			option.goodUntilMin = until !== null && until > likely ? until : null;
		}
		if (!spread || spread.slow01 === null) {
			refuse(option, 'may-not-finish', { likelyMin: likely });
			return option;
		}
		const range = recipeHalfRange(likelyRun, goal, wanted);
		const bounds = {
			from: whole * Math.exp(-Math.hypot(Math.log(spread.fast01), range.down)),
			to: whole * Math.exp(Math.hypot(Math.log(spread.slow01), range.up))
		};
		const set: Spread = {
			from: Math.max(Math.min(least, likely), bounds.from - comeUp),
			likely,
			to: bounds.to - comeUp
		};
		const total: Spread = {
			from: before + comeUp + set.from + after,
			likely: likelyTotal,
			to: before + comeUp + set.to + after
		};
		// at the long end it may only just be ready: it is good at least until then
		if (option.goodUntilMin !== null) option.goodUntilMin = Math.max(option.goodUntilMin, set.to);
		if (recipe !== null && input.known?.state === state && computed > recipe * noticeably)
			option.reasons.push({
				code: 'recipe-too-short',
				values: { recipeMin: recipe, safeMin: computed }
			});
		judge(input, scenario, option, set, target);
		option.computedMin = set;
		if (option.advice !== 'refused') {
			option.setMin = set;
			option.totalMin = total;
			option.computedMin = null;
		}
		return option;
	};
	return { likely: { method, state, setMin: likely, totalMin: likelyTotal }, option: withRange };
}

/** The recipe's own minutes when it is told for this very way; null otherwise. */
function recipeMinOf({ known, reheat }: ConvertInput, method: Method): number | null {
	if (!known || reheat || !sameSetting(known.method, method)) return null;
	return (known.minutes.from + known.minutes.to) / 2;
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
	wanted: CookValues
) {
	const comeUp = run.comeUpMin ?? 0;
	const at = (cookMin: number) => readyMin(run, { ...goal, cookMin });
	const [from, likely, to] = [at(wanted.from), at(wanted.likely), at(wanted.to)];
	const ratio = (a: number | null, b: number | null) =>
		a === null || b === null ? 0 : Math.abs(Math.log((a + comeUp + 1e-6) / (b + comeUp + 1e-6)));
	return { down: ratio(likely, from), up: ratio(to, likely) };
}
