import type { DishKind, HeatFamily } from '../published/dish-kinds.ts';

export type State = 'thawed' | 'frozen';
export type Method =
	| { appliance: 'slow-cooker'; setting: 'low' | 'high' }
	| { appliance: 'pressure-cooker'; release?: 'natural' | 'quick' }
	| { appliance: 'oven'; ovenC: number; covered: boolean };

/** How heat comes to the food in a method. */
export function heatFamilyOf(method: Method): HeatFamily {
	switch (method.appliance) {
		case 'slow-cooker':
			return 'slow';
		case 'pressure-cooker':
			return 'pressure';
		case 'oven':
			return method.covered ? 'covered' : 'dry';
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
	}
}

/** Slow cooker low and high, pressure cooker, oven: 180 °C covered for bakes, 200 °C open for fish, 165 °C covered for the rest. */
export function defaultMethods(kind: DishKind): Method[] {
	return [
		{ appliance: 'slow-cooker', setting: 'low' },
		{ appliance: 'slow-cooker', setting: 'high' },
		{ appliance: 'pressure-cooker', release: quickKinds.has(kind) ? 'quick' : 'natural' },
		kind === 'fish'
			? { appliance: 'oven', ovenC: 200, covered: false }
			: { appliance: 'oven', ovenC: kind === 'assembled-bake' ? 180 : 165, covered: true }
	];
}
