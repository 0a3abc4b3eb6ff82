import { applianceOf, type Method, type State } from '../../appliances/index.ts';
import type { AddReason, Room } from '../../appliances/appliance.ts';
import { standsInPan } from '../../appliances/run/lying.ts';
import type { Scenario } from '../../appliances/run/scenario.ts';
import type { Goal } from '../../appliances/run/timeline.ts';
import { foodFromSpec } from '../../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../../foods/food-properties.ts';
import { thicknessM } from '../../heat/shape.ts';
import { bestAdvice } from '../../rules/best-advice.ts';
import { worse, type Advice, type Reason, type ReasonCode } from '../../rules/reasons.ts';
import type { ConvertInput, CookOption } from './conversion.ts';
import type { Target } from './target.ts';

/** Gathers what is said of a way: no better than this, and why. */
export function addTo(to: { advice: Advice; reasons: Reason[] }): AddReason {
	return (advice, code, values) => {
		to.advice = worse(to.advice, advice);
		to.reasons.push(values ? { code, values } : { code });
	};
}

/** Fill, fit and the reasons that come from them. */
export function frameOf(scenario: Scenario<Method>): Room & { advice: Advice; reasons: Reason[] } {
	const { question, method, liquidKg, addedL } = scenario;
	const densityKgPerL = foodDensityKgPerM3(foodFromSpec(question.food)) / 1000;
	const volumeL = question.massKg / densityKgPerL + liquidKg;
	const said: { advice: Advice; reasons: Reason[] } = { advice: 'good', reasons: [] };
	const room = applianceOf(method).room(scenario, volumeL, addTo(said));
	if (addedL > 0) addTo(said)('good', 'add-liquid', { litres: addedL });
	return { ...room, ...said };
}

/** Best advice allowed, and what only this appliance asks. `longMin` is what is printed to be set. */
export function judge(
	input: ConvertInput,
	scenario: Scenario<Method>,
	option: CookOption,
	{ longMin, goal, target }: { longMin: number; goal: Goal; target: Target }
): void {
	const appliance = applianceOf(option.method);
	const add = addTo(option);
	const thick = scenario.piece ? thicknessM(scenario.piece.shape) : 0;
	const allowed = bestAdvice({
		slow: appliance.slow ?? false,
		state: option.state,
		content: input.content,
		thicknessM: thick,
		massKg: input.massKg,
		hazardH: option.hazardH ?? { likely: Infinity, worst: Infinity },
		inPan: standsInPan(input),
		roomC: input.kitchen.roomC,
		dangerH: input.dangerH
	});
	for (const { code, values } of allowed.reasons) add(allowed.advice, code, values);
	appliance.judge({ scenario, option, longMin, goal, thicknessM: thick }, add);
	if (target.isClippedIn(option.method))
		add('good', 'recipe-clipped', { cookMin: target.in(option.method).likely });
}

export function refuse(
	option: CookOption,
	code: ReasonCode,
	values?: Record<string, number>
): void {
	addTo(option)('refused', code, values);
}

/** The nearest good way: the same appliance from the other state, else the quickest of the best advised. */
export function nameNearest(option: CookOption, options: readonly CookOption[]): void {
	const allowed = options.filter((o) => o.advice !== 'refused' && o.totalMin);
	const rank = (o: CookOption) =>
		(o.advice === 'good' ? 0 : 2) +
		(o.method.appliance === option.method.appliance ? 0 : o.state === option.state ? 0.5 : 1);
	const [best] = [...allowed].sort(
		(a, b) => rank(a) - rank(b) || (a.totalMin?.likely ?? 0) - (b.totalMin?.likely ?? 0)
	);
	if (!best) return;
	option.instead = { method: best.method, state: best.state } satisfies {
		method: Method;
		state: State;
	};
	option.reasons.push({ code: 'instead', values: { minutes: best.totalMin?.likely ?? 0 } });
}
