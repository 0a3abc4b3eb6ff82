import type { Mouth } from './headspace.ts';

/**
 * Containers a household freezes in: inner footprint when filled and laid or standing as it freezes, tallest fill, metres.
 * Common sizes, judgement; the cook corrects the block, since thickness rules everything later.
 */
export interface Container {
	readonly lengthM: number;
	readonly widthM: number;
	/** as thick as it may be filled */
	readonly mostM: number;
	/** a bag spreads to its footprint; a tub or pan has walls */
	readonly rigid: boolean;
	/** it goes into the oven as it is */
	readonly pan: boolean;
	/** brim-full, litres */
	readonly volumeL: number;
	/** inner height up to the brim as it is filled: a bag stands in its holder */
	readonly heightM: number;
	readonly mouth: Mouth;
	/** comes back into the cupboard when its pack is eaten; a bag or a wrap is used up */
	readonly returns: boolean;
	readonly glass: boolean;
	/** for food that does not run */
	readonly dryOnly: boolean;
}

type Form = Pick<Container, 'rigid' | 'pan' | 'mouth' | 'returns' | 'glass' | 'dryOnly'>;
const bag: Form = {
	rigid: false,
	pan: false,
	mouth: 'wide',
	returns: false,
	glass: false,
	dryOnly: false
};
const tub: Form = { ...bag, rigid: true, returns: true };
const pan: Form = { ...tub, pan: true };
const jar: Form = { ...tub, glass: true };
const plate: Form = { ...tub, dryOnly: true };
const wrap: Form = { ...bag, dryOnly: true };

export const containers = {
	'bag-1l': { ...bag, lengthM: 0.18, widthM: 0.15, mostM: 0.045, volumeL: 1, heightM: 0.19 },
	'bag-3l': { ...bag, lengthM: 0.24, widthM: 0.2, mostM: 0.07, volumeL: 3, heightM: 0.26 },
	'tub-500ml': {
		...tub,
		lengthM: 0.115,
		widthM: 0.115,
		mostM: 0.045,
		volumeL: 0.66,
		heightM: 0.058
	},
	'tub-1l': { ...tub, lengthM: 0.16, widthM: 0.11, mostM: 0.065, volumeL: 1.6, heightM: 0.091 },
	'tub-2l': { ...tub, lengthM: 0.19, widthM: 0.13, mostM: 0.09, volumeL: 2.9, heightM: 0.116 },
	'pan-20': { ...pan, lengthM: 0.2, widthM: 0.2, mostM: 0.055, volumeL: 2.72, heightM: 0.068 },
	'pan-30': { ...pan, lengthM: 0.3, widthM: 0.2, mostM: 0.06, volumeL: 4.38, heightM: 0.073 },
	// the roasting and baking pan of US kitchens, 13 × 9 in
	'pan-33': { ...pan, lengthM: 0.33, widthM: 0.229, mostM: 0.06, volumeL: 5.5, heightM: 0.073 },
	'jar-500ml': {
		...jar,
		lengthM: 0.075,
		widthM: 0.075,
		mostM: 0.083,
		volumeL: 0.54,
		heightM: 0.096
	},
	'jar-1l': { ...jar, lengthM: 0.085, widthM: 0.085, mostM: 0.115, volumeL: 1.02, heightM: 0.141 },
	'jar-1l-narrow': {
		...jar,
		mouth: 'narrow',
		lengthM: 0.085,
		widthM: 0.085,
		mostM: 0.1,
		volumeL: 1.02,
		heightM: 0.141
	},
	plate: { ...plate, lengthM: 0.2, widthM: 0.17, mostM: 0.035, volumeL: 1.6, heightM: 0.048 },
	wrap: { ...wrap, lengthM: 0.2, widthM: 0.12, mostM: 0.08, volumeL: 1.92, heightM: 0.08 }
} as const satisfies Record<string, Container>;

export type ContainerKey = keyof typeof containers;
export const containerKeys = Object.keys(containers) as ContainerKey[];
