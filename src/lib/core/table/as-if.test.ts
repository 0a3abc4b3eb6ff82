import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { brick, foodOfCase } from '../fixtures/heat-cases.ts';
import { volumeM3 } from '../heat/shape.ts';
import { asIf } from './as-if.ts';

const convert = {
	kind: 'lean-pieces',
	food: foodOfCase({ water: 0.77, protein: 0.11, fat: 0.03, carb: 0.08, ash: 0.01, tf: -1 }),
	massKg: 1.2,
	block: brick([0.2, 0.18, 0.032]),
	content: 'raw-meat',
	coreC: 73.9,
	liquidKg: 0,
	known: null,
	kitchen: { altitudeM: 0, roomC: 21 }
} as const;

it('keeps weight over volume and the proportions of the footprint (property)', () => {
	fc.assert(
		fc.property(
			fc.double({ min: 0.005, max: 0.2, noNaN: true }),
			fc.double({ min: 0.02, max: 12, noNaN: true }),
			(thicknessM, massKg) => {
				const { block, massKg: mass } = asIf(convert, { thicknessM, massKg });
				assert.ok(block.kind === 'brick' && block.heightM === thicknessM && mass === massKg);
				assert.ok(Math.abs(volumeM3(block) / massKg / (volumeM3(convert.block) / 1.2) - 1) < 1e-9);
				assert.ok(Math.abs(block.lengthM / block.widthM - 0.2 / 0.18) < 1e-9);
			}
		)
	);
});

it('a pan keeps its sides', () => {
	const pan = asIf({ ...convert, pan: { shape: convert.block } }, { thicknessM: 0.064, massKg: 1 });
	assert.deepEqual(pan.block, brick([0.2, 0.18, 0.064]));
	assert.ok(Math.abs(pan.massKg - 2.4) < 1e-9);
});
