/** Source: `appliance-model` in published/sources.ts. */
/**
 * Where food cools, freezes and thaws: heat transfer coefficient on its faces and temperature (heat transfer coefficients of
 * still and moving air and water, from memory and calibrated to common practice; see docs/numbers.md).
 */
export type PlaceName = 'counter' | 'refrigerator' | 'freezer' | 'cold-water' | 'ice-bath';

export interface Place {
	readonly hWPerM2K: number;
	/** with a fan, or stirred water */
	readonly movingHWPerM2K: number;
	readonly defaultC: number;
	/** half the range P10 to P90 of what is not known */
	readonly spread: { readonly h01: number; readonly deltaK: number };
}

export const places: Readonly<Record<PlaceName, Place>> = {
	counter: { hWPerM2K: 9, movingHWPerM2K: 14, defaultC: 21, spread: { h01: 0.3, deltaK: 2 } },
	refrigerator: { hWPerM2K: 10, movingHWPerM2K: 14, defaultC: 4, spread: { h01: 0.3, deltaK: 1 } },
	freezer: { hWPerM2K: 8, movingHWPerM2K: 14, defaultC: -18, spread: { h01: 0.3, deltaK: 2 } },
	'cold-water': {
		hWPerM2K: 150,
		movingHWPerM2K: 250,
		defaultC: 13.5,
		spread: { h01: 0.35, deltaK: 2 }
	},
	'ice-bath': {
		hWPerM2K: 150,
		movingHWPerM2K: 250,
		defaultC: 0.5,
		spread: { h01: 0.35, deltaK: 0.5 }
	}
};
