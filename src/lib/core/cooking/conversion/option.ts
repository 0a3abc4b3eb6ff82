import { dishKinds } from '../../published/dish-kinds.ts';
import type { ReasonCode } from '../../safety/best-advice.ts';
import { frameOf, judge, refuse } from './judgement.ts';
import { liquidInKg, scenarioOf } from './reference-scenario.ts';
import { goalOf, type CookValues, type Target } from './target.ts';
import type { ConvertInput, CookOption, Spread } from './conversion.ts';
import { heatFamilyOf, sameSetting, type Method, type State } from '../method.ts';
import { efforts, timelineOf, type Scenario, type TableCache } from './scenario.ts';
import type { Pace } from '../../learning/pace.ts';
import { spreadOf } from './spread.ts';
import { readyMin, reachedMin, valueAt, type Goal } from './timeline.ts';
import { asLikely, unknownsOf, type Unknowns } from './unknowns.ts';
import { fanOvenPreheatMin, preheatMinOf } from '../../kitchen/appliance-parameters.ts';
import { thicknessM } from '../../heat/shape.ts';
import { dividedFromKg, microwaveMin, standingMin } from '../appliances/microwave.ts';

/** Longest that is simulated, minutes from switching on or at pressure. */
const longestMin: Readonly<Record<Method['appliance'], number>> = {
	'slow-cooker': 16 * 60,
	'pressure-cooker': 240,
	oven: 12 * 60,
	hob: 8 * 60,
	'fan-oven': 6 * 60,
	microwave: 60,
	'water-bath': 12 * 60,
	steamer: 6 * 60
};

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
		preheatMin: preheatFor(input, method),
		comeUpMin: null,
		instead: null,
		...frame
	};
	const refused = (code: ReasonCode, values?: Record<string, number>) => {
		refuse(option, code, values);
		return { likely: { method, state, setMin: null, totalMin: null }, option: () => option };
	};
	const pressure = method.appliance === 'pressure-cooker';
	if (method.appliance === 'microwave') return microwaveWay(input, method, state, option);
	const never = neverIn(input, method);
	if (never) return refused(never);
	if (pressure && input.kind === 'assembled-bake') return refused('not-in-pressure-cooker');
	const recipe = recipeMinOf(input, method);
	const wanted =
		method.appliance === 'water-bath' && recipe === null ? noCookValue : target.in(method);
	const goal = {
		...goalOf(input, wanted.likely),
		...(method.appliance === 'water-bath' && bathGoal(method.bathC))
	};
	const highMin = rule.windows[heatFamilyOf(method)].high;
	const likelyRun = timelineOf({
		scenario,
		unknowns: asLikely,
		effort: efforts.likely,
		tables,
		marks: [goal, { ...goal, cookMin: wanted.from }],
		until: {
			...goal,
			cookMin: Math.max(
				wanted.to,
				pressure || input.reheat || method.appliance === 'water-bath' ? 0 : highMin
			)
		},
		longestMin: longestMin[method.appliance]
	});
	const pace = input.paces?.[method.appliance];
	// what the appliance really takes is so many times what is computed for its kind
	const slower = pace?.factor ?? 1;
	const comeUp = (likelyRun.comeUpMin ?? 0) * slower;
	option.comeUpMin = likelyRun.comeUpMin === null ? null : comeUp;
	const safe = readyMin(likelyRun, { ...goal, cookMin: 0 });
	const wantedMin = readyMin(likelyRun, goal);
	const asWanted = wantedMin === null ? (notAfter?.setMin ?? null) : wantedMin * slower;
	if (asWanted === null || safe === null)
		return refused('never-ready', { longestMin: longestMin[method.appliance] });
	const safeMin = safe * slower;
	const ofKind = Math.max(safeMin, Math.min(asWanted, notAfter?.setMin ?? Infinity));
	const computed = Math.max(safeMin, ofKind + learnedMinutes(input, method, state));
	const least = Math.max(
		pressure ? Math.min(leastHoldMin, recipe ?? Infinity) : 0,
		notBefore?.setMin ?? 0
	);
	const likely = Math.max(computed, least);
	const whole = likely + comeUp;
	/** the same moment of the run as computed */
	const atLikely = likely / slower;
	const afterSet = pressure
		? valueAt(likelyRun, likelyRun.totalMin, atLikely) - atLikely - (likelyRun.comeUpMin ?? 0)
		: 0;
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
		option.coreEndC = valueAt(likelyRun, likelyRun.coreC, atLikely);
		const likelyHazardH = hazardAt(likelyRun, atLikely) * slower;
		option.hazardH = {
			likely: likelyHazardH,
			worst: Math.max(likelyHazardH, (spread?.hazardWorstH ?? Infinity) * Math.max(1, slower))
		};
		if (!pressure && !input.reheat && method.appliance !== 'water-bath') {
			const until = reachedMin(likelyRun.setMin, likelyRun.cookMin, highMin);
			option.goodUntilMin = until !== null && until * slower > likely ? until * slower : null;
		}
		if (!spread || spread.slow01 === null) {
			refuse(option, 'may-not-finish', { likelyMin: likely });
			return option;
		}
		const range = recipeHalfRange(likelyRun, goal, wanted);
		// what its cooks say of the next one takes the place of what is usual for its kind
		const fast01 = pace ? pace.from / pace.factor : spread.fast01;
		const slow01 = pace ? pace.to / pace.factor : spread.slow01;
		const bounds = {
			from: whole * Math.exp(-Math.hypot(Math.log(Math.min(1, fast01)), range.down)),
			to: whole * Math.exp(Math.hypot(Math.log(Math.max(1, slow01)), range.up))
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
		if (recipe !== null && input.known?.state === state && ofKind > recipe * noticeably * slower)
			option.reasons.push({
				code: 'recipe-too-short',
				values: { recipeMin: recipe, safeMin: ofKind }
			});
		judge(input, scenario, option, set, target);
		sayLearned(option, pace, computed - ofKind);
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

const noCookValue: CookValues = { from: 0, likely: 0, to: 0 };

/** A water bath makes food as warm as itself, and keeps it so until it is safe: within half a kelvin, 5 minutes at 70 °C's worth. */
const bathGoal = (bathC: number) => ({ coreC: bathC - 0.5, lethality70Min: 5 });

/** Minutes an appliance takes to get hot before anything goes in. */
export function preheatFor(input: Pick<ConvertInput, 'oven'>, { appliance }: Method): number {
	if (appliance === 'oven') return preheatMinOf(input.oven);
	return appliance === 'fan-oven' ? fanOvenPreheatMin : 0;
}

/** Why a method is none at all for a dish; null where it may be one. */
function neverIn(input: ConvertInput, method: Method): ReasonCode | null {
	const bake = input.kind === 'assembled-bake' || input.pan !== undefined;
	if (method.appliance === 'hob' && bake) return 'not-on-hob';
	if (method.appliance === 'water-bath' && method.bathC < leastBathC) return 'bath-too-cool';
	return null;
}

/** A water bath below this is no way to cook, °C. */
const leastBathC = 55;

/** A microwave's minutes are a sum of heat, not a run. It makes hot; it does not braise or roast. */
function microwaveWay(
	input: ConvertInput,
	method: Extract<Method, { appliance: 'microwave' }>,
	state: State,
	option: CookOption
): Way {
	const raw = input.content === 'raw-meat';
	const startC = state === 'thawed' ? 4 : (input.frozenStartC ?? -18);
	const usual = (at: number) =>
		microwaveMin({
			food: input.food,
			massKg: input.massKg,
			startC: at,
			powerW: method.powerW,
			raw,
			thicknessM: thicknessM(input.block)
		});
	const told = input.known && recipeMinOf(input, method);
	const factor =
		told && input.known
			? told / usual(input.known.startC ?? (input.known.state === 'thawed' ? 4 : -18))
			: 1;
	const pace = input.paces?.microwave;
	const likely = usual(startC) * Math.max(1, factor) * (pace?.factor ?? 1);
	const set: Spread = pace
		? { from: (likely * pace.from) / pace.factor, likely, to: (likely * pace.to) / pace.factor }
		: { from: likely * 0.8, likely, to: likely * 1.3 };
	const more = (min: number) => min + standingMin;
	const total: Spread = { from: more(set.from), likely: more(likely), to: more(set.to) };
	return {
		likely: { method, state, setMin: likely, totalMin: total.likely },
		option: () => {
			option.coreEndC = Math.max(input.coreC, 74);
			if (told && input.known?.state === state && likely > told * noticeably)
				option.reasons.push({
					code: 'recipe-too-short',
					values: { recipeMin: told, safeMin: likely }
				});
			sayLearned(option, pace, 0);
			option.reasons.push({ code: 'stir-and-stand', values: { minutes: standingMin } });
			if (input.massKg > dividedFromKg)
				option.reasons.push({
					code: 'divide',
					values: { massKg: input.massKg, limitKg: dividedFromKg }
				});
			if (raw) option.reasons.push({ code: 'only-heats' });
			option.advice = raw ? 'refused' : input.massKg > dividedFromKg ? 'caution' : option.advice;
			if (option.advice === 'refused') option.computedMin = set;
			else {
				option.setMin = set;
				option.totalMin = total;
			}
			return option;
		}
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
