import type { Composition } from './composition.ts';
import type { DishKind } from '../published/dish-kinds.ts';
import type { FoodSpec } from './food-spec.ts';

/** Composition by kind of dish when the lines do not say (mass fractions, from memory). */
export const defaultCompositions: Readonly<Record<DishKind, Readonly<Composition>>> = {
	'tough-cut': { water: 0.68, protein: 0.195, fat: 0.115, carbohydrate: 0, fibre: 0, ash: 0.01 },
	'lean-pieces': { water: 0.77, protein: 0.11, fat: 0.03, carbohydrate: 0.08, fibre: 0, ash: 0.01 },
	'meat-in-sauce': {
		water: 0.76,
		protein: 0.1,
		fat: 0.06,
		carbohydrate: 0.065,
		fibre: 0,
		ash: 0.015
	},
	'pulse-soup': {
		water: 0.82,
		protein: 0.045,
		fat: 0.015,
		carbohydrate: 0.088,
		fibre: 0.02,
		ash: 0.012
	},
	'hard-vegetables': {
		water: 0.86,
		protein: 0.02,
		fat: 0.02,
		carbohydrate: 0.07,
		fibre: 0.02,
		ash: 0.01
	},
	'soft-vegetables': {
		water: 0.88,
		protein: 0.015,
		fat: 0.035,
		carbohydrate: 0.05,
		fibre: 0.015,
		ash: 0.005
	},
	'braised-pieces': {
		water: 0.71,
		protein: 0.17,
		fat: 0.075,
		carbohydrate: 0.03,
		fibre: 0.005,
		ash: 0.01
	},
	fish: {
		water: 0.77,
		protein: 0.175,
		fat: 0.035,
		carbohydrate: 0.008,
		fibre: 0.002,
		ash: 0.01
	},
	'assembled-bake': {
		water: 0.65,
		protein: 0.11,
		fat: 0.09,
		carbohydrate: 0.135,
		fibre: 0,
		ash: 0.015
	},
	'assembled-cooked': {
		water: 0.65,
		protein: 0.11,
		fat: 0.09,
		carbohydrate: 0.135,
		fibre: 0,
		ash: 0.015
	},
	'wrapped-single': {
		water: 0.56,
		protein: 0.1,
		fat: 0.1,
		carbohydrate: 0.21,
		fibre: 0.015,
		ash: 0.015
	},
	dough: { water: 0.35, protein: 0.07, fat: 0.12, carbohydrate: 0.43, fibre: 0.02, ash: 0.01 },
	'baked-goods': {
		water: 0.35,
		protein: 0.085,
		fat: 0.06,
		carbohydrate: 0.465,
		fibre: 0.025,
		ash: 0.015
	}
};

/** What a pack nobody knows the food of is counted as where only its cold matters: a stew (judgement). */
export const someFood: FoodSpec = { composition: defaultCompositions['lean-pieces'] };
