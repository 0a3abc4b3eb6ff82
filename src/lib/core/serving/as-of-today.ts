import type { ConvertInput } from '../cooking/conversion/convert-cook.ts';
import type { Kitchen, Oven, PressureCooker, SlowCooker } from '../kitchen/appliance-parameters.ts';
import type { SafetyLimits } from '../safety/limits.ts';
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
	} & Kitchen;
	limits: SafetyLimits;
}): ConvertInput {
	const { packed, house, limits } = input;
	return {
		...packed,
		coreC: Math.max(packed.coreC, coreTemperaturesC[input.core] + limits.coreAddedK),
		dangerH: limits.dangerH,
		slowCooker: house.slowCooker,
		pressureCooker: house.pressureCooker,
		oven: house.oven,
		kitchen: { altitudeM: house.altitudeM, roomC: house.roomC }
	};
}

/** Whether a kept card still answers the question as it would be asked today. */
export function isCurrent(
	card: { modelVersion: number },
	packed: ConvertInput,
	today: ConvertInput
): boolean {
	// the key order of what came from the database may differ
	const plain = (input: ConvertInput) =>
		JSON.stringify(input, (_key, value: unknown) =>
			value && typeof value === 'object' && !Array.isArray(value)
				? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
				: value
		);
	const usualOven = (input: ConvertInput): ConvertInput => ({ ...input, oven: input.oven ?? {} });
	return card.modelVersion === modelVersion && plain(usualOven(packed)) === plain(usualOven(today));
}
