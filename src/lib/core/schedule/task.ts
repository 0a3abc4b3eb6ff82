/** What the hands or the board touch. */
export type { Hygiene } from '../foods/item-catalogue.ts';
import type { Hygiene } from '../foods/item-catalogue.ts';
import { isRawAnimalClass } from '../foods/raw-class.ts';

export interface Task {
	id: string;
	durationMin: number;
	after?: string[];
	uses?: Record<string, number>;
	/** hands are needed for so many minutes from its start only (switching on, putting in); left out: all the time */
	handsMin?: number;
	/** longest wait allowed between the end of its predecessors and its start */
	maxWaitMin?: number;
	/** longest wait allowed after the end of one predecessor, whatever the others do: by its id */
	waits?: Record<string, number>;
	/** done while another task is under way, not before a share of that is over (stirring, turning) */
	within?: { id: string; from01: number };
	/** given: what the hands or board touch; a change from raw animal food puts `changeoverMin` on the hands */
	hygiene?: Hygiene;
	/** given with an oven in `uses`: tasks share it only within 10 K */
	ovenC?: number;
	/** brings the oven to `ovenC`: takes no time where another task has just had it there */
	heats?: boolean;
	/** already started or a break: stays where it is */
	fixedStartMin?: number;
	/** moved by hand: not before this */
	notBeforeMin?: number;
}

export interface DayInput {
	tasks: Task[];
	/** ids in the order of an earlier schedule: the search starts from it, too */
	order?: readonly string[];
	capacity: Record<string, number>;
	changeoverMin?: number;
	iterations?: number;
	seed?: number;
	/** a task may wait too long for one that has a fixed start, and is named; otherwise there is no such day */
	pastWaits?: boolean;
	/** only the longest chain first is tried, without a search: for comparing many days */
	quick?: boolean;
}

export interface DaySchedule {
	startMin: Record<string, number>;
	endMin: number;
	lowerBoundMin: number;
	changeovers: number;
	outcome: 'optimal' | 'budget' | 'infeasible';
	/** which of the cooks do a task, counted from 0; tasks without hands are left out */
	cooks: Record<string, number[]>;
	/** tasks that heat the oven and need not: it is hot already */
	alreadyHot: string[];
	/** with `pastWaits`: minutes that tasks wait too long for what has started */
	overWaitMin?: Record<string, number>;
}

/** Told while a search goes on. */
export interface SearchWatch {
	/** a better schedule was found; `done01` of the moves are tried */
	onBetter?(found: DaySchedule, done01: number): void;
	/** `done01` of other questions are answered */
	onStep?(done01: number): void;
	/** true: the search ends with what it has */
	shouldStop?(): boolean;
}

/** The resource that a change from raw animal food occupies. */
export const hands = 'hands';
export const oven = 'oven';
export const ovenSharedK = 10;
/** An oven that was switched off or stood empty so long counts as hot still, minutes (judgement). */
export const staysHotMin = 10;
/** Moments closer than this are the same, minutes. */
export const sameMin = 1e-6;

/** Whether a task holds the oven at a temperature. */
export const holdsOven = (task: Task): task is Task & { ovenC: number } =>
	task.ovenC !== undefined && (task.heats === true || (task.uses?.[oven] ?? 0) > 0);

/** Minutes for which a task that takes `durationMin` needs hands. */
export const handsMinOf = (task: Task, durationMin = task.durationMin): number =>
	Math.min(durationMin, task.handsMin ?? durationMin);

/** The longest wait a task allows after one of its predecessors ended alone; Infinity where none is set. */
export const waitAfter = (task: Task, id: string): number => task.waits?.[id] ?? Infinity;

/** Whether hands and board are washed between two tasks: from raw animal food to anything else. */
export const needsWash = (from: Hygiene | undefined, to: Hygiene | undefined): boolean =>
	from !== undefined && to !== undefined && from !== to && isRawAnimalClass(from);
