import { foodFromSpec } from '../../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../../foods/food-properties.ts';
import { thicknessM } from '../../heat/shape.ts';
import {
	bestAdvice,
	worse,
	type Advice,
	type Reason,
	type ReasonCode
} from '../../safety/best-advice.ts';
import { leastSlowFill01 } from '../../kitchen/appliance-parameters.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import type { Target } from './target.ts';
import type { ConvertInput, CookOption, Spread } from './conversion.ts';
import { blockFitsBowl } from '../appliances/fit.ts';
import type { Method, State } from '../method.ts';
import type { Scenario } from './scenario.ts';

/** A hold longer than this (P90) is no sensible way to cook from frozen. Judgement. */
const longHoldMin = { caution: 60, refused: 150 } as const;
/** Fish stays no longer in a slow cooker, and never goes in frozen. Judgement. */
const fishSlowMin = 120;
/** A household's large pot, L. */
const potL = 5;
/** A small fan oven takes one layer of so much, metres; a water bath brings a core to 54 °C within so many hours or not at all. */
const oneLayerM = 0.04;
const bathMostH = 4;
/** Capacity of the covered roaster assumed in the oven, L. */
const roasterL = 10.8;

/** Fill, fit and the reasons that come from them. */
export function frameOf(
	input: ConvertInput,
	s: Scenario,
	method: Method,
	state: State,
	added: number
) {
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
	if (method.appliance === 'oven') fill01 = s.dish === 'filled' ? 1 : volumeL / roasterL;
	else if (method.appliance !== 'slow-cooker' && method.appliance !== 'pressure-cooker')
		fill01 = volumeL / potL;
	else {
		const slow = method.appliance === 'slow-cooker';
		const cooker = slow ? s.slowCooker : s.pressureCooker;
		fill01 = volumeL / cooker.volumeL;
		if (state === 'frozen') {
			const stacked = input.arrangement === 'stacked' ? (input.blockCount ?? 1) : 1;
			// once it bends it goes in
			blockFits =
				input.frozenStartC !== undefined && cooker.bowl
					? true
					: blockFitsBowl(input.block, stacked, cooker.bowl);
			if (blockFits === false) add('refused', 'block-too-big');
		}
		const most = slow ? 1 : rule.pressureFill01;
		if (fill01 > most + 1e-9)
			add('refused', slow ? 'more-than-the-bowl' : 'too-full', { fill01, most01: most });
		else if (slow && fill01 > 0.75) add('caution', 'too-full', { fill01, most01: 0.75 });
		if (slow && fill01 < 0.5 && input.kind === 'lean-pieces')
			add('good', 'under-half-full', { fill01 });
		const least01 = leastSlowFill01[s.piece && !s.loosePieces ? 'pieces' : 'pool'];
		if (slow && fill01 < least01) add('good', 'small-load', { fill01, least01 });
	}
	if (added > 0) add('good', 'add-liquid', { litres: added });
	return { fill01, blockFits, advice: advice as Advice, reasons };
}

/** Best advice allowed, and what only this appliance asks. */
export function judge(
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
		inPan: s.dish === 'filled' || input.kind === 'assembled-bake',
		dangerH: input.dangerH
	});
	option.advice = worse(option.advice, allowed.advice);
	option.reasons.push(...allowed.reasons);
	if (option.method.appliance === 'slow-cooker' && input.kind === 'assembled-bake')
		add('caution', 'poor-in-slow-cooker');
	if (option.method.appliance === 'slow-cooker' && input.kind === 'fish')
		add(
			option.state === 'frozen' || set.to > fishSlowMin ? 'refused' : 'caution',
			'fish-in-minutes',
			{ limitMin: fishSlowMin }
		);
	if (option.method.appliance === 'pressure-cooker') {
		if (input.kind === 'tough-cut' && input.massKg > 2)
			add('good', 'cut-in-pieces', { massKg: input.massKg, limitKg: 2 });
		if (option.state === 'frozen') {
			if (set.to > longHoldMin.refused)
				add('refused', 'long-under-pressure', { minutes: set.to, limitMin: longHoldMin.refused });
			else if (set.to > longHoldMin.caution)
				add('caution', 'thick-block', { thicknessM: thickness, minutes: set.to });
			add('good', 'set-long-end', { minutes: set.to });
		}
	}
	if (option.method.appliance === 'fan-oven' && thickness > oneLayerM + 1e-9)
		add('good', 'one-layer', { thicknessM: thickness, limitM: oneLayerM });
	if (option.method.appliance === 'water-bath' && (option.hazardH?.worst ?? Infinity) > bathMostH)
		add('refused', 'bath-slow', { likely: option.hazardH?.likely ?? Infinity, limitH: bathMostH });
	if (option.method.appliance === 'oven' && option.state === 'frozen' && s.dish === 'filled')
		add('good', 'glass-from-frozen');
	if (target.isClippedIn(option.method))
		add('good', 'recipe-clipped', { cookMin: target.in(option.method).likely });
}

export function refuse(
	option: CookOption,
	code: ReasonCode,
	values?: Record<string, number>
): void {
	option.advice = 'refused';
	option.reasons.push(values ? { code, values } : { code });
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
	option.instead = { method: best.method, state: best.state };
	option.reasons.push({ code: 'instead', values: { minutes: best.totalMin?.likely ?? 0 } });
}
