import { CoreError } from '../errors.ts';
import { keepsDays } from '../rules/refrigerator-days.ts';
import { requireRange } from '../require-range.ts';
import {
	cookedAs,
	storageLifeTable,
	type QualityMonths,
	type StorageGroup
} from '../published/storage-life.ts';
import { addDays, addMonths, daysBetween } from '../units/day.ts';

/** A cooked dish is one part; a raw kit has a part for each thing that matters (a spoon of bacon in a stew is not one). */
export interface StoredPart {
	group: StorageGroup;
	state: 'raw' | 'cooked';
	/** share of the pack that is of this group; left out: it counts whole. A little of it shortens by little */
	share01?: number;
}

/** Ten kelvin warmer shorten quality life threefold (time-temperature tolerance of frozen food, from memory). */
const shorteningPer10K = 3;

/** Published quality times hold at this or colder, °C. */
export const qualityC = -18;

/** How much faster quality goes at a freezer temperature than at −18 °C; never slower. */
export function qualityLossFactor(freezerC: number): number {
	return Math.max(
		1,
		shorteningPer10K ** ((requireRange('freezerC', freezerC, -60, 10) - qualityC) / 10)
	);
}

function monthsOf(part: StoredPart): QualityMonths | null {
	const group = part.state === 'cooked' ? (cookedAs[part.group] ?? part.group) : part.group;
	return storageLifeTable[group];
}

/** A spoon of bacon in a stew is none; from a fifth more on it rules. Judgement: published figures are for each food alone. */
const noneShare01 = 0.02;
export const wholeShare01 = 0.22;

/** How much a part rules its pack's life, 0 to 1, by its share; so no life hangs on one per cent. */
function weightOf({ share01 }: StoredPart): number {
	if (share01 === undefined) return 1;
	return Math.min(1, Math.max(0, (share01 - noneShare01) / (wholeShare01 - noneShare01)));
}

/** Between two lives, in ratio. */
const between = (long: QualityMonths, short: QualityMonths, weight01: number): QualityMonths => ({
	from: long.from ** (1 - weight01) * Math.min(long.from, short.from) ** weight01,
	to: long.to ** (1 - weight01) * Math.min(long.to, short.to) ** weight01,
	source: short.source
});

const daysPerMonth = 365.25 / 12;

function later(packedOn: string, months: number, factor: number): string {
	const whole = Math.floor(months + 1e-9);
	const days = Math.floor((months - whole) * daysPerMonth + 1e-6);
	const atMinus18 = addDays(addMonths(packedOn, whole), Math.max(0, days));
	if (factor === 1) return atMinus18;
	return addDays(packedOn, Math.floor(daysBetween(packedOn, atMinus18) / factor));
}

type Weighed = { part: number; life: QualityMonths; weight01: number };

/** The life of a pack of several parts: the shortest of those that rule, shortened by those there is a little of. */
function lifeOf(parts: readonly Weighed[]): Pick<Weighed, 'part' | 'life'> | null {
	if (parts.length === 0) return null;
	const isShorter = (a: Weighed, b: Weighed) =>
		a.life.from < b.life.from || (a.life.from === b.life.from && a.life.to < b.life.to);
	const whole = parts.filter(({ weight01 }) => weight01 >= 1);
	const longest = parts.reduce((a, b) => (isShorter(a, b) ? b : a));
	const base = (whole.length > 0 ? whole : [longest]).reduce((a, b) => (isShorter(b, a) ? b : a));
	const to = Math.min(...whole.map(({ life }) => life.to), base.life.to);
	const ruling = { ...base, life: { ...base.life, to } };
	return parts
		.filter(({ weight01 }) => weight01 < 1)
		.map((little) => ({ ...little, life: between(ruling.life, little.life, little.weight01) }))
		.reduce((a, b) => (isShorter(b, a) ? b : a), ruling);
}

/** Warmer than this a freezer holds raw meat no better than a refrigerator does, and warmer than that nothing is frozen, °C. */
const rawMeatC = -9;
const frozenC = -2;
const rawMeat: ReadonlySet<StorageGroup> = new Set<StorageGroup>([
	'bacon',
	'sausage-raw',
	'ground-meat',
	'steaks-chops-roasts',
	'poultry-whole',
	'poultry-pieces',
	'fish-lean',
	'fish-oily',
	'shellfish',
	'egg-raw'
]);

/** Whether a part counts by its days in the refrigerator at a freezer's temperature. */
const isNotFrozen = ({ group, state }: StoredPart, freezerC: number): boolean =>
	freezerC > frozenC || (freezerC > rawMeatC && state === 'raw' && rawMeat.has(group));

/** From so large a share without a published figure on, the pack is not known (judgement). */
const mostUnknown01 = 0.5;
const shareOf = (parts: readonly StoredPart[]): number =>
	parts.reduce((sum, { share01 = 1 }) => sum + share01, 0);
/** The shortest published life there is. */
const shortestLife = Object.values(storageLifeTable)
	.flatMap((life) => life ?? [])
	.reduce((a, b) => (b.from < a.from ? b : a));

/**
 * Quality life of a pack: the shortest of its parts. `bestBy` is the low end of the published range, `goodTo` the high end.
 * Months are calendar months, clamped to the month's last day. Warmer than −18 °C shortens, colder never lengthens. Parts
 * without a published figure take `houseMonths` and are named in `unknownParts`; if all are unknown and no house rule is
 * given, the dates are null. `source` is a key of the bibliography. Throws `no-parts` and `bad-day`.
 */
export function storageLife(input: {
	parts: StoredPart[];
	packedOn: string;
	freezerC?: number;
	houseMonths?: number;
}): {
	bestBy: string | null;
	goodTo: string | null;
	months: { from: number; to: number } | null;
	limitingPart: number | null;
	unknownParts: number[];
	source: string;
} {
	if (input.parts.length === 0) throw new CoreError('no-parts');
	for (const { share01 } of input.parts)
		if (share01 !== undefined) requireRange('share01', share01, 0, 1.001);
	const factor = qualityLossFactor(input.freezerC ?? -18);
	addDays(input.packedOn, 0);
	const thawed = input.parts.filter((part) => isNotFrozen(part, input.freezerC ?? qualityC));
	if (thawed.length > 0) {
		const until = addDays(input.packedOn, keepsDays(thawed));
		return {
			bestBy: until,
			goodTo: until,
			months: { from: 0, to: 0 },
			limitingPart: input.parts.indexOf(thawed[0]),
			unknownParts: [],
			source: 'cold-food-storage-chart'
		};
	}
	const { houseMonths } = input;
	if (houseMonths !== undefined) requireRange('houseMonths', houseMonths, 1, 60);
	const unknownParts: number[] = [];
	const known: { part: number; life: QualityMonths; weight01: number }[] = [];
	input.parts.forEach((stored, part) => {
		const weight01 = weightOf(stored);
		if (weight01 === 0 && input.parts.some((other) => weightOf(other) > 0)) return;
		const life = monthsOf(stored);
		if (!life) unknownParts.push(part);
		if (life) known.push({ part, life, weight01 });
		else if (houseMonths !== undefined)
			known.push({
				part,
				life: { from: houseMonths, to: houseMonths, source: 'house-rule' },
				weight01
			});
	});
	const found = lifeOf(known);
	const unknown01 = shareOf(unknownParts.map((part) => input.parts[part]));
	// what is mostly something nobody has a figure for keeps no longer than the shortest there is
	if (found && houseMonths === undefined && unknown01 > mostUnknown01 * shareOf(input.parts)) {
		const months = shortestLife.from;
		return {
			bestBy: later(input.packedOn, Math.min(months, found.life.from), factor),
			goodTo: later(input.packedOn, Math.min(shortestLife.to, found.life.to), factor),
			months: {
				from: Math.min(months, found.life.from),
				to: Math.min(shortestLife.to, found.life.to)
			},
			limitingPart: unknownParts[0],
			unknownParts,
			source: shortestLife.source
		};
	}
	if (!found)
		return {
			bestBy: null,
			goodTo: null,
			months: null,
			limitingPart: null,
			unknownParts,
			source: 'house-rule'
		};
	return {
		bestBy: later(input.packedOn, found.life.from, factor),
		goodTo: later(input.packedOn, found.life.to, factor),
		months: { from: found.life.from, to: found.life.to },
		limitingPart: found.part,
		unknownParts,
		source: found.life.source
	};
}
