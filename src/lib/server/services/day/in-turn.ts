import { together } from '../../db/together.ts';

/** One change of a day after the other: two devices never plan over each other, whichever process they ask. */
const queues = new Map<number, Promise<unknown>>();

/** Does something with a day once what was asked of it before is done. */
export function inTurn<T>(dayId: number, work: () => Promise<T>): Promise<T> {
	const before = queues.get(dayId) ?? Promise.resolve();
	const inLock = () => together().alone(`day ${dayId}`, work);
	const mine = before.then(inLock, inLock);
	const quiet = mine
		.catch(() => undefined)
		.then(() => {
			if (queues.get(dayId) === quiet) queues.delete(dayId);
		});
	queues.set(dayId, quiet);
	return mine;
}

/** Whether something waits for its turn, or is at work. */
export const isBusy = (dayId: number): boolean => queues.has(dayId);
