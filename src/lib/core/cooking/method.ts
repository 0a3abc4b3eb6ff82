import type { DishKind, HeatFamily } from '../published/dish-kinds.ts';

export type State = 'thawed' | 'frozen';
export const hobLevels = ['low', 'medium', 'high'] as const;
export type HobLevel = (typeof hobLevels)[number];
export type Method =
	| { appliance: 'slow-cooker'; setting: 'low' | 'high' }
	| { appliance: 'pressure-cooker'; release?: 'natural' | 'quick' }
	| { appliance: 'oven'; ovenC: number; covered: boolean }
	/** a pot with its lid on; `setMin` counts from the food in the pot, the block broken up and stirred once it bends */
	| { appliance: 'hob'; level: HobLevel }
	/** printed output in watts; `setMin` without the standing time, `totalMin` with it */
	| { appliance: 'microwave'; powerW: number }
	/** small oven with a strong fan, uncovered, one layer */
	| { appliance: 'fan-oven'; ovenC: number }
	| { appliance: 'water-bath'; bathC: number; circulated: boolean }
	| { appliance: 'steamer' };

/** One key a way, whatever order its fields came in from the database. */
export const methodKey = (method: Method): string => JSON.stringify(Object.entries(method).sort());

/** How heat comes to the food in a method. */
export function heatFamilyOf(method: Method): HeatFamily {
	switch (method.appliance) {
		case 'slow-cooker':
			return 'slow';
		case 'pressure-cooker':
			return 'pressure';
		case 'oven':
			return method.covered ? 'covered' : 'dry';
		case 'fan-oven':
			return 'dry';
		case 'hob':
		case 'microwave':
		case 'water-bath':
		case 'steamer':
			return 'covered';
	}
}

/** Kinds that go soft or dry while pressure falls by itself. */
const quickKinds: ReadonlySet<DishKind> = new Set<DishKind>(['soft-vegetables', 'fish']);

/** The way the same appliance is set: pressure, level or temperature, lid. */
export function sameSetting(a: Method, b: Method): boolean {
	switch (a.appliance) {
		case 'slow-cooker':
			return b.appliance === 'slow-cooker' && a.setting === b.setting;
		case 'pressure-cooker':
			return (
				b.appliance === 'pressure-cooker' && (a.release ?? 'natural') === (b.release ?? 'natural')
			);
		case 'oven':
			return b.appliance === 'oven' && a.ovenC === b.ovenC && a.covered === b.covered;
		case 'hob':
			return b.appliance === 'hob' && a.level === b.level;
		case 'microwave':
			return b.appliance === 'microwave' && a.powerW === b.powerW;
		case 'fan-oven':
			return b.appliance === 'fan-oven' && a.ovenC === b.ovenC;
		case 'water-bath':
			return b.appliance === 'water-bath' && a.bathC === b.bathC;
		case 'steamer':
			return b.appliance === 'steamer';
	}
}

/** Whether `method` is the same appliance as `than`, set no hotter. */
export function noHotter(method: Method, than: Method): boolean {
	switch (method.appliance) {
		case 'slow-cooker':
			return (
				than.appliance === 'slow-cooker' && (method.setting === 'low' || than.setting === 'high')
			);
		case 'pressure-cooker':
			return than.appliance === 'pressure-cooker';
		case 'oven':
			return (
				than.appliance === 'oven' && method.ovenC <= than.ovenC && method.covered === than.covered
			);
		case 'hob':
			return (
				than.appliance === 'hob' && hobLevels.indexOf(method.level) <= hobLevels.indexOf(than.level)
			);
		case 'fan-oven':
			return than.appliance === 'fan-oven' && method.ovenC <= than.ovenC;
		case 'water-bath':
			return than.appliance === 'water-bath' && method.bathC <= than.bathC;
		case 'microwave':
		case 'steamer':
			return method.appliance === than.appliance;
	}
}

/** Usual oven temperatures on a knob in °C, and in steps of 25 on one in °F (325, 350, 400). */
const usualOvenC = {
	c: { fish: 200, bake: 180, rest: 165 },
	f: { fish: (400 - 32) / 1.8, bake: (350 - 32) / 1.8, rest: (325 - 32) / 1.8 }
} as const;

/** Slow cooker low and high, pressure cooker, oven: 180 °C covered for bakes, 200 °C open for fish, 165 °C covered for the rest. */
export function defaultMethods(kind: DishKind, knob: 'c' | 'f' = 'c'): Method[] {
	const hotC =
		kind === 'fish'
			? usualOvenC[knob].fish
			: usualOvenC[knob][kind === 'assembled-bake' ? 'bake' : 'rest'];
	return [
		{ appliance: 'slow-cooker', setting: 'low' },
		{ appliance: 'slow-cooker', setting: 'high' },
		{ appliance: 'pressure-cooker', release: quickKinds.has(kind) ? 'quick' : 'natural' },
		{ appliance: 'oven', ovenC: hotC, covered: kind !== 'fish' }
	];
}
