import { type StorageGroup, storageLifeTable } from '../core/published/index.ts';

/** What forms let choose from. Apart from the schemas, so that a page can show the choices before it needs to check any. */
export const vesselKinds = ['pot', 'dish', 'tray'] as const;
export const startPlaces = ['counter', 'ice-bath', 'refrigerator'] as const;
/** Whether it was enough for those who ate. */
export const enoughs = ['too-little', 'enough', 'too-much'] as const;
export const outcomes = ['under', 'right', 'over'] as const;
export const storageGroups = Object.keys(storageLifeTable) as StorageGroup[];

/** The most of each a kitchen can have on a day. */
export const mostOf: Readonly<Record<string, number>> = {
	hands: 4,
	burner: 8,
	oven: 6,
	'pressure-cooker': 4,
	'slow-cooker': 4,
	microwave: 3,
	'ice-bath': 4,
	refrigerator: 40
};
export const kitchenResources = Object.keys(mostOf);
