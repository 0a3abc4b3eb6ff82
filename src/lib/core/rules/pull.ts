import type { ThawPlace } from './refreeze.ts';
import { twoHours } from './two-hours.ts';
import { requireRange } from '../require-range.ts';

export interface PullTimes {
	pliableAtMs: number | null;
	thawedAtMs: number | null;
	/** cooked or eaten by then */
	cookByMs: number;
	/** not eaten any more after that: outside the refrigerator two hours, in it its days */
	discardAtMs: number;
}

const minMs = 60_000;
const dayMs = 24 * 60 * minMs;

/**
 * Clocks of a pack that was taken out to thaw: bends, free of ice, and to be cooked by: in the refrigerator its days after that,
 * in cold water and microwave at once (USDA FSIS; an hour is given to get it into the pot). Left out on the counter it has two hours
 * in all, frozen or not; so has what is thawing elsewhere outside of it when nobody knows how long that takes.
 */
export function pullTimes(input: {
	place: ThawPlace;
	sinceMs: number;
	pliableMin: number | null;
	thawedMin: number | null;
	keepsDays: number;
}): PullTimes {
	requireRange('sinceMs', input.sinceMs, -8.64e15, 8.64e15);
	requireRange('keepsDays', input.keepsDays, 0, 365);
	for (const name of ['pliableMin', 'thawedMin'] as const) {
		const min = input[name];
		if (min !== null) requireRange(name, min, 0, 1e6);
	}
	const at = (min: number | null) => (min === null ? null : input.sinceMs + min * minMs);
	const isOut = input.place === 'counter';
	const thawedAtMs = isOut ? null : at(input.thawedMin);
	/** when it is thawed is not known: its time counts from the beginning */
	const fromMs = thawedAtMs ?? input.sinceMs;
	const outMs = twoHours.outH * 60 * minMs;
	if (input.place === 'refrigerator') {
		const byMs = fromMs + input.keepsDays * dayMs;
		return { pliableAtMs: at(input.pliableMin), thawedAtMs, cookByMs: byMs, discardAtMs: byMs };
	}
	return {
		pliableAtMs: isOut ? null : at(input.pliableMin),
		thawedAtMs,
		cookByMs: fromMs + (isOut ? outMs : 60 * minMs),
		discardAtMs: fromMs + outMs
	};
}
