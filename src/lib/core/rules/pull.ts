import { refrigeratorDays } from '../published/after-thawing.ts';
import { cookedAs } from '../published/storage-life.ts';
import type { StoredPart } from '../storage/storage-life.ts';
import { outsideH, type ThawPlace } from './refreeze.ts';

/** Days a pack keeps in the refrigerator once thawed: the shortest of its parts, less the days it lay there before it was frozen. */
export function keepsDays(parts: readonly StoredPart[], daysBefore = 0): number {
	const days = parts.map(
		({ group, state }) => refrigeratorDays[state === 'cooked' ? (cookedAs[group] ?? group) : group]
	);
	return Math.max(0, Math.min(...(days.length ? days : [1])) - Math.max(0, daysBefore));
}

export interface PullTimes {
	pliableAtMs: number | null;
	thawedAtMs: number | null;
	/** cooked or eaten by then; null: nobody knows when it is thawed, so it is looked at */
	cookByMs: number | null;
	/** not eaten any more after that: outside the refrigerator two hours, in it its days; null: nobody knows */
	discardAtMs: number | null;
}

const minMs = 60_000;
const dayMs = 24 * 60 * minMs;

/**
 * Clocks of a pack that was taken out to thaw: bends, free of ice, and to be cooked by: in the refrigerator its days after that,
 * in cold water and microwave at once (USDA FSIS; an hour is given to get it into the pot). Left out on the counter it has two hours
 * in all, frozen or not.
 */
export function pullTimes(input: {
	place: ThawPlace;
	sinceMs: number;
	pliableMin: number | null;
	thawedMin: number | null;
	keepsDays: number;
}): PullTimes {
	const at = (min: number | null) => (min === null ? null : input.sinceMs + min * minMs);
	if (input.place === 'counter')
		return {
			pliableAtMs: null,
			thawedAtMs: null,
			cookByMs: input.sinceMs + outsideH * 60 * minMs,
			discardAtMs: input.sinceMs + outsideH * 60 * minMs
		};
	const thawedAtMs = at(input.thawedMin);
	const cookByMs =
		input.place === 'refrigerator'
			? // when it is thawed is not known: its days count from the beginning
				(thawedAtMs ?? input.sinceMs) + input.keepsDays * dayMs
			: thawedAtMs === null
				? null
				: thawedAtMs + 60 * minMs;
	return {
		pliableAtMs: at(input.pliableMin),
		thawedAtMs,
		cookByMs,
		discardAtMs:
			input.place === 'refrigerator'
				? cookByMs
				: thawedAtMs === null
					? null
					: thawedAtMs + outsideH * 60 * minMs
	};
}
