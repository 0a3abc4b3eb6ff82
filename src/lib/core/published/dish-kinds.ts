/** Source: `appliance-model` in published/sources.ts. */
/**
 * Kinds of dish: how doneness is measured, how much of it is wanted, and what each appliance needs.
 * Cook values in minutes at 100 °C. Targets are calibrated to bands of common practice (docs/practice.md), floors are published
 * core temperatures.
 */
export type DishKind =
	| 'tough-cut'
	| 'braised-pieces'
	| 'lean-pieces'
	| 'fish'
	| 'meat-in-sauce'
	| 'pulse-soup'
	| 'hard-vegetables'
	| 'soft-vegetables'
	| 'assembled-bake'
	| 'assembled-cooked'
	| 'wrapped-single'
	| 'dough'
	| 'baked-goods';

/** How heat comes to the food: an open oven, a covered one or the hob, under pressure, slowly. */
export type HeatFamily = 'dry' | 'covered' | 'pressure' | 'slow';

/** Doneness as cook values in minutes at 100 °C: from just done to still good, and the usual point between them. */
export interface CookWindow {
	readonly low: number;
	readonly usual: number;
	readonly high: number;
}

export interface DishKindRule {
	/** `mean`: volume mean, for collagen; `coldest`: least of all cells */
	readonly measure: 'mean' | 'coldest';
	readonly zK: number;
	/** slow and under pressure, doneness means the same: their windows have the same ends, or ends in a fixed ratio */
	readonly windows: Readonly<Record<HeatFamily, CookWindow>>;
	/** its doneness is the same in every heat: a roast that is pulled is pulled anywhere; else a place in each heat's own window */
	readonly sameEverywhere?: boolean;
	/** core temperature below which it is not done whatever the pack says, °C */
	readonly floorC: number;
	readonly lethality70Min: number;
	/** once thawed it is loose pieces in a pool, not a block */
	readonly loose: boolean;
	/** it may lie in liquid, steam or a bath; dough, bread, pastry and what is wrapped may not */
	readonly wet: boolean;
	/** it is baked in the pan it froze in */
	readonly inPan: boolean;
	/** free thin liquid needed, L */
	readonly liquidL: {
		readonly slowThawed: number;
		readonly slowFrozen: number;
		readonly pressure: number;
		readonly oven: number;
	};
	/** fullest pressure cooker */
	readonly pressureFill01: number;
	/** mobility of a dish of this kind when nothing better is known */
	readonly mobility: number;
	readonly cookedGain: number;
}

const twoThirds = 2 / 3;

/** One window wherever the heat comes from; usual points of their own where cooks' times ask for them. */
function everywhere(
	window: CookWindow,
	usual: Partial<Record<HeatFamily, number>> = {}
): DishKindRule['windows'] {
	const of = (family: HeatFamily): CookWindow => ({
		...window,
		usual: usual[family] ?? window.usual
	});
	return { dry: of('dry'), covered: of('covered'), pressure: of('pressure'), slow: of('slow') };
}

/** The window of the oven and the hob, and the one that pressure and slow cooking share. */
function inTwo(oven: CookWindow, wet: CookWindow & { usualSlow: number }): DishKindRule['windows'] {
	const { low, usual, high, usualSlow } = wet;
	return {
		dry: oven,
		covered: oven,
		pressure: { low, usual, high },
		slow: { low, usual: usualSlow, high }
	};
}

/** A whole cut with collagen, in some liquid. */
const braised: DishKindRule = {
	measure: 'mean',
	zK: 22,
	windows: everywhere({ low: 45, usual: 68, high: 200 }, { pressure: 110 }),
	floorC: 80,
	lethality70Min: 5,
	loose: false,
	wet: true,
	inPan: false,
	liquidL: { slowThawed: 0.25, slowFrozen: 0.25, pressure: 0.25, oven: 0.25 },
	pressureFill01: twoThirds,
	mobility: 1,
	cookedGain: 1.2
};

/** Layers in a pan, raw or half of it: baked through. */
const bake: DishKindRule = {
	measure: 'coldest',
	zK: 33,
	windows: everywhere({ low: 0.5, usual: 2, high: 15 }),
	floorC: 73.9,
	lethality70Min: 5,
	loose: false,
	wet: true,
	inPan: true,
	liquidL: { slowThawed: 0.1, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
	pressureFill01: twoThirds,
	mobility: 1.6,
	cookedGain: 1
};

export const dishKinds: Readonly<Record<DishKind, DishKindRule>> = {
	'tough-cut': { ...braised, sameEverywhere: true },
	/** stewing cubes up to 5 cm: collagen, by the mean of the pieces */
	'braised-pieces': {
		...braised,
		zK: 30,
		windows: everywhere({ low: 70, usual: 118, high: 230 }, { pressure: 132, dry: 83, covered: 83 })
	},
	'lean-pieces': {
		measure: 'coldest',
		zK: 33,
		windows: {
			...inTwo({ low: 1, usual: 4, high: 15 }, { low: 5, usual: 38, usualSlow: 36, high: 60 }),
			covered: { low: 1, usual: 3, high: 15 }
		},
		floorC: 63,
		lethality70Min: 5,
		loose: false,
		wet: true,
		inPan: false,
		liquidL: { slowThawed: 0.1, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	fish: {
		measure: 'coldest',
		zK: 33,
		windows: inTwo(
			{ low: 0.3, usual: 0.6, high: 4 },
			{ low: 1, usual: 3.5, usualSlow: 3, high: 8 }
		),
		floorC: 63,
		lethality70Min: 0,
		loose: false,
		wet: true,
		inPan: false,
		liquidL: { slowThawed: 0.1, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	'meat-in-sauce': {
		measure: 'coldest',
		zK: 33,
		windows: everywhere({ low: 10, usual: 60, high: 110 }, { pressure: 103 }),
		floorC: 73.9,
		lethality70Min: 5,
		loose: true,
		wet: true,
		inPan: false,
		liquidL: { slowThawed: 0, slowFrozen: 0.15, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 2,
		cookedGain: 1
	},
	'pulse-soup': {
		measure: 'coldest',
		zK: 33,
		windows: everywhere({ low: 8, usual: 25, high: 90 }, { pressure: 64, covered: 16, dry: 16 }),
		floorC: 73.9,
		lethality70Min: 5,
		loose: true,
		wet: true,
		inPan: false,
		liquidL: { slowThawed: 0, slowFrozen: 0.12, pressure: 0.24, oven: 0 },
		pressureFill01: 0.5,
		mobility: 3,
		cookedGain: 1
	},
	'hard-vegetables': {
		measure: 'coldest',
		zK: 33,
		windows: {
			...everywhere({ low: 5, usual: 8.5, high: 45 }),
			pressure: { low: 15, usual: 27, high: 60 },
			// vegetables stay firmer where it is slow: half as much again
			slow: { low: 22.5, usual: 37.5, high: 90 }
		},
		floorC: 70,
		lethality70Min: 2,
		loose: false,
		wet: true,
		inPan: false,
		liquidL: { slowThawed: 0.15, slowFrozen: 0.15, pressure: 0.25, oven: 0.1 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	'soft-vegetables': {
		measure: 'coldest',
		zK: 33,
		windows: {
			...everywhere({ low: 0.5, usual: 1.2, high: 20 }),
			pressure: { low: 2, usual: 6, high: 20 },
			slow: { low: 2, usual: 5, high: 20 }
		},
		floorC: 70,
		lethality70Min: 2,
		loose: false,
		wet: true,
		inPan: false,
		liquidL: { slowThawed: 0, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	'assembled-bake': bake,
	/** all of it cooked before it was frozen: made hot, and browned */
	'assembled-cooked': { ...bake, windows: everywhere({ low: 0.3, usual: 1, high: 10 }) },
	/** burritos, pasties, hand pies, plates: one portion each, cooked, made hot in dry heat or a microwave */
	'wrapped-single': {
		...bake,
		windows: everywhere({ low: 0.3, usual: 0.8, high: 8 }),
		wet: false,
		inPan: false,
		mobility: 1.3
	},
	/** raw dough and filled raw pastry, baked straight from the freezer: crumb is set from some 90 °C on (common practice, no source) */
	dough: {
		...bake,
		windows: everywhere({ low: 0.5, usual: 1.5, high: 8 }),
		floorC: 90,
		wet: false,
		inPan: false,
		mobility: 1
	},
	/** bread, cookies, muffins: thaw in the room, or are refreshed until they are warm all through */
	'baked-goods': {
		...bake,
		windows: everywhere({ low: 0.001, usual: 0.002, high: 2 }),
		floorC: 40,
		lethality70Min: 0,
		wet: false,
		inPan: false,
		mobility: 1
	}
};

/** Braised meat is safe long before it is good: in the middle it is tender enough to pull at this, °C. Common practice, no source. */
const pulledC = 93;

/** The temperature at which a kind is tender, where that is more than safe; null where safe is done. */
export const tenderC = (kind: DishKind): number | null => (kind === 'tough-cut' ? pulledC : null);

export const dishKindNames = Object.keys(dishKinds) as DishKind[];
