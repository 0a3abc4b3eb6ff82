import { requireRange } from '../require-range.ts';

export type Shape =
	| { kind: 'slab'; thicknessM: number }
	| { kind: 'brick'; lengthM: number; widthM: number; heightM: number }
	| { kind: 'cylinder'; diameterM: number; heightM: number }
	| { kind: 'sphere'; diameterM: number };

const smallestM = 0.001;
const largestM = 1e4;

/** Checks the lengths of a shape: 1 mm or more. Throws coded errors. */
export function checkedShape(shape: Shape): Shape {
	for (const [name, value] of Object.entries(shape))
		if (name !== 'kind') requireRange(name, value as number, smallestM, largestM);
	return shape;
}

/** The thickness that rules heating and freezing: height of a brick or cylinder, diameter of a sphere, metres. */
export function thicknessM(shape: Shape): number {
	switch (shape.kind) {
		case 'slab':
			return shape.thicknessM;
		case 'brick':
		case 'cylinder':
			return shape.heightM;
		case 'sphere':
			return shape.diameterM;
	}
}

/** The same footprint, `factor` times as thick. */
export function thickened(shape: Shape, factor: number): Shape {
	switch (shape.kind) {
		case 'slab':
			return { ...shape, thicknessM: shape.thicknessM * factor };
		case 'brick':
		case 'cylinder':
			return { ...shape, heightM: shape.heightM * factor };
		case 'sphere':
			return { ...shape, diameterM: shape.diameterM * factor };
	}
}

/** Base area in m²; of a slab, one square metre. */
export function footprintM2(shape: Shape): number {
	switch (shape.kind) {
		case 'slab':
			return 1;
		case 'brick':
			return shape.lengthM * shape.widthM;
		case 'cylinder':
		case 'sphere':
			return (Math.PI / 4) * shape.diameterM ** 2;
	}
}

/** Volume in m³; of a slab, that of one square metre. */
export function volumeM3(shape: Shape): number {
	if (shape.kind === 'sphere') return (Math.PI / 6) * shape.diameterM ** 3;
	return footprintM2(shape) * thicknessM(shape);
}

/** Surface in m²; of a slab, the two faces of one square metre. */
export function surfaceAreaM2(shape: Shape): number {
	switch (shape.kind) {
		case 'slab':
			return 2;
		case 'brick':
			return 2 * (shape.lengthM * shape.widthM + (shape.lengthM + shape.widthM) * shape.heightM);
		case 'cylinder':
			return 2 * footprintM2(shape) + Math.PI * shape.diameterM * shape.heightM;
		case 'sphere':
			return Math.PI * shape.diameterM ** 2;
	}
}

/** So many of a shape, one upon the other. */
export function stacked(shape: Shape, count: number): Shape {
	return shape.kind === 'sphere'
		? { ...shape, diameterM: shape.diameterM * Math.cbrt(count) }
		: thickened(shape, count);
}
