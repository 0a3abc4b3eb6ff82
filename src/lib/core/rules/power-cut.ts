import { twoHours } from './two-hours.ts';
import { requireRange } from '../require-range.ts';
import type { SourceKey } from '../published/sources.ts';
import type { StorageGroup } from '../published/storage-life.ts';

/** Hours a closed freezer keeps, full and half full (FoodSafety.gov, from memory). */
export const holdsFullH = 48;
export const holdsHalfH = 24;
/** At or below this, or with ice crystals in it, food may be frozen again; above it for longer than two hours it goes. */
export const refreezeC = 4;

/** Food that was never warmer stays hard: it is kept as it is. Judgement. */
const hardC = -10;

export type PowerCutOutcome = 'keep' | 'refreeze' | 'cook-now' | 'discard' | 'look';
export interface PowerCutVerdict {
	outcome: PowerCutOutcome;
	reason:
		| 'within-hours'
		| 'ice-or-cold'
		| 'warm-short'
		| 'warm-long'
		| 'warm-unknown'
		| 'too-long-cold'
		| 'beyond-hours'
		| 'harmless'
		| 'opened'
		| 'softened'
		| 'ice-cream';
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

/** Bread alone and fruit alone spoil rather than harm when they were warm; both together are a pie, and a pie is not fruit. */
const harmless: readonly StorageGroup[] = ['bread-bakes', 'fruit'];
const isHarmless = (groups: readonly StorageGroup[]) =>
	groups.length > 0 && harmless.some((one) => groups.every((group) => group === one));

export interface PowerCutQuestion {
	groups: readonly StorageGroup[];
	/** from the beginning to the end of the cut, hours */
	outH: number;
	fill01: number;
	doorOpened: boolean;
	/** seen in this pack; null: not looked yet */
	iceCrystals: boolean | null;
	/** warmest reading of pack or freezer during the cut; null: none */
	warmestC: number | null;
	/** how long readings were above 4 °C */
	aboveH: number | null;
	/** hours of the cut that readings cover (`readingCover`); left out: none, a single reading covers no time */
	coveredH?: number;
	/** hours readings were above 0 °C, where food is only as cold as in a refrigerator */
	unfrozenH?: number | null;
	/** days it keeps in the refrigerator; left out: the strictest, one */
	keepsDays?: number;
	/** ice cream and soft ices: they go once they were soft */
	isIce?: boolean;
}

/**
 * What to do with a pack after a power cut. Readings decide where they cover the whole cut; where they do not they can only make it
 * worse. Without them what was seen in the pack decides, and before that the hours, with the door kept closed: an opened door or
 * hours beyond the rule ask for a look at each pack.
 */
export function powerCutVerdict(input: PowerCutQuestion): PowerCutVerdict {
	const outH = requireRange('outH', input.outH, 0, 1000);
	const is = (outcome: PowerCutOutcome, reason: PowerCutVerdict['reason']): PowerCutVerdict => ({
		outcome,
		reason,
		source: 'power-cut'
	});
	for (const name of ['warmestC', 'aboveH', 'coveredH', 'unfrozenH', 'keepsDays'] as const) {
		const value = input[name];
		if (value !== null && value !== undefined)
			requireRange(name, value, name === 'warmestC' ? -80 : 0, 1e4);
	}
	const { warmestC, iceCrystals } = input;
	const covered = warmestC !== null && (input.coveredH ?? 0) >= outH - 1e-6;
	const within = outH <= holdsH(input.fill01) && !input.doorOpened;
	if (input.isIce) {
		const isSoft = iceCrystals === false || (warmestC !== null && warmestC > hardC);
		if (isSoft) return is('discard', 'softened');
		return covered ? is('keep', 'ice-or-cold') : is('look', 'ice-cream');
	}
	if (warmestC !== null && warmestC > refreezeC) {
		if (isHarmless(input.groups)) return is('refreeze', 'harmless');
		// the hours that no reading covers may have been warm too: a warm reading never helps
		const unreadH = Math.max(0, outH - (input.coveredH ?? 0));
		const mayBeWarmH = (input.aboveH ?? outH) + unreadH;
		return mayBeWarmH > twoHours.outH
			? is('discard', (input.aboveH ?? Infinity) > twoHours.outH ? 'warm-long' : 'warm-unknown')
			: is('cook-now', 'warm-short');
	}
	if (covered) {
		if (warmestC <= hardC) return is('keep', 'ice-or-cold');
		const coldH = (input.keepsDays ?? 1) * 24;
		const unfrozenH = warmestC <= 0 ? 0 : (input.unfrozenH ?? outH);
		return unfrozenH > coldH ? is('discard', 'too-long-cold') : is('refreeze', 'ice-or-cold');
	}
	if (iceCrystals === true) return is('refreeze', 'ice-or-cold');
	if (iceCrystals === false) {
		if (isHarmless(input.groups)) return is('refreeze', 'harmless');
		// warm, no ice, and nobody knows how long: no longer than the cut, that is all
		return outH > twoHours.outH ? is('discard', 'warm-unknown') : is('cook-now', 'warm-short');
	}
	if (within) return is('keep', 'within-hours');
	return is('look', input.doorOpened ? 'opened' : 'beyond-hours');
}
