import { requireRange } from '../../require-range.ts';
import { nameNearest } from './judgement.ts';
import { wayOf, type LikelyTimes, type Way, type WayBounds } from './option.ts';
import { targetOf, type Target } from './target.ts';
import type { ConvertInput, CookOption } from './conversion.ts';
import { defaultMethods, sameSetting, type Method, type State } from '../../appliances/index.ts';
import { checkedMethod, checkedQuestion } from '../../appliances/checked-question.ts';
import { TableCache } from '../../appliances/run/effort.ts';

export type { LikelyTimes } from './option.ts';
export type { ConvertInput, CookOption, Spread } from './conversion.ts';

export interface Conversion {
	targetCookMin: { from: number; to: number };
	options: CookOption[];
}

/**
 * Times in every appliance and state that deliver the cook value of the recipe's own instruction, subject to the least core
 * temperature and lethality; as ranges, with advice. Throws coded errors for broken input.
 */
export function convertCook(input: ConvertInput): Conversion {
	const steps = convertSteps(input);
	for (;;) {
		const step = steps.next();
		if (step.done) return step.value;
	}
}

/** A piece of a conversion, as it is computed. */
export type ConvertStep =
	{ kind: 'likely'; times: LikelyTimes } | { kind: 'option'; option: CookOption };

/**
 * The same in pieces, so that a screen can show them as they come: first the likely times of every way, then each way with its
 * range. `states` in the order wanted.
 */
export function* convertSteps(
	input: ConvertInput,
	states: readonly State[] = ['thawed', 'frozen']
): Generator<ConvertStep, Conversion> {
	check(input);
	const tables = new TableCache();
	const target = targetOf(input, tables);
	const ways: Way[] = [];
	for (const method of input.methods ?? defaultMethods(input.kind)) {
		const both = bothStates(input, method, target, tables);
		for (const state of states) {
			const way = both[state];
			ways.push(way);
			yield { kind: 'likely', times: way.likely };
		}
	}
	const options: CookOption[] = [];
	for (const way of ways) {
		const option = way.option();
		options.push(option);
		yield { kind: 'option', option };
	}
	for (const option of options) if (option.advice === 'refused') nameNearest(option, options);
	const { from, to } = target.shown;
	return { targetCookMin: { from, to }, options };
}

/**
 * The two states of one method. Frozen is never sooner than thawed: the longer of the two counts for it; where the recipe itself is
 * told for frozen, thawed takes no longer than that.
 */
function bothStates(
	input: ConvertInput,
	method: Method,
	target: Target,
	tables: TableCache
): Record<State, Way> {
	const way = (state: State, bounds: WayBounds) =>
		wayOf({ input, method, state, target, tables, ...bounds });
	const { known } = input;
	if (known?.state === 'frozen' && !input.reheat && sameSetting(known.method, method)) {
		const frozen = way('frozen', {});
		return { frozen, thawed: way('thawed', { notAfter: frozen.likely }) };
	}
	const thawed = way('thawed', {});
	return { thawed, frozen: way('frozen', { notBefore: thawed }) };
}

function check(input: ConvertInput): void {
	checkedQuestion(input);
	for (const method of input.methods ?? []) checkedMethod(method);
	if (input.dangerH !== undefined) requireRange('dangerH', input.dangerH, 0.1, 24);
	if (!input.known) return;
	checkedMethod(input.known.method);
	requireRange('minutes.from', input.known.minutes.from, 0, 48 * 60);
	requireRange('minutes.to', input.known.minutes.to, input.known.minutes.from, 48 * 60);
	if (input.known.startC !== undefined) requireRange('startC', input.known.startC, -40, 100);
}
