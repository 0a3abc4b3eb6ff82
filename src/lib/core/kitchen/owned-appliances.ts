import {
	defaultMethods,
	usualMethods,
	type ApplianceName,
	type Method
} from '../appliances/index.ts';
import type { DishForKitchen } from '../appliances/appliance.ts';
import { waterJPerKgK } from '../water/water-heat.ts';
import type { Pace } from '../learning/pace.ts';

/** What a household heats food with. */
export interface OwnedAppliances {
	readonly appliances: readonly ApplianceName[];
	/** printed output, W */
	readonly microwaveW?: number;
	/** how long the burner on high takes to bring so much cold water to the boil */
	readonly boil?: { readonly litres: number; readonly minutes: number };
	/** how they keep time, as learned from logged cooks and accepted */
	readonly paces?: Partial<Record<ApplianceName, Pace>>;
	/** cooks before that moment say nothing of an appliance any more, ms */
	readonly forgotten?: Partial<Record<ApplianceName, number>>;
}

/** What a kitchen is taken to have until it is said. */
export const usualAppliances: OwnedAppliances = {
	appliances: ['slow-cooker', 'pressure-cooker', 'oven', 'hob']
};
/** What every kitchen was taken to have before it could be said; a household or file of that time has these. */
export const earlierAppliances: OwnedAppliances = {
	appliances: ['slow-cooker', 'pressure-cooker', 'oven']
};
/**
 * The ways a household can cook a pack: each appliance it owns that is a place for the dish, at its usual setting. `undefined` when these
 * are the ones the model takes anyway.
 */
export function householdMethods(
	dish: DishForKitchen,
	owned: OwnedAppliances,
	knob: 'c' | 'f'
): Method[] | undefined {
	const methods = usualMethods(dish, owned.appliances, { knob, microwaveW: owned.microwaveW });
	const asUsual =
		knob === 'c' && JSON.stringify(methods) === JSON.stringify(defaultMethods(dish.kind, knob));
	return asUsual ? undefined : methods;
}

/** Cold water and boiling water, °C: what a measurement begins and ends with. */
const [coldC, boilC] = [15, 100];

/** What a burner on high puts into a pot, W, from the minutes it took to boil so much water; the pot's own heat is small beside it. */
export const burnerHighW = ({ litres, minutes }: NonNullable<OwnedAppliances['boil']>): number =>
	(litres * waterJPerKgK * (boilC - coldC)) / (minutes * 60);

/** What a household asks the model for beside its three cookers: which ways, and how strong its burner is. */
export const appliancesFor = (
	dish: Parameters<typeof householdMethods>[0],
	{ owned, temperature }: { owned: OwnedAppliances; temperature: 'c' | 'f' }
) => ({
	methods: householdMethods(dish, owned, temperature),
	...(owned.boil && { burnerHighW: burnerHighW(owned.boil) }),
	...(owned.paces && Object.keys(owned.paces).length > 0 && { paces: owned.paces })
});
