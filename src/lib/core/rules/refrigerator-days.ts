import { refrigeratorDays } from '../published/after-thawing.ts';
import { cookedAs, type StorageGroup } from '../published/storage-life.ts';
import { requireRange } from '../require-range.ts';

/** A part of a pack as its days count: what it is, raw or cooked. */
export interface FoodPart {
	readonly group: StorageGroup;
	readonly state: 'raw' | 'cooked';
}

/** What was cooked at home is a leftover, whatever it was bought as. */
const leftoverDays = refrigeratorDays['soup-stew'];

const daysOf = ({ group, state }: FoodPart): number =>
	state === 'cooked'
		? Math.min(leftoverDays, refrigeratorDays[cookedAs[group] ?? group])
		: refrigeratorDays[group];

/** Days a pack keeps in the refrigerator once thawed: the shortest of its parts, less the days it lay there before it was frozen. */
export function keepsDays(parts: readonly FoodPart[], daysBefore = 0): number {
	requireRange('daysBefore', daysBefore, -365, 365);
	const days = parts.map(daysOf);
	return Math.max(0, Math.min(...(days.length ? days : [1])) - Math.max(0, daysBefore));
}
