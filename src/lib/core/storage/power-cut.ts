import { requireRange } from '../require-range.ts';
import type { SourceKey } from '../published/sources.ts';
import type { StorageGroup } from '../published/storage-life.ts';

/** Hours a closed freezer keeps, full and half full (FoodSafety.gov, from memory). */
export const holdsFullH = 48;
export const holdsHalfH = 24;
/** At or below this, or with ice crystals in it, food may be frozen again; above it for longer than two hours it goes. */
export const refreezeC = 4;
const warmLimitH = 2;

export type PowerCutOutcome = 'keep' | 'refreeze' | 'cook-now' | 'discard' | 'look';
export interface PowerCutVerdict {
	outcome: PowerCutOutcome;
	reason:
		| 'within-hours'
		| 'ice-or-cold'
		| 'warm-short'
		| 'warm-long'
		| 'beyond-hours'
		| 'harmless'
		| 'opened';
	source: SourceKey;
}

/**
 * Hours a closed freezer is taken to keep: 48 when full, 24 when half full, evenly in between; below half full in proportion, which
 * is stricter than the rule says.
 */
export function holdsH(fill01: number): number {
	const fill = Math.min(1, requireRange('fill01', fill01, 0, 10));
	return fill >= 0.5
		? holdsHalfH + ((fill - 0.5) / 0.5) * (holdsFullH - holdsHalfH)
		: (fill / 0.5) * holdsHalfH;
}

/** Food that spoils rather than harms when it was warm: bread, fruit and vegetables without anything else. */
const harmless: ReadonlySet<StorageGroup> = new Set<StorageGroup>(['bread-bakes', 'fruit']);

/**
 * What to do with a pack after a power cut. A reading of the pack or the freezer, or ice crystals seen in it, decides; without
 * either the hours do, with the door kept closed. An opened door or hours beyond the rule ask for a look at each pack.
 */
export function powerCutVerdict(input: {
	groups: readonly StorageGroup[];
	outH: number;
	fill01: number;
	doorOpened: boolean;
	/** seen in this pack; null: not looked yet */
	iceCrystals: boolean | null;
	/** warmest reading of pack or freezer during the cut; null: none */
	warmestC: number | null;
	/** how long readings were above 4 °C */
	aboveH: number | null;
}): PowerCutVerdict {
	const source: SourceKey = 'power-cut';
	const outH = requireRange('outH', input.outH, 0, 1000);
	if (input.warmestC !== null) {
		if (input.warmestC <= refreezeC)
			return {
				outcome: input.warmestC <= -10 ? 'keep' : 'refreeze',
				reason: 'ice-or-cold',
				source
			};
		if (input.groups.length > 0 && input.groups.every((group) => harmless.has(group)))
			return { outcome: 'refreeze', reason: 'harmless', source };
		return (input.aboveH ?? Infinity) > warmLimitH
			? { outcome: 'discard', reason: 'warm-long', source }
			: { outcome: 'cook-now', reason: 'warm-short', source };
	}
	if (input.iceCrystals === true) return { outcome: 'refreeze', reason: 'ice-or-cold', source };
	const within = outH <= holdsH(input.fill01);
	if (input.iceCrystals === false) {
		if (input.groups.length > 0 && input.groups.every((group) => harmless.has(group)))
			return { outcome: 'refreeze', reason: 'harmless', source };
		// nobody knows for how long: without a reading it counts as warm since the rule's hours ended
		return outH - (input.doorOpened ? 0 : holdsH(input.fill01)) > warmLimitH
			? { outcome: 'discard', reason: 'beyond-hours', source }
			: { outcome: 'cook-now', reason: 'warm-short', source };
	}
	if (within && !input.doorOpened) return { outcome: 'keep', reason: 'within-hours', source };
	return { outcome: 'look', reason: input.doorOpened ? 'opened' : 'beyond-hours', source };
}
