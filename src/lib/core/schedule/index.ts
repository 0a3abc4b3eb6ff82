/** What others take from here; files beside it are its own. */
export type { CoolingOption } from './choose-coolings.ts';
export { packsToTakeOut, takeOutKey, type ComponentPack } from './component-packs.ts';
export { coolingLoad, iceInAllKg } from './cooling-load.ts';
export { dayBoard, goesOnWith, type BoardTask } from './day-board.ts';
export {
	dayEventKinds,
	dayState,
	isCut,
	taskStates,
	undoneUids,
	type DayEvent,
	type DayEventKind,
	type DayState
} from './day-events.ts';
export type { DayOutlook } from './day-outlook.ts';
export type { DayProgress } from './day-progress.ts';
export {
	coolId,
	packId,
	stepId,
	type DayCooling,
	type DayDish,
	type DayTask,
	type DayTasksInput
} from './day-tasks.ts';
export { stillHolds, type EarlierPlan } from './earlier-plan.ts';
export { learnedTimes, paceByCook } from './learned-times.ts';
export { movedTasks } from './moved-tasks.ts';
export {
	orderOfWork,
	outlookOf,
	type OrderOfWorkInput,
	type OrderedDay,
	type OutlookInput
} from './order-of-work.ts';
export {
	boardsOf,
	cansOf,
	prepLists,
	type PrepBoard,
	type PrepItem,
	type PrepShare
} from './prep-lists.ts';
export { replanDay, type TaskState } from './replan-day.ts';
export {
	fullPlan,
	usualCapacity,
	type ChosenCooling,
	type KeptPlan,
	type PlanReason,
	type RunSheet
} from './run-sheet.ts';
export { usualWaits } from './step-hygiene.ts';
export { idsInOrder } from './task-lists.ts';
export { hands, handsMinOf, type SearchWatch } from './task.ts';
