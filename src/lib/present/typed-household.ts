import type { FreezerKind } from '../core/published/index.ts';
import type { OwnedAppliances } from '../core/kitchen/index.ts';
import { applianceNames } from '../core/appliances/index.ts';
import type { Oven, PressureCooker, SlowCooker } from '../core/index.ts';
import type { Habit } from './habit.ts';
import { durationText } from './time.ts';
import { altitudeText, lengthText, roomText, tempText, volumeText } from './units.ts';

interface HouseholdSettings extends Habit {
	altitudeM: number;
	roomC: number;
	refrigeratorC: number;
	slowCooker: SlowCooker;
	pressureCooker: PressureCooker;
	oven: Oven;
	owned: OwnedAppliances;
}

/** The kitchen as its form shows it. */
export function typedKitchen(house: HouseholdSettings): Record<string, string> {
	return {
		system: house.system,
		temperature: house.temperature,
		clock: house.clock,
		dayOrder: house.dayOrder,
		currency: house.currency ?? '',
		timeZone: house.timeZone,
		altitudeM: altitudeText(house.altitudeM, house),
		roomC: tempText(house.roomC, house),
		refrigeratorC: tempText(house.refrigeratorC, house)
	};
}

/** The house rules as their form shows them. */
export function typedRules(
	house: Pick<HouseholdSettings, 'temperature'> & { leads: string; houseMonths: number | null },
	limits: { firstGateMin: number; secondGateMin: number; dangerH: number; coreAddedK: number }
): Record<string, string> {
	const added = house.temperature === 'f' ? limits.coreAddedK * 1.8 : limits.coreAddedK;
	return {
		leads: house.leads,
		houseMonths: house.houseMonths === null ? '' : String(house.houseMonths),
		firstGateMin: durationText(limits.firstGateMin),
		secondGateMin: durationText(limits.secondGateMin),
		dangerMin: durationText(limits.dangerH * 60),
		coreAddedK: String(Math.round(added))
	};
}

/** The appliances as their form shows them. */
export function typedAppliances(house: HouseholdSettings): Record<string, string> {
	const watts = (value: number | undefined) => (value === undefined ? '' : `${value} W`);
	const bowl = (prefix: string, of: SlowCooker['bowl']) => ({
		[`${prefix}BowlKind`]: of?.kind ?? '',
		[`${prefix}BowlLengthM`]: of ? lengthText(of.lengthM, house) : '',
		[`${prefix}BowlWidthM`]: of ? lengthText(of.widthM, house) : '',
		[`${prefix}BowlDepthM`]: of ? lengthText(of.depthM, house) : ''
	});
	return {
		slowVolumeL: volumeText(house.slowCooker.volumeL, house),
		slowLowW: watts(house.slowCooker.effectiveLowW),
		slowHighW: watts(house.slowCooker.effectiveHighW),
		...bowl('slow', house.slowCooker.bowl),
		pressureVolumeL: volumeText(house.pressureCooker.volumeL, house),
		pressurePowerW: watts(house.pressureCooker.powerW),
		...bowl('pressure', house.pressureCooker.bowl),
		ovenPreheatMin: house.oven.preheatMin === undefined ? '' : `${house.oven.preheatMin} min`,
		...Object.fromEntries(
			applianceNames.map((name) => [
				`owned-${name}`,
				house.owned.appliances.includes(name) ? 'on' : ''
			])
		),
		microwaveW: watts(house.owned.microwaveW),
		boilL: house.owned.boil ? volumeText(house.owned.boil.litres, house) : '',
		boilMin: house.owned.boil ? `${house.owned.boil.minutes} min` : ''
	};
}

/** A freezer as its form shows it; without one, what is usual. */
export function typedFreezer(
	freezer: {
		name: string;
		volumeL: number;
		setC: number;
		kind: FreezerKind;
		shelves: { name: string }[];
	} | null,
	habit: Habit
): Record<string, string> {
	if (!freezer) return { setC: tempText(-18, habit), kind: 'upright' };
	return {
		name: freezer.name,
		volumeL: roomText(freezer.volumeL, habit),
		setC: tempText(freezer.setC, habit),
		kind: freezer.kind,
		shelves: freezer.shelves.map((shelf) => shelf.name).join('\n')
	};
}
