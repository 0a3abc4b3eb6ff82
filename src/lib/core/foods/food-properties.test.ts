import assert from 'node:assert/strict';
import { it } from 'node:test';
import { foodOfCase, heatCase } from '../fixtures/heat-cases.ts';
import { foodProperties } from './food-properties.ts';

it('ice, enthalpy, conductivity and density of five foods (Choi and Okos, Miles, Levy; independent program)', () => {
	const { inputs, expected } = heatCase('A-props');
	for (const row of expected.rows) {
		const gain = ['chicken_breast', 'pork_shoulder'].includes(row.food) ? 1.2 : 1;
		const p = foodProperties(
			{ ...foodOfCase(inputs.compositions[row.food]), cookedGain: gain },
			row.T
		);
		const pairs = [
			[p.ice01, row.ice],
			[p.enthalpyJPerKg, row.h_J_kg],
			[p.conductivityWPerMK, row.k],
			[p.densityKgPerM3, row.rho]
		];
		for (const [actual, wanted] of pairs)
			assert.ok(
				Math.abs(actual - wanted) <= 0.01 * Math.abs(wanted),
				`${row.food} ${row.T}: ${actual} for ${wanted}`
			);
	}
});

it('fractions that sum to 0.98 are normalised, to 0.93 refused', () => {
	const almost = {
		water: 0.74,
		protein: 0.1,
		fat: 0.06,
		carbohydrate: 0.065,
		fibre: 0,
		ash: 0.015
	};
	const full = { ...almost };
	const sum = 0.98;
	for (const key of Object.keys(full) as (keyof typeof full)[]) full[key] = almost[key] / sum;
	assert.ok(
		Math.abs(
			foodProperties({ composition: almost }, 20).conductivityWPerMK -
				foodProperties({ composition: full }, 20).conductivityWPerMK
		) < 1e-12
	);
	assert.throws(() => foodProperties({ composition: { ...almost, water: 0.69 } }, 20), {
		code: 'composition-sum'
	});
});
