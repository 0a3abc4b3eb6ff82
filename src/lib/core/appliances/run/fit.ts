import type { Shape } from '../../heat/shape.ts';
import type { Bowl } from '../../kitchen/appliance-parameters.ts';
import type { AddReason } from '../appliance.ts';
import type { CookQuestion, State } from '../question.ts';

/** Whether a frozen block goes into a bowl flat, lid closed; null when the bowl was never measured. */
export function blockFitsBowl(block: Shape, count: number, bowl: Bowl | undefined): boolean | null {
	if (!bowl) return null;
	switch (block.kind) {
		case 'slab':
			return null;
		case 'sphere':
			return (
				Math.max(
					block.diameterM / bowl.lengthM,
					block.diameterM / bowl.widthM,
					block.diameterM / bowl.depthM
				) <= 1
			);
		case 'cylinder':
			return (
				block.diameterM <= Math.min(bowl.lengthM, bowl.widthM) &&
				block.heightM * count <= bowl.depthM
			);
		case 'brick': {
			if (block.heightM * count > bowl.depthM) return false;
			const inside = (a: number, b: number) =>
				(a / bowl.lengthM) ** 2 + (b / bowl.widthM) ** 2 <= 1;
			return inside(block.lengthM, block.widthM) || inside(block.widthM, block.lengthM);
		}
	}
}

/** Whether the pack goes into a bowl as it is; refused when it does not. Softened until it bends it does. */
export function blockFits(
	{ block, blockCount = 1, arrangement, frozenStartC }: CookQuestion,
	state: State,
	bowl: Bowl | undefined,
	add: AddReason
): boolean | null {
	if (state === 'thawed') return null;
	const upon = arrangement === 'stacked' ? blockCount : 1;
	const fits = frozenStartC !== undefined && bowl ? true : blockFitsBowl(block, upon, bowl);
	if (fits === false) add('refused', 'block-too-big');
	return fits;
}

/** What of a dish goes into so many litres, kg, when all of it takes `volumeL`. */
export const mostKg = ({ massKg }: Pick<CookQuestion, 'massKg'>, roomL: number, volumeL: number) =>
	(massKg * roomL) / volumeL;

/** Refuses what does not fit, and says how much would. */
export function tooMuchKg(
	{ massKg }: Pick<CookQuestion, 'massKg'>,
	most: number,
	add: AddReason
): void {
	if (massKg > most * (1 + 1e-9)) add('refused', 'more-than-fits', { massKg, mostKg: most });
}

/** The same for a share of its room. */
export const tooMuch = (
	question: Pick<CookQuestion, 'massKg'>,
	used01: number,
	add: AddReason
): void => tooMuchKg(question, question.massKg / Math.max(used01, 1e-9), add);
