import { CoreError } from '../errors.ts';
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

function later(packedOn: string, months: number, factor: number): string {
	const atMinus18 = addMonths(packedOn, months);
	if (factor === 1) return atMinus18;
	return addDays(packedOn, Math.floor(daysBetween(packedOn, atMinus18) / factor));
}

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
	const factor = qualityLossFactor(input.freezerC ?? -18);
	addDays(input.packedOn, 0);
	const { houseMonths } = input;
	if (houseMonths !== undefined) requireRange('houseMonths', houseMonths, 1, 60);
	const unknownParts: number[] = [];
	let limiting: { part: number; life: QualityMonths } | null = null;
	let to = Infinity;
	input.parts.forEach((part, index) => {
		let life = monthsOf(part);
		if (!life) {
			unknownParts.push(index);
			if (houseMonths === undefined) return;
			life = { from: houseMonths, to: houseMonths, source: 'house-rule' };
		}
		to = Math.min(to, life.to);
		const shorter =
			!limiting ||
			life.from < limiting.life.from ||
			(life.from === limiting.life.from && life.to < limiting.life.to);
		if (shorter) limiting = { part: index, life };
	});
	const found = limiting as { part: number; life: QualityMonths } | null;
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
		goodTo: later(input.packedOn, to, factor),
		months: { from: found.life.from, to },
		limitingPart: found.part,
		unknownParts,
		source: found.life.source
	};
}
