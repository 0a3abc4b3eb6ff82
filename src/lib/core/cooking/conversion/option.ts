import { dishKinds } from '../../published/dish-kinds.ts';
import type { ReasonCode } from '../../safety/best-advice.ts';
import { frameOf, judge, refuse } from './judgement.ts';
import { liquidInKg, scenarioOf } from './reference-scenario.ts';
import { goalOf, type Target } from './target.ts';
import type { ConvertInput, CookOption, Spread } from './conversion.ts';
import type { Method, State } from '../method.ts';
import { efforts, timelineOf, type Scenario, type TableCache } from './scenario.ts';
import { spreadOf } from './spread.ts';
import { readyMin, reachedMin, valueAt, type Goal } from './timeline.ts';
import { asLikely, unknownsOf, type Unknowns } from './unknowns.ts';

/** Longest that is simulated, minutes from switching on or at pressure. */
const longestMin = { 'slow-cooker': 16 * 60, 'pressure-cooker': 240, oven: 12 * 60 } as const;

/** What is computed first: the likely times, before their ranges and what may be advised. */
export interface LikelyTimes {
	method: Method;
	state: State;
	/** minutes to set, and from switching on to ready; null: never ready, or not a way at all */
	setMin: number | null;
	totalMin: number | null;
}

/** One way of cooking: its likely times at once, and a call that adds ranges, hazards and what is advised. */
export function wayOf(
	input: ConvertInput,
	method: Method,
	state: State,
	target: Target,
	tables: TableCache
): { likely: LikelyTimes; option: () => CookOption } {
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
	const refused = (code: ReasonCode, values?: Record<string, number>) => {
		refuse(option, code, values);
		return { likely: { method, state, setMin: null, totalMin: null }, option: () => option };
	};
	const pressure = method.appliance === 'pressure-cooker';
	if (pressure && input.kind === 'assembled-bake') return refused('not-in-pressure-cooker');
	const goal = goalOf(input, method, target.likely);
	const factor = method.appliance === 'slow-cooker' && !input.reheat ? rule.slowCookerFactor : 1;
	const tooSoft = { ...goal, cookMin: rule.cookMin.high * factor };
	const likelyRun = timelineOf({
		scenario,
		unknowns: asLikely,
		effort: efforts.likely,
		tables,
		marks: [goal, { ...goal, cookMin: target.from * factor }],
		until: pressure ? { ...goal, cookMin: Math.max(goal.cookMin, target.to * factor) } : tooSoft,
		longestMin: longestMin[method.appliance]
	});
	option.comeUpMin = likelyRun.comeUpMin;
	const likely = readyMin(likelyRun, goal);
	if (likely === null) return refused('never-ready', { longestMin: longestMin[method.appliance] });
	const comeUp = likelyRun.comeUpMin ?? 0;
	const whole = likely + comeUp;
	const after = pressure ? valueAt(likelyRun, likelyRun.totalMin, likely) - whole : 0;
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
		const recipe = recipeHalfRange(likelyRun, goal, target, factor);
		const bounds = {
			from: whole * Math.exp(-Math.hypot(Math.log(spread.fast01), recipe.down)),
			to: whole * Math.exp(Math.hypot(Math.log(spread.slow01), recipe.up))
		};
		const set: Spread = { from: Math.max(0, bounds.from - comeUp), likely, to: bounds.to - comeUp };
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
	};
	return { likely: { method, state, setMin: likely, totalMin: whole + after }, option: withRange };
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
