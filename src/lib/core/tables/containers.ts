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
}

export const containers = {
	'bag-1l': { lengthM: 0.18, widthM: 0.15, mostM: 0.045, rigid: false, pan: false },
	'bag-3l': { lengthM: 0.24, widthM: 0.2, mostM: 0.07, rigid: false, pan: false },
	'tub-500ml': { lengthM: 0.115, widthM: 0.115, mostM: 0.045, rigid: true, pan: false },
	'tub-1l': { lengthM: 0.16, widthM: 0.11, mostM: 0.065, rigid: true, pan: false },
	'tub-2l': { lengthM: 0.19, widthM: 0.13, mostM: 0.09, rigid: true, pan: false },
	'pan-20': { lengthM: 0.2, widthM: 0.2, mostM: 0.055, rigid: true, pan: true },
	'pan-30': { lengthM: 0.3, widthM: 0.2, mostM: 0.06, rigid: true, pan: true }
} as const satisfies Record<string, Container>;

export type ContainerKey = keyof typeof containers;
export const containerKeys = Object.keys(containers) as ContainerKey[];
