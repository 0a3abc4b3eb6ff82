import type { ConvertInput } from '../cooking/conversion/convert-cook.ts';
import { requireRange } from '../require-range.ts';

/** How a pack is changed in thought, and how many of it cook together. */
export interface AsIf {
	thicknessM: number;
	massKg: number;
	count: number;
	arrangement: 'side-by-side' | 'stacked';
	/** how loose it is once unfrozen, as a factor on conduction (1 solid meat, 3 soup); as the dish when left out */
	mobility?: number;
	/** thin liquid poured around it, kg; as packed when left out */
	liquidKg?: number;
}

/** So many more or fewer of its pieces, once thawed. */
export const thawedOf = (convert: ConvertInput, times: number): ConvertInput['thawed'] =>
	convert.thawed && {
		...convert.thawed,
		count: Math.max(1, Math.round(convert.thawed.count * times))
	};

/**
 * The same pack as if it were another thickness or weight: the footprint follows, its sides in proportion, so that weight over
 * volume stays what it was. A pan keeps its sides and is filled higher. Throws coded errors outside 5 mm to 20 cm.
 */
export function asIf(convert: ConvertInput, change: AsIf): ConvertInput {
	const { block } = convert;
	if (block.kind !== 'brick') return convert;
	const thicknessM = requireRange('thicknessM', change.thicknessM, 0.005, 0.2);
	const massKg = requireRange('massKg', change.massKg, 0.02, 12);
	const volume = (block.lengthM * block.widthM * block.heightM * massKg) / convert.massKg;
	const side = convert.pan ? 1 : Math.sqrt(volume / thicknessM / (block.lengthM * block.widthM));
	const shape = {
		...block,
		lengthM: block.lengthM * side,
		widthM: block.widthM * side,
		heightM: thicknessM
	};
	const count = requireRange('count', change.count, 1, 6);
	const eachKg = convert.pan ? (convert.massKg * thicknessM) / block.heightM : massKg;
	return {
		...convert,
		food:
			change.mobility === undefined
				? convert.food
				: { ...convert.food, mobility: requireRange('mobility', change.mobility, 0.5, 10) },
		liquidKg: requireRange('liquidKg', change.liquidKg ?? convert.liquidKg, 0, 5),
		massKg: eachKg * count,
		blockCount: count,
		arrangement: change.arrangement,
		block: shape,
		pan: convert.pan && { ...convert.pan, shape },
		thawed: thawedOf(convert, (eachKg * count) / convert.massKg)
	};
}
