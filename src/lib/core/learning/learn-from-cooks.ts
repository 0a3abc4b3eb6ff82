import type { Oven, SlowCooker } from '../kitchen/appliance-parameters.ts';
import { slowCookerModel } from '../kitchen/appliance-parameters.ts';
import type { ConvertInput } from '../cooking/conversion/conversion.ts';
import { cookCurve } from '../cooking/conversion/cook-curve.ts';
import { solve } from '../cooking/appliances/measured-appliances.ts';
import type { Method, State } from '../cooking/method.ts';

/** A cook as it was logged: what lay in the appliance as reckoned then, minutes set, core temperature when it was looked at. */
export interface LoggedCook {
	convert: ConvertInput;
	method: Method;
	state: State;
	setMin: number;
	coreC: number;
}

/** A single cook says little: thickness and start are guesses too. It counts as much as the usual values do. */
const usualCounts = 1;
/** From this many cooks on the ranges narrow. */
const enoughCooks = 2;
const halvings = 12;

const coreAfter = (cook: LoggedCook, change: Partial<ConvertInput>) =>
	cookCurve({ ...cook, convert: { ...cook.convert, ...change } })?.coldestC.at(-1) ?? NaN;

/** Power of this slow cooker against the one reckoned with that gives the core temperature found; null when none sensible does. */
export function powerFactorOf(cook: LoggedCook): number | null {
	if (cook.method.appliance !== 'slow-cooker') return null;
	const cooker = cook.convert.slowCooker ?? { volumeL: 5.7 };
	const { lowW, highW } = slowCookerModel(cooker);
	return solve(
		(factor) =>
			coreAfter(cook, {
				slowCooker: { ...cooker, effectiveLowW: lowW * factor, effectiveHighW: highW * factor }
			}),
		cook.coreC,
		0.5,
		1.8,
		halvings
	);
}

/** How much warmer than reckoned with the oven's air must have been, K; null when nothing within 50 K explains it. */
export function ovenOffsetOf(cook: LoggedCook): number | null {
	if (cook.method.appliance !== 'oven') return null;
	const oven = cook.convert.oven ?? {};
	return solve(
		(more) => coreAfter(cook, { oven: { ...oven, offsetK: (oven.offsetK ?? 0) + more } }),
		cook.coreC,
		-50,
		50,
		halvings
	);
}

export interface LearnInput {
	cooks: readonly LoggedCook[];
	slowCooker: SlowCooker;
	oven: Oven;
}
export interface LearnedAppliances {
	slowCooker: { appliance: SlowCooker; cooks: number; factor: number } | null;
	oven: { appliance: Oven; cooks: number; offsetK: number } | null;
}

/** What logged cooks say of a household's slow cooker and oven; null where they say nothing. */
export function learnedAppliances(input: LearnInput): LearnedAppliances {
	const { cooks, slowCooker, oven } = input;
	const today = { slowCooker, oven };
	const asToday = cooks.map((cook) => ({ ...cook, convert: { ...cook.convert, ...today } }));
	const found = (of: (cook: LoggedCook) => number | null) =>
		asToday.map(of).filter((value): value is number => value !== null);
	const factors = found(powerFactorOf);
	const offsets = found(ovenOffsetOf);
	const shrunk = (values: readonly number[]) =>
		values.reduce((sum, value) => sum + value, 0) / (values.length + usualCounts);
	const factor = Math.exp(shrunk(factors.map(Math.log)));
	const moreK = shrunk(offsets);
	const { lowW, highW } = slowCookerModel(slowCooker);
	return {
		slowCooker: factors.length
			? {
					cooks: factors.length,
					factor,
					appliance: {
						...slowCooker,
						effectiveLowW: Math.round(lowW * factor),
						effectiveHighW: Math.round(highW * factor),
						measured: slowCooker.measured || factors.length >= enoughCooks
					}
				}
			: null,
		oven: offsets.length
			? {
					cooks: offsets.length,
					offsetK: moreK,
					appliance: {
						...oven,
						offsetK: Math.round((oven.offsetK ?? 0) + moreK),
						measured: oven.measured || offsets.length >= enoughCooks
					}
				}
			: null
	};
}
