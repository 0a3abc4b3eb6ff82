import type { DishKind } from '../published/dish-kinds.ts';

export type State = 'thawed' | 'frozen';
export type Method =
	| { appliance: 'slow-cooker'; setting: 'low' | 'high' }
	| { appliance: 'pressure-cooker'; release?: 'natural' | 'quick' }
	| { appliance: 'oven'; ovenC: number; covered: boolean };

/** Slow cooker low and high, pressure cooker with natural release, covered oven: 180 °C for bakes, 165 °C for the rest. */
export function defaultMethods(kind: DishKind): Method[] {
	return [
		{ appliance: 'slow-cooker', setting: 'low' },
		{ appliance: 'slow-cooker', setting: 'high' },
		{ appliance: 'pressure-cooker', release: kind === 'soft-vegetables' ? 'quick' : 'natural' },
		{ appliance: 'oven', ovenC: kind === 'assembled-bake' ? 180 : 165, covered: true }
	];
}
