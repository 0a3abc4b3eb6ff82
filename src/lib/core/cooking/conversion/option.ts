import {
	applianceOf,
	sameSetting,
	scenarioOf,
	type Method,
	type State
} from '../../appliances/index.ts';
import { efforts, type TableCache } from '../../appliances/run/effort.ts';
import type { LyingPiece, Scenario } from '../../appliances/run/scenario.ts';
import {
	reachedMin,
	readyMin,
	valueAt,
	type Goal,
	type Timeline
} from '../../appliances/run/timeline.ts';
import { asLikely, type Unknowns } from '../../appliances/run/unknowns.ts';
import type { Pace } from '../../learning/pace.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import type { ReasonCode } from '../../rules/reasons.ts';
import type { ConvertInput, CookOption, Spread } from './conversion.ts';
import { frameOf, judge, refuse } from './judgement.ts';
import { spreadOf } from './spread.ts';
import { goalOf, type CookValues, type Target } from './target.ts';
import { timelineOf } from './timeline-of.ts';

/** A recipe's time counts as too short when what is safe takes this much longer. */
const noticeably = 1.02;
/** What no parameter of a model says: so much either way, as a logarithm, until an appliance's own pace is learned. Judgement. */
const modelLog = 0.08;

/** Four in five cooks lie in a range: where its end is later than P90, its beginning is later than P10 by so much. */
const shorter01 = 0.85;

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
	/** never sooner than this, at either end, nor fewer hours in danger */
	notBefore?: Way;
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
	const appliance = applianceOf(method);
	const scenario = scenarioOf(input, method, state);
	const option: CookOption = {
		method,
		state,
		setMin: null,
		totalMin: null,
		computedMin: null,
		goodUntilMin: null,
		coreEndC: null,
		hazardH: null,
		addLiquidL: scenario.addedL,
		preheatMin: appliance.preheatMin(input, method),
		comeUpMin: null,
		instead: null,
		...frameOf(scenario)
	};
	const refused = (code: ReasonCode, values?: Record<string, number>) => {
		refuse(option, code, values);
		return { likely: { method, state, setMin: null, totalMin: null }, option: () => option };
	};
	const never = appliance.never(input, method);
	if (never) return refused(never);
	const { leastHoldMin, longestMin } = appliance;
	const atPressure = leastHoldMin !== undefined;
	/** what is cooked on can be cooked too long */
	const canBeTooMuch = appliance.cooksOn && !atPressure && !input.reheat;
	const recipe = recipeMinOf(input, method);
	const wanted = target.in(method);
	const goal = goalOf(input, method, wanted.likely);
	const highMin = rule.windows[appliance.family(method)].high;
	const likelyRun = timelineOf({
		scenario,
		unknowns: asLikely,
		effort: efforts.likely,
		tables,
		marks: [goal, { ...goal, cookMin: wanted.from }],
		until: { ...goal, cookMin: Math.max(wanted.to, canBeTooMuch ? highMin : 0) },
		longestMin
	});
	const pace = input.paces?.[method.appliance];
	// what the appliance really takes is so many times what is computed for its kind
	const slower = pace?.factor ?? 1;
	const comeUp = (likelyRun.comeUpMin ?? 0) * slower;
	option.comeUpMin = likelyRun.comeUpMin === null ? null : comeUp;
	const safe = readyMin(likelyRun, { ...goal, cookMin: 0 });
	const wantedMin = readyMin(likelyRun, goal);
	const asWanted = wantedMin === null ? (notAfter?.setMin ?? null) : wantedMin * slower;
	if (asWanted === null || safe === null) return refused('never-ready', { longestMin });
	const safeMin = safe * slower;
	const ofKind = Math.max(safeMin, Math.min(asWanted, notAfter?.setMin ?? Infinity));
	const computed = Math.max(safeMin, ofKind + learnedMinutes(input, method, state));
	const leastHold = atPressure ? Math.min(leastHoldMin, recipe ?? Infinity) : 0;
	const least = Math.max(leastHold, notBefore?.likely.setMin ?? 0);
	const likely = Math.max(computed, least);
	const whole = likely + comeUp;
	/** the same moment of the run as computed */
	const atLikely = likely / slower;
	const afterSet = atPressure
		? valueAt(likelyRun, likelyRun.totalMin, atLikely) - atLikely - (likelyRun.comeUpMin ?? 0)
		: appliance.standMin;
	const before = option.preheatMin ?? 0;
	const likelyTotal = Math.max(before + whole + afterSet, notBefore?.likely.totalMin ?? 0);
	const after = likelyTotal - before - whole;
	const hazardAt = (run: Timeline, min: number) => {
		// what is held warmer than anything grows is counted to there
		const toMin =
			appliance.dangerToC === undefined
				? min
				: (reachedMin(run.setMin, run.coreC, appliance.dangerToC) ?? min);
		return Math.max(
			valueAt(run, run.hazardH, toMin),
			rule.loose ? valueAt(run, run.poolHazardH, toMin) : 0
		);
	};

	const withRange = (): CookOption => {
		const coarse = (unknowns: Unknowns, solid: boolean) => {
			const to = solid ? { ...goal, cookMin: 0 } : goal;
			const run = timelineOf({
				scenario: solid ? asSolid(scenario) : scenario,
				unknowns,
				effort: efforts.spread,
				tables,
				until: to,
				longestMin: longestMin * 1.5
			});
			const ready = readyMin(run, to);
			return {
				minutes: ready === null ? null : Math.max(ready, leastHold / slower) + (run.comeUpMin ?? 0),
				hazardH: hazardAt(run, ready ?? Infinity)
			};
		};
		const spread = spreadOf(
			appliance.unknowns(scenario),
			(u) => coarse(u, false),
			(u) => coarse(u, true)
		);
		option.coreEndC = valueAt(likelyRun, likelyRun.coreC, atLikely);
		const likelyHazardH = hazardAt(likelyRun, atLikely) * slower;
		option.hazardH = {
			likely: likelyHazardH,
			worst: Math.max(likelyHazardH, (spread?.hazardWorstH ?? Infinity) * Math.max(1, slower))
		};
		if (canBeTooMuch) {
			const until = reachedMin(likelyRun.setMin, likelyRun.cookMin, highMin);
			option.goodUntilMin = until !== null && until * slower > likely ? until * slower : null;
		}
		if (!spread || spread.slow01 === null || spread.solid01 === null) {
			refuse(option, 'may-not-finish', { likelyMin: likely });
			return option;
		}
		const range = recipeHalfRange(likelyRun, goal, wanted);
		// what its cooks say of the next one takes the place of what is usual for its kind
		const unsure = pace ? 0 : Math.hypot(modelLog, appliance.unsureLog ?? 0);
		const fast01 = pace ? pace.from / pace.factor : spread.fast01;
		const slow01 = pace ? pace.to / pace.factor : spread.slow01;
		const upLog = Math.hypot(Math.log(Math.max(1, slow01)), range.up, unsure);
		const downLog = Math.hypot(Math.log(Math.min(1, fast01)), range.down, unsure);
		// the end that is printed is safe though the food conducts as a solid; so late an end leaves more of the range to its beginning
		const solidLog = Math.log(spread.solid01);
		const bounds = {
			from: whole * Math.exp(-downLog * (solidLog > upLog ? shorter01 : 1)),
			to: whole * Math.exp(Math.max(upLog, solidLog))
		};
		// where the other state rules the time, its end and its hours are this one's too
		const other = computed < least && notBefore ? notBefore.option() : null;
		const otherMin = other?.setMin ?? other?.computedMin;
		const set: Spread = {
			from: Math.max(Math.min(leastHold, likely), bounds.from - comeUp, otherMin?.from ?? 0),
			likely,
			to: Math.max(bounds.to - comeUp, otherMin?.to ?? 0)
		};
		if (other?.hazardH)
			option.hazardH = {
				likely: Math.max(option.hazardH.likely, other.hazardH.likely),
				worst: Math.max(option.hazardH.worst, other.hazardH.worst)
			};
		const total: Spread = {
			from: before + comeUp + set.from + after,
			likely: likelyTotal,
			to: before + comeUp + set.to + after
		};
		// at the long end it may only just be ready: it is good at least until then
		if (option.goodUntilMin !== null) option.goodUntilMin = Math.max(option.goodUntilMin, set.to);
		if (recipe !== null && input.known?.state === state && ofKind > recipe * noticeably * slower)
			option.reasons.push({
				code: 'recipe-too-short',
				values: { recipeMin: recipe, safeMin: ofKind }
			});
		judge(input, scenario, option, { longMin: set.to, goal, target });
		sayLearned(option, pace, computed - ofKind);
		option.computedMin = set;
		if (option.advice !== 'refused') {
			option.setMin = set;
			option.totalMin = total;
			option.computedMin = null;
		}
		return option;
	};
	let made: CookOption | null = null;
	return {
		likely: { method, state, setMin: likely, totalMin: likelyTotal },
		option: () => (made ??= withRange())
	};
}

/** Minutes this household adds to a dish in this appliance from this state, or takes off. */
const learnedMinutes = ({ learned }: ConvertInput, { appliance }: Method, state: State): number =>
	learned?.find((one) => one.appliance === appliance && one.state === state)?.byMin ?? 0;

/** A time that rests on the household's own cooks says so. */
function sayLearned(option: CookOption, pace: Pace | undefined, byMin: number): void {
	if (pace)
		option.reasons.push({
			code: 'own-pace',
			values: { times01: pace.factor, cooks: pace.cooks }
		});
	if (Math.abs(byMin) >= 0.5) option.reasons.push({ code: 'own-minutes', values: { byMin } });
}

/** The recipe's own minutes when it is told for this very way; null otherwise. */
function recipeMinOf({ known, reheat }: ConvertInput, method: Method): number | null {
	if (!known || reheat || !sameSetting(known.method, method)) return null;
	return (known.minutes.from + known.minutes.to) / 2;
}

const solid = (piece: LyingPiece | null): LyingPiece | null =>
	piece && {
		...piece,
		food: { ...piece.food, mobility: Math.min(1, piece.food.mobility ?? 1) }
	};

/** The same with food that conducts no better than a solid. */
const asSolid = (s: Scenario<Method>): Scenario<Method> => ({
	...s,
	piece: solid(s.piece),
	apart: s.apart && { piece: solid(s.apart.piece) }
});

/** How far the recipe's own range moves the time, as logarithms down and up. */
function recipeHalfRange(
	run: Timeline & { comeUpMin: number | null },
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
