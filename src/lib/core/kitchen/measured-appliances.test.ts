import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { heatCase } from '../fixtures/heat-cases.ts';
import { convertCook } from '../cooking/conversion/convert-cook.ts';
import {
	measuredPressureCooker,
	measuredSlowCooker,
	pressureComeUpMin,
	slowCookerWaterC
} from './measured-appliances.ts';

const kitchen = { altitudeM: 0, roomC: 21 };

it('water that stays cool follows the closed form of one lump (no evaporation below 30 °C)', () => {
	// the case's C, P and UA are a crock and pool as one lump; here: 40 W into 4 L and the crock, an hour
	const { inputs } = heatCase('A-lumped-slow');
	const heatJPerK = 4 * 4186 + 3000;
	const settledC = inputs.Troom + 40 / inputs.UA;
	const closed = settledC + (15 - settledC) * Math.exp((-3600 * inputs.UA) / heatJPerK);
	const water = slowCookerWaterC({
		cooker: { volumeL: 5.7, effectiveLowW: 40 },
		kitchen,
		waterL: 4,
		startC: 15,
		afterH: 1
	});
	assert.ok(Math.abs(water - closed) < 1.2, `${water} for ${closed}`);
});

it('a slow cooker is found again from its own water test (property)', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 90, max: 200 }),
			fc.constantFrom(1, 2, 3),
			(effectiveLowW, afterH) => {
				const test = { kitchen, waterL: 2, startC: 15, afterH };
				const waterC = slowCookerWaterC({ ...test, cooker: { volumeL: 6, effectiveLowW } });
				// near boiling the temperature no longer tells the power
				fc.pre(waterC < 88);
				const found = measuredSlowCooker({ ...test, cooker: { volumeL: 6 }, waterC });
				assert.ok(found && Math.abs((found.effectiveLowW ?? 0) - effectiveLowW) <= 2);
			}
		),
		{ numRuns: 20 }
	);
});

it('a pressure cooker is found again from its come-up', () => {
	const test = { kitchen: { altitudeM: 1450, roomC: 21 }, waterL: 1, startC: 15 };
	const comeUpMin = pressureComeUpMin({ ...test, cooker: { volumeL: 6, powerW: 1100 } }) ?? NaN;
	// energy by hand: 1.1 kg of water by 98 K, 1.35 kJ/K of pot by 110 K and some 50 kJ of losses at 1,100 W: about 9.9 min
	assert.ok(Math.abs(comeUpMin - 9.9) < 0.6, `${comeUpMin}`);
	const found = measuredPressureCooker({ ...test, cooker: { volumeL: 6 }, comeUpMin });
	assert.ok(found && Math.abs((found.powerW ?? 0) - 1100) <= 15);
});

it('what no cooker does is null, broken input a coded error', () => {
	const cooker = { volumeL: 6 };
	assert.equal(
		measuredSlowCooker({ cooker, kitchen, waterL: 2, startC: 15, afterH: 6, waterC: 17 }),
		null
	);
	assert.throws(
		() => measuredSlowCooker({ cooker, kitchen, waterL: 2, startC: 15, afterH: 6, waterC: 10 }),
		{ code: 'below-range' }
	);
});

it('once measured the range is narrower, and a cooler oven takes longer', () => {
	const width = (measured: boolean) => {
		const slowCooker = { volumeL: 5.7, effectiveLowW: 140, effectiveHighW: 195, measured };
		const { setMin } = convertCook({
			...chickenPack,
			slowCooker,
			methods: [{ appliance: 'slow-cooker', setting: 'low' }]
		}).options[0];
		return setMin ? setMin.to / setMin.from : NaN;
	};
	assert.ok(width(true) < width(false));
	const oven = (offsetK: number) =>
		convertCook({
			...chickenPack,
			oven: { offsetK },
			methods: [{ appliance: 'oven', ovenC: 165, covered: true }]
		}).options[0].setMin?.likely ?? NaN;
	assert.ok(oven(-20) > oven(0) * 1.05);
});
