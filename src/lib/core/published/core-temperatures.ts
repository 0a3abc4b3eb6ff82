/** Source: `core-temperatures` in published/sources.ts. */
/** Minimum core temperatures, °C (FoodSafety.gov, from memory). Tenderised, rolled or stuffed cuts count as minced. */

export const coreTemperaturesC = {
	poultry: 73.9,
	'ground-meat': 71.1,
	'whole-cut': 62.8,
	fish: 62.8,
	egg: 71.1,
	/** casseroles, leftovers, anything made hot again */
	leftovers: 73.9,
	/** nothing that needs one: until it is hot through */
	plain: 60
} as const;

export type CoreTemperatureClass = keyof typeof coreTemperaturesC;
