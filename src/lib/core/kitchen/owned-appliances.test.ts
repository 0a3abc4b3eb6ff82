import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { applianceNames, defaultMethods } from '../appliances/index.ts';
import { convertCook } from '../cooking/conversion/convert-cook.ts';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { dishKindNames } from '../published/dish-kinds.ts';
import { burnerHighW, householdMethods } from './owned-appliances.ts';

it('only what is owned is asked of the model, raw meat never in a microwave, a bake never on the hob (property)', () => {
	fc.assert(
		fc.property(
			fc.subarray([...applianceNames]),
			fc.constantFrom(...dishKindNames),
			fc.constantFrom('raw-meat' as const, 'cooked' as const, 'plain' as const),
			fc.boolean(),
			fc.constantFrom('c' as const, 'f' as const),
			(appliances, kind, content, inPan, knob) => {
				const methods =
					householdMethods({ kind, content, inPan, coreC: 74 }, { appliances }, knob) ??
					defaultMethods(kind, knob);
				for (const { appliance } of methods) {
					assert.ok(appliances.includes(appliance), appliance);
					if (appliance === 'microwave') assert.ok(content !== 'raw-meat' && !inPan);
					if (appliance === 'hob') assert.notEqual(kind, 'assembled-bake');
				}
			}
		)
	);
});

it('a litre that boils after five and a half minutes: about 1,080 W (its own heat balance)', () => {
	assert.ok(Math.abs(burnerHighW({ litres: 1, minutes: 5.5 }) - 1080) < 10);
});

// common practice, no source: a litre of cooked stew, frozen flat, 15 to 25 minutes on medium with a lid
it('a stronger burner is sooner, and a usual one heats a flat kilogram of stew as practice says', () => {
	const onHob = (highW?: number) =>
		convertCook({
			...chickenPack,
			kind: 'meat-in-sauce',
			massKg: 1,
			block: { kind: 'brick', lengthM: 0.24, widthM: 0.18, heightM: 0.03 },
			content: 'cooked',
			coreC: 74,
			liquidKg: 0,
			known: null,
			reheat: true,
			methods: [{ appliance: 'hob', level: 'medium' }],
			burnerHighW: highW,
			kitchen: { altitudeM: 300, roomC: 21 }
		}).options.find(({ state }) => state === 'frozen')?.setMin?.likely ?? NaN;
	const usual = onHob();
	assert.ok(usual > 15 * 0.85 && usual < 25 * 1.15, String(usual));
	assert.ok(onHob(700) > usual && onHob(2000) <= usual);
});
