import type { Shape } from './shape.ts';

/** How fine a grid is: `coarse` for the spread, `medium` for conversions, `normal` for single runs. */
export type Fineness = 'coarse' | 'medium' | 'normal';

/**
 * One axis of a grid. Cell volume is the product of the axes' `volume`s, areas of faces are times the volumes of the other axes; so one sweep serves brick, cylinder, sphere and slab.
 */
export interface Axis {
	readonly n: number;
	/** cell centres, metres from the axis' origin */
	readonly centreM: Float64Array;
	readonly volume: Float64Array;
	/** that face's area over the distance of the centres i and i+1 */
	readonly areaPerGap: Float64Array;
	readonly lowArea: number;
	readonly highArea: number;
	readonly lowGapM: number;
	readonly highGapM: number;
	/** weights that give the value at the geometric centre from the first cells (symmetric axis) or the middle one */
	readonly centreWeights: readonly { index: number; weight: number }[];
}

export interface Grid {
	readonly axes: readonly [Axis, Axis, Axis];
	readonly cells: number;
	/** how many copies of the modelled part make the whole (4 for the quarter brick) */
	readonly copies: number;
	readonly volumeM3: Float64Array;
}

const grading = 1.5;

function axisFromFaces(
	faces: number[],
	area: (s: number) => number,
	volume: (s: number) => number,
	symmetric: boolean
): Axis {
	const n = faces.length - 1;
	const centreM = new Float64Array(n);
	const volumes = new Float64Array(n);
	const areaPerGap = new Float64Array(n);
	for (let i = 0; i < n; i++) {
		centreM[i] = (faces[i] + faces[i + 1]) / 2;
		volumes[i] = volume(faces[i + 1]) - volume(faces[i]);
	}
	for (let i = 0; i + 1 < n; i++)
		areaPerGap[i] = area(faces[i + 1]) / (centreM[i + 1] - centreM[i]);
	let centreWeights: { index: number; weight: number }[];
	if (symmetric && n > 1) {
		const [a, b] = [centreM[0] ** 2, centreM[1] ** 2];
		centreWeights = [
			{ index: 0, weight: b / (b - a) },
			{ index: 1, weight: -a / (b - a) }
		];
	} else centreWeights = [{ index: symmetric ? 0 : (n - 1) / 2, weight: 1 }];
	return {
		n,
		centreM,
		volume: volumes,
		areaPerGap,
		lowArea: area(faces[0]),
		highArea: area(faces[n]),
		lowGapM: centreM[0] - faces[0],
		highGapM: faces[n] - centreM[n - 1],
		centreWeights
	};
}

/** From a plane of symmetry at 0 out to `halfM`, cells thinner outward. */
function halfAxis(n: number, halfM: number, dimension: 1 | 2 | 3): Axis {
	const faces = Array.from({ length: n + 1 }, (_, i) => halfM * (1 - (1 - i / n) ** grading));
	const area = [() => 1, (s: number) => 2 * Math.PI * s, (s: number) => 4 * Math.PI * s * s][
		dimension - 1
	];
	const volume = [
		(s: number) => s,
		(s: number) => Math.PI * s * s,
		(s: number) => (4 / 3) * Math.PI * s ** 3
	][dimension - 1];
	return axisFromFaces(faces, area, volume, true);
}

/** From 0 to `lengthM`, cells thinner towards both ends; `n` odd, so that one cell is in the middle. */
function fullAxis(n: number, lengthM: number): Axis {
	const faces = Array.from({ length: n + 1 }, (_, i) => {
		const s = (2 * i) / n - 1;
		return (lengthM / 2) * (1 + Math.sign(s) * (1 - (1 - Math.abs(s)) ** grading));
	});
	return axisFromFaces(
		faces,
		() => 1,
		(s) => s,
		false
	);
}

const pointAxis = (): Axis =>
	axisFromFaces(
		[0, 1],
		() => 0,
		(s) => s,
		false
	);

const cellsPerAxis = {
	slab: { coarse: 11, medium: 21, normal: 31 },
	sphere: { coarse: 8, medium: 12, normal: 24 },
	radius: { coarse: 6, medium: 9, normal: 12 },
	cylinderHeight: { coarse: 7, medium: 11, normal: 13 },
	brickSide: { coarse: 4, medium: 6, normal: 8 },
	brickHeight: { coarse: 7, medium: 9, normal: 11 }
} as const;

/** The grid of a shape: slab over its thickness, sphere over its radius, cylinder r–z, the quarter of a brick. */
export function gridOf(shape: Shape, fineness: Fineness): Grid {
	const count = (part: keyof typeof cellsPerAxis) => cellsPerAxis[part][fineness];
	let axes: [Axis, Axis, Axis];
	let copies = 1;
	switch (shape.kind) {
		case 'slab':
			axes = [pointAxis(), pointAxis(), fullAxis(count('slab'), shape.thicknessM)];
			break;
		case 'sphere':
			axes = [halfAxis(count('sphere'), shape.diameterM / 2, 3), pointAxis(), pointAxis()];
			break;
		case 'cylinder':
			axes = [
				halfAxis(count('radius'), shape.diameterM / 2, 2),
				pointAxis(),
				fullAxis(count('cylinderHeight'), shape.heightM)
			];
			break;
		case 'brick':
			axes = [
				halfAxis(count('brickSide'), shape.lengthM / 2, 1),
				halfAxis(count('brickSide'), shape.widthM / 2, 1),
				fullAxis(count('brickHeight'), shape.heightM)
			];
			copies = 4;
			break;
	}
	const [x, y, z] = axes;
	const volumeM3 = new Float64Array(x.n * y.n * z.n);
	for (let k = 0, c = 0; k < z.n; k++)
		for (let j = 0; j < y.n; j++)
			for (let i = 0; i < x.n; i++, c++) volumeM3[c] = x.volume[i] * y.volume[j] * z.volume[k];
	return { axes, cells: volumeM3.length, copies, volumeM3 };
}
