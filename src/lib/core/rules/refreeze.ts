import type { SourceKey } from '../published/sources.ts';
import { requireRange } from '../require-range.ts';
import { twoHours } from './two-hours.ts';

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

/**
 * Whether what was taken out may go back into the freezer (USDA FSIS, The big thaw): thawed in the refrigerator, yes, within its
 * days; in cold water or the microwave, cooked first; on the counter beyond two hours, not at all. Cooked since, and cooled as the
 * rule asks, yes, where it was cooked in time: cooking does not undo what grew before it. Never thawed at all: it is put back.
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
	requireRange('outH', input.outH, 0, 1e5);
	requireRange('keepsDays', input.keepsDays, 0, 365);
	if (input.thawedAfterH !== null) requireRange('thawedAfterH', input.thawedAfterH, 0, 1e5);
	const uncooked = uncookedVerdict(input, source);
	return input.cookedSince && uncooked.outcome !== 'discard'
		? { outcome: 'refreeze', reason: 'cooked-since', source }
		: uncooked;
}

/** As if it had not been cooked: since it was taken out, all of the time counts. */
function uncookedVerdict(
	input: Parameters<typeof refreeze>[0],
	source: SourceKey
): RefreezeVerdict {
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
			if (sinceThawedH > twoHours.outH)
				return { outcome: 'discard', reason: 'out-too-long', source };
			return { outcome: 'cook-first', reason: 'thawed-in-water', source };
		}
		case 'counter':
			return input.outH > twoHours.outH
				? { outcome: 'discard', reason: 'out-too-long', source }
				: { outcome: 'cook-first', reason: 'thawed-in-water', source };
	}
}
