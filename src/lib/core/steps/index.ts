/** What others take from here; files beside it are its own. */
export { moveStep, removeStep } from './move-step.ts';
export { proposeSteps, type ProposedSteps, type ToldCooking } from './propose-steps.ts';
export { linesNamed } from './step-items.ts';
export { stepStartsMin } from './step-starts.ts';
export {
	handsMin,
	isHot,
	longestCookingMin,
	stepPlaces,
	type DishStep,
	type StepLine
} from './step.ts';
