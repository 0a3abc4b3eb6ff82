import type { Shape } from '../../heat/shape.ts';
import type { Bowl } from '../../kitchen/appliance-parameters.ts';

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
