import { sameMin } from './task.ts';

/** A task that begins so much earlier or later than it was planned has moved, minutes. */
const movedMin = 10;

/** A task that begins more than ten minutes from where the plan before had it. */
export interface MovedTask {
	id: string;
	/** later; below zero: earlier */
	byMin: number;
}

/** What begins more than ten minutes from where it was planned before, the next to begin first. */
export const movedTasks = (
	startMin: Readonly<Record<string, number>>,
	before: Readonly<Record<string, number>>
): MovedTask[] =>
	Object.keys(before)
		.flatMap((id): MovedTask[] => {
			const byMin = (startMin[id] ?? NaN) - before[id];
			return Math.abs(byMin) > movedMin + sameMin ? [{ id, byMin }] : [];
		})
		.sort((a, b) => startMin[a.id] - startMin[b.id]);
