import type { SourceKey } from '../published/sources.ts';

/** Where a pack is put to thaw. */
export const thawPlaces = ['refrigerator', 'cold-water', 'microwave', 'counter'] as const;
export type ThawPlace = (typeof thawPlaces)[number];
/** Those that are offered: the counter is no place to thaw, it can only have happened. */
export const offeredThawPlaces = ['refrigerator', 'cold-water', 'microwave'] as const;

export interface RefreezeVerdict {
	outcome: 'keep' | 'refreeze' | 'cook-first' | 'discard';
	reason:
		| 'still-frozen'
		| 'thawed-in-refrigerator'
		| 'too-long-in-refrigerator'
		| 'thawed-in-water'
		| 'out-too-long'
		| 'cooked-since';
	source: SourceKey;
}

/** Hours perishable food may stand outside the refrigerator (USDA FSIS). */
export const outsideH = 2;

/**
 * Whether what was taken out may go back into the freezer (USDA FSIS, The big thaw): thawed in the refrigerator, yes, within its
 * days; in cold water or the microwave, cooked first; on the counter beyond two hours, not at all. Cooked since, and cooled as the
 * rule asks, yes. Never thawed at all: it is put back.
 */
export function refreeze(input: {
	place: ThawPlace;
	/** since it was taken out, hours */
	outH: number;
	/** until no ice is left there, hours; null: nobody knows, so it counts as thawed from the beginning */
	thawedAfterH: number | null;
	/** days it keeps in the refrigerator after thawing */
	keepsDays: number;
	cookedSince: boolean;
}): RefreezeVerdict {
	const source: SourceKey = 'fsis-thawing';
	if (input.cookedSince) return { outcome: 'refreeze', reason: 'cooked-since', source };
	switch (input.place) {
		case 'refrigerator': {
			const thawedH = Math.max(0, input.outH - (input.thawedAfterH ?? 0));
			if (thawedH > input.keepsDays * 24)
				return { outcome: 'discard', reason: 'too-long-in-refrigerator', source };
			return { outcome: 'refreeze', reason: 'thawed-in-refrigerator', source };
		}
		case 'cold-water':
		case 'microwave': {
			const sinceThawedH = input.outH - (input.thawedAfterH ?? 0);
			if (sinceThawedH > outsideH) return { outcome: 'discard', reason: 'out-too-long', source };
			return { outcome: 'cook-first', reason: 'thawed-in-water', source };
		}
		case 'counter':
			return input.outH > outsideH
				? { outcome: 'discard', reason: 'out-too-long', source }
				: { outcome: 'cook-first', reason: 'thawed-in-water', source };
	}
}
