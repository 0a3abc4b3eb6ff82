import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { brick } from '../fixtures/heat-cases.ts';
import { volumeM3 } from '../heat/shape.ts';
import { limitsFrom } from '../rules/limits.ts';
import { convertCook } from '../cooking/conversion/convert-cook.ts';
import { asIf } from './as-if.ts';
import { asOfToday, isCurrent } from './as-of-today.ts';
import { modelVersion } from './cook-card.ts';

const convert = {
	...chickenPack,
	block: { kind: 'brick', lengthM: 0.2, widthM: 0.18, heightM: 0.032 }
} as const;

const one = { count: 1, arrangement: 'stacked' } as const;

it('keeps weight over volume and the proportions of the footprint (property)', () => {
	fc.assert(
		fc.property(
			fc.double({ min: 0.005, max: 0.2, noNaN: true }),
			fc.double({ min: 0.02, max: 12, noNaN: true }),
			(thicknessM, massKg) => {
				const { block, massKg: mass } = asIf(convert, { thicknessM, massKg, ...one });
				assert.ok(block.kind === 'brick' && block.heightM === thicknessM && mass === massKg);
				assert.ok(Math.abs(volumeM3(block) / massKg / (volumeM3(convert.block) / 1.2) - 1) < 1e-9);
				assert.ok(Math.abs(block.lengthM / block.widthM - 0.2 / 0.18) < 1e-9);
			}
		)
	);
});

it('a pan keeps its sides', () => {
	const pan = asIf(
		{ ...convert, pan: { shape: convert.block } },
		{ thicknessM: 0.064, massKg: 1, ...one }
	);
	assert.deepEqual(pan.block, brick([0.2, 0.18, 0.064]));
	assert.ok(Math.abs(pan.massKg - 2.4) < 1e-9);
});

it('two stacked take longer than one, side by side lies between', () => {
	const minutes = (count: number, arrangement: 'stacked' | 'side-by-side') => {
		const asked = asIf(convert, { thicknessM: 0.032, massKg: 0.8, count, arrangement });
		const method = { appliance: 'oven', ovenC: 165, covered: true } as const;
		const frozen = convertCook({ ...asked, methods: [method] }).options[1];
		return (frozen.setMin ?? frozen.computedMin)?.likely ?? NaN;
	};
	const [one, beside, stacked] = [
		minutes(1, 'stacked'),
		minutes(2, 'side-by-side'),
		minutes(2, 'stacked')
	];
	assert.ok(one <= beside * 1.02 && beside < stacked, `${one} ${beside} ${stacked}`);
});

it('a card is current until an appliance, the altitude or a limit changes; the core is never lowered', () => {
	const house = {
		owned: { appliances: ['slow-cooker', 'pressure-cooker', 'oven'] as const },
		temperature: 'c' as const,
		slowCooker: { volumeL: 6 },
		pressureCooker: { volumeL: 6 },
		oven: {},
		altitudeM: 0,
		roomC: 21
	};
	const ask = (change: object, tightened = {}) =>
		asOfToday({
			packed: convert,
			core: 'poultry',
			house: { ...house, ...change },
			limits: limitsFrom(tightened),
			learned: []
		});
	const packed = ask({});
	const card = { modelVersion };
	assert.ok(isCurrent(card, JSON.parse(JSON.stringify(packed)), ask({})));
	for (const other of [
		ask({ oven: { offsetK: -10 } }),
		ask({ altitudeM: 1450 }),
		ask({}, { dangerH: 3 })
	])
		assert.ok(!isCurrent(card, packed, other));
	assert.ok(!isCurrent({ modelVersion: modelVersion - 1 }, packed, ask({})));
	assert.equal(
		asOfToday({
			packed: { ...convert, coreC: 80 },
			core: 'poultry',
			house,
			limits: limitsFrom({}),
			learned: []
		}).coreC,
		80
	);
});
