import { asHeavyAsItIs } from '../appliances/checked-question.ts';
import type { LearnedMinutes } from '../cooking/conversion/conversion.ts';
import type { ConvertInput } from '../cooking/conversion/convert-cook.ts';
import type { Kitchen, Oven, PressureCooker, SlowCooker } from '../kitchen/appliance-parameters.ts';
import { appliancesFor, type OwnedAppliances } from '../kitchen/owned-appliances.ts';
import type { SafetyLimits } from '../rules/limits.ts';
import { coreTemperaturesC, type CoreTemperatureClass } from '../published/core-temperatures.ts';
import { modelVersion } from './cook-card.ts';

/** What was asked when a pack's card was computed, asked again of the household as it is today; never with a lower core. */
export function asOfToday(input: {
	packed: ConvertInput;
	core: CoreTemperatureClass;
	house: {
		slowCooker: SlowCooker;
		pressureCooker: PressureCooker;
		oven: Oven;
		owned: OwnedAppliances;
		temperature: 'c' | 'f';
	} & Kitchen;
	limits: SafetyLimits;
	/** what the household learned of this dish */
	learned: readonly LearnedMinutes[];
}): ConvertInput {
	const { packed, house, limits, learned } = input;
	const { burnerHighW: _measured, paces: _paces, learned: _learned, ...rest } = packed;
	const coreC = Math.max(packed.coreC, coreTemperaturesC[input.core] + limits.coreAddedK);
	const { kind, content, pan } = packed;
	return asHeavyAsItIs({
		...rest,
		...appliancesFor({ kind, content, inPan: pan !== undefined, coreC }, house),
		...(learned.length > 0 && { learned }),
		coreC,
		dangerH: limits.dangerH,
		slowCooker: house.slowCooker,
		pressureCooker: house.pressureCooker,
		oven: house.oven,
		kitchen: { altitudeM: house.altitudeM, roomC: house.roomC }
	});
}

/** What can be otherwise than when a card was computed. */
export type CardChange =
	| 'altitude'
	| 'slow-cooker'
	| 'pressure-cooker'
	| 'oven'
	| 'owned'
	| 'core'
	| 'limits'
	| 'learned'
	| 'model';

/** What in the household, or in how times are computed, changed since a card was computed. */
export function changesSince(
	version: number,
	packed: ConvertInput,
	today: ConvertInput
): CardChange[] {
	const differs = (a: unknown, b: unknown) =>
		JSON.stringify(sorted(a)) !== JSON.stringify(sorted(b));
	const found: Record<CardChange, boolean> = {
		altitude: differs(packed.kitchen, today.kitchen),
		'slow-cooker': differs(packed.slowCooker, today.slowCooker),
		'pressure-cooker': differs(packed.pressureCooker, today.pressureCooker),
		oven: differs(packed.oven ?? {}, today.oven ?? {}),
		owned:
			differs(packed.methods ?? [], today.methods ?? []) ||
			packed.burnerHighW !== today.burnerHighW,
		core: packed.coreC !== today.coreC,
		limits: packed.dangerH !== today.dangerH,
		learned:
			differs(packed.paces ?? {}, today.paces ?? {}) ||
			differs(packed.learned ?? [], today.learned ?? []),
		model: version !== modelVersion
	};
	return (Object.keys(found) as CardChange[]).filter((change) => found[change]);
}

/** The same value with its keys in order: what came from the database may have them otherwise. */
function sorted(value: unknown): unknown {
	if (Array.isArray(value)) return value.map(sorted);
	if (!value || typeof value !== 'object') return value;
	return Object.fromEntries(
		Object.entries(value)
			.sort(([a], [b]) => (a < b ? -1 : 1))
			.map(([key, inner]) => [key, sorted(inner)])
	);
}

/** Whether a kept card still answers the question as it would be asked today. */
export function isCurrent(
	card: { modelVersion: number },
	packed: ConvertInput,
	today: ConvertInput
): boolean {
	const plain = (input: ConvertInput) => JSON.stringify(sorted(input));
	const usualOven = (input: ConvertInput): ConvertInput => ({ ...input, oven: input.oven ?? {} });
	return card.modelVersion === modelVersion && plain(usualOven(packed)) === plain(usualOven(today));
}
