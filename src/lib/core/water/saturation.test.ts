import assert from 'node:assert/strict';
import { createRequire } from 'node:module';
import { it } from 'node:test';
import { heatCase } from '../fixtures/heat-cases.ts';
import { airPressureKPa } from './air-pressure.ts';
import { boilingC, saturationKPa } from './saturation.ts';

interface Psychrolib {
	SetUnitSystem(system: number): void;
	SI: number;
	GetSatVapPres(tempC: number): number;
	GetStandardAtmPressure(altitudeM: number): number;
}
const psychrolib = createRequire(import.meta.url)('psychrolib') as Psychrolib;
psychrolib.SetUnitSystem(psychrolib.SI);

it('saturation agrees with psychrolib (ASHRAE formulation) from 5 to 120 °C', () => {
	for (let tempC = 5; tempC <= 120; tempC += 5) {
		const wanted = psychrolib.GetSatVapPres(tempC) / 1000;
		assert.ok(Math.abs(saturationKPa(tempC) / wanted - 1) < 0.003, `${tempC} °C`);
		assert.ok(Math.abs(boilingC(wanted) - tempC) < 0.1, `${tempC} °C`);
	}
});

it('the standard atmosphere agrees with psychrolib from the sea to 5,000 m', () => {
	for (let m = 0; m <= 5000; m += 250)
		assert.ok(
			Math.abs(airPressureKPa(m) / (psychrolib.GetStandardAtmPressure(m) / 1000) - 1) < 1e-4,
			`${m} m`
		);
});

it('steam tables (IAPWS-IF97): table values within 0.01 K', () => {
	for (const row of heatCase('A-tsat').expected.rows)
		if (row.p_kPa) assert.ok(Math.abs(boilingC(row.p_kPa) - row.T_C) < 0.01, `${row.p_kPa} kPa`);
	assert.ok(
		Math.abs(boilingC(airPressureKPa(1450)) - 95.2) < 0.1,
		'published: about 95.2 °C at 1,450 m'
	);
});
