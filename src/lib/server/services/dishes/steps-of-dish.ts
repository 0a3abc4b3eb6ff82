import {
	type DishStep,
	type ProposedSteps,
	proposeSteps,
	type StepLine,
	type ToldCooking
} from '../../../core/steps/index.ts';
import { applianceOf } from '../../../core/appliances/index.ts';
import { piecesOfDish } from './pieces-of-dish.ts';
import type { Dish } from '../../queries/dishes.ts';

/** The lines of a dish as steps are read from them. */
export function stepLines(dish: Pick<Dish, 'lines'>): StepLine[] {
	return dish.lines.map((line) => ({
		itemName: line.itemName,
		item: line.item,
		cut: line.cut,
		massKg: line.massKg,
		stage: line.stage,
		form: line.form
	}));
}

/** The cooking a recipe gives for the fresh dish, as a step has it; null when its instruction is for the frozen pack. */
function toldOf({ instruction }: Pick<Dish, 'instruction'>): ToldCooking | null {
	if (instruction?.state !== 'fresh') return null;
	const { method, minutes } = instruction;
	return {
		place: applianceOf(method).place,
		minutes: (minutes.from + minutes.to) / 2,
		...(method.appliance === 'oven' && { ovenC: method.ovenC })
	};
}

type DishWork = Pick<Dish, 'lines' | 'steps' | 'method' | 'instruction' | 'state' | 'pieces'>;

/** What was read of a dish before: nothing changes a dish that is read, a change is a dish read anew. */
const known = new WeakMap<DishWork, ProposedSteps>();

/** What is read of a dish's work: its steps, and what its method leaves for the day it is cooked. */
export function proposedSteps(dish: DishWork): ProposedSteps {
	const proposed =
		known.get(dish) ??
		proposeSteps({
			lines: stepLines(dish),
			method: dish.method,
			told: toldOf(dish),
			state: dish.state,
			pieces: piecesOfDish(dish)?.count
		});
	known.set(dish, proposed);
	return proposed;
}

/** A dish's pieces of work: as the cook left them, or proposed. */
export const stepsOfDish = (dish: DishWork): DishStep[] => dish.steps ?? proposedSteps(dish).steps;
