/** What the hands or the board touch. */
export type { Hygiene } from '../foods/item-catalogue.ts';
import type { Hygiene } from '../foods/item-catalogue.ts';
import { isRawAnimalClass } from '../foods/raw-class.ts';

export interface Task {
	id: string;
	durationMin: number;
	after?: string[];
	uses?: Record<string, number>;
	/** longest wait allowed between the end of its predecessors and its start */
	maxWaitMin?: number;
	/** given: what the hands or board touch; a change from raw animal food puts `changeoverMin` on the hands */
	hygiene?: Hygiene;
	/** given with an oven in `uses`: tasks share it only within 10 K */
	ovenC?: number;
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
}

export interface DaySchedule {
	startMin: Record<string, number>;
	endMin: number;
	lowerBoundMin: number;
	changeovers: number;
	outcome: 'optimal' | 'budget' | 'infeasible';
}

/** The resource that a change from raw animal food occupies. */
export const hands = 'hands';
export const oven = 'oven';
export const ovenSharedK = 10;
/** Moments closer than this are the same, minutes. */
export const sameMin = 1e-6;

/** Whether hands and board are washed between two tasks: from raw animal food to anything else. */
export const needsWash = (from: Hygiene | undefined, to: Hygiene | undefined): boolean =>
	from !== undefined && to !== undefined && from !== to && isRawAnimalClass(from);
