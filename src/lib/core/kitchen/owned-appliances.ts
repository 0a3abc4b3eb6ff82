import { defaultMethods, type Method } from '../cooking/method.ts';
import { waterJPerKgK } from '../water/water-heat.ts';
import type { Pace } from '../learning/pace.ts';
import type { DishKind } from '../published/dish-kinds.ts';

export const applianceNames = [
	'slow-cooker',
	'pressure-cooker',
	'oven',
	'hob',
	'microwave',
	'fan-oven',
	'water-bath',
	'steamer'
] as const satisfies readonly Method['appliance'][];
export type ApplianceName = (typeof applianceNames)[number];

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
/** Output printed on most microwaves, W (common practice, no source). */
const usualMicrowaveW = 800;
/** Set on a small oven with a strong fan: some 20 K under a large one (common practice, no source). */
const fanOvenC = {
	c: { fish: 180, rest: 170 },
	f: { fish: (350 - 32) / 1.8, rest: (325 - 32) / 1.8 }
} as const;
/** A bath is so much warmer than the core that is wanted, K: nothing in it gets as warm as the water. */
const bathAboveK = 1;

const crisp: ReadonlySet<DishKind> = new Set<DishKind>([
	'assembled-bake',
	'lean-pieces',
	'fish',
	'hard-vegetables'
]);
/** Pieces that steam in minutes. */
const steams: ReadonlySet<DishKind> = new Set<DishKind>([
	'fish',
	'hard-vegetables',
	'soft-vegetables'
]);
/** Flat bags of these warm through in water. */
const bathes: ReadonlySet<DishKind> = new Set<DishKind>(['fish', 'lean-pieces', 'tough-cut']);

/** Whether an appliance is no place for a dish: what is left out is never asked of the model. */
function isNoPlace(
	appliance: ApplianceName,
	{
		kind,
		content,
		inPan
	}: { kind: DishKind; content: 'raw-meat' | 'cooked' | 'plain'; inPan: boolean }
): boolean {
	switch (appliance) {
		case 'hob':
			return kind === 'assembled-bake';
		case 'microwave':
			return content === 'raw-meat' || inPan;
		case 'fan-oven':
			return !crisp.has(kind);
		case 'water-bath':
			return inPan || !bathes.has(kind);
		case 'steamer':
			return inPan || !steams.has(kind);
		case 'slow-cooker':
		case 'pressure-cooker':
		case 'oven':
			return false;
	}
}

/**
 * The ways a household can cook a pack: each appliance it owns that is a place for the dish, at its usual setting. `undefined` when these
 * are the ones the model takes anyway.
 */
export function householdMethods(
	dish: { kind: DishKind; content: 'raw-meat' | 'cooked' | 'plain'; inPan: boolean; coreC: number },
	owned: OwnedAppliances,
	knob: 'c' | 'f'
): Method[] | undefined {
	const usual = defaultMethods(dish.kind, knob);
	const fan = fanOvenC[knob][dish.kind === 'fish' ? 'fish' : 'rest'];
	const all: Method[] = [
		...usual,
		{ appliance: 'hob', level: 'medium' },
		{ appliance: 'microwave', powerW: owned.microwaveW ?? usualMicrowaveW },
		{ appliance: 'fan-oven', ovenC: fan },
		{ appliance: 'water-bath', bathC: Math.ceil(dish.coreC + bathAboveK), circulated: true },
		{ appliance: 'steamer' }
	];
	const methods = all.filter(
		({ appliance }) => owned.appliances.includes(appliance) && !isNoPlace(appliance, dish)
	);
	const asUsual = knob === 'c' && JSON.stringify(methods) === JSON.stringify(usual);
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
