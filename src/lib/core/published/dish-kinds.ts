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
	| 'assembled-bake';

export interface DishKindRule {
	/** `mean`: volume mean, for collagen; `coldest`: least of all cells */
	readonly measure: 'mean' | 'coldest';
	readonly zK: number;
	readonly cookMin: { readonly low: number; readonly target: number; readonly high: number };
	/** core temperature below which it is not done whatever the pack says, °C */
	readonly floorC: number;
	readonly lethality70Min: number;
	/** once thawed it is loose pieces in a pool, not a block */
	readonly loose: boolean;
	/** what comes from a slow cooker counts less by this factor, what goes to one more */
	readonly slowCookerFactor: number;
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

/** A whole cut with collagen, in some liquid. */
const braised: DishKindRule = {
	measure: 'mean',
	zK: 22,
	cookMin: { low: 45, target: 68, high: 200 },
	floorC: 80,
	lethality70Min: 5,
	loose: false,
	slowCookerFactor: 1,
	liquidL: { slowThawed: 0.25, slowFrozen: 0.25, pressure: 0.25, oven: 0.25 },
	pressureFill01: twoThirds,
	mobility: 1,
	cookedGain: 1.2
};

export const dishKinds: Readonly<Record<DishKind, DishKindRule>> = {
	'tough-cut': braised,
	/** stewing cubes up to 5 cm: collagen, by the mean of the pieces */
	'braised-pieces': {
		...braised,
		zK: 30,
		cookMin: { low: 70, target: 110, high: 230 }
	},
	'lean-pieces': {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 3, target: 38, high: 60 },
		floorC: 63,
		lethality70Min: 5,
		loose: false,
		slowCookerFactor: 1,
		liquidL: { slowThawed: 0.1, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	fish: {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 0.3, target: 0.8, high: 4 },
		floorC: 63,
		lethality70Min: 0,
		loose: false,
		slowCookerFactor: 1,
		liquidL: { slowThawed: 0.1, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	'meat-in-sauce': {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 10, target: 60, high: 110 },
		floorC: 73.9,
		lethality70Min: 5,
		loose: true,
		slowCookerFactor: 1,
		liquidL: { slowThawed: 0, slowFrozen: 0.15, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 2,
		cookedGain: 1
	},
	'pulse-soup': {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 8, target: 25, high: 90 },
		floorC: 73.9,
		lethality70Min: 5,
		loose: true,
		slowCookerFactor: 1,
		liquidL: { slowThawed: 0, slowFrozen: 0.12, pressure: 0.24, oven: 0 },
		pressureFill01: 0.5,
		mobility: 3,
		cookedGain: 1
	},
	'hard-vegetables': {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 15, target: 25, high: 60 },
		floorC: 70,
		lethality70Min: 2,
		loose: false,
		slowCookerFactor: 1.5,
		liquidL: { slowThawed: 0.15, slowFrozen: 0.15, pressure: 0.25, oven: 0.1 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	'soft-vegetables': {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 2, target: 5, high: 20 },
		floorC: 70,
		lethality70Min: 2,
		loose: false,
		slowCookerFactor: 1,
		liquidL: { slowThawed: 0, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.5,
		cookedGain: 1
	},
	'assembled-bake': {
		measure: 'coldest',
		zK: 33,
		cookMin: { low: 0, target: 2, high: 15 },
		floorC: 73.9,
		lethality70Min: 5,
		loose: false,
		slowCookerFactor: 1,
		liquidL: { slowThawed: 0.1, slowFrozen: 0.12, pressure: 0.25, oven: 0 },
		pressureFill01: twoThirds,
		mobility: 1.6,
		cookedGain: 1
	}
};

export const dishKindNames = Object.keys(dishKinds) as DishKind[];
