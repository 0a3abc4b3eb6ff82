import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { foodFromSpec } from '../foods/food-spec.ts';
import { findItem } from '../foods/find-item.ts';
import { foodDensityKgPerM3 } from '../foods/food-properties.ts';
import { containerKeys, containers } from '../published/containers.ts';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { blockForms, blockFormTimes } from './block-shapes.ts';
import { containersFor, portionL } from './choose-container.ts';
import { fillPlan, unevenness01 } from './fill-order.ts';
import { fillLimitL, headspaceMm } from './headspace.ts';

const inch = 25.4;
const pintL = 0.473176;
const quartL = 0.946353;

describe('headspace (NCHFP, Freezing, from memory)', () => {
	it('pint and quart, wide and narrow, liquid and dry, and just beyond a pint the row of the quart', () => {
		const at = (volumeL: number, mouth: 'wide' | 'narrow', liquid = true) =>
			Math.round((headspaceMm({ volumeL, mouth, liquid }) / inch) * 1e6) / 1e6;
		assert.equal(at(pintL, 'wide'), 0.5);
		assert.equal(at(quartL, 'wide'), 1);
		assert.equal(at(pintL, 'narrow'), 0.75);
		assert.equal(at(quartL, 'narrow'), 1.5);
		assert.equal(at(quartL, 'narrow', false), 0.5);
		assert.equal(at(pintL + 0.001, 'wide'), 1);
		assert.equal(at(5, 'wide'), 1);
	});
	it('filled to its limit a container has its headspace and room for ice (property)', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.1, max: 4, noNaN: true }),
				fc.double({ min: 0.04, max: 0.3, noNaN: true }),
				fc.constantFrom('wide' as const, 'narrow' as const),
				fc.boolean(),
				(volumeL, heightM, mouth, liquid) => {
					const limitL = fillLimitL({ volumeL, heightM, mouth, liquid });
					const freeMm = (1 - limitL / volumeL) * heightM * 1000;
					assert.ok(limitL === 0 || freeMm >= headspaceMm({ volumeL, mouth, liquid }) - 1e-6);
					// ice has 917 kg/m³
					if (liquid) assert.ok((limitL * 999.8) / 917 <= volumeL * 1.0005);
				}
			)
		);
	});
});

describe('containers', () => {
	it('what fits has room for the portion; liquids go on no plate; none left comes after', () => {
		for (const litres of [0.2, 0.5, 0.9, 1.5, 2.4]) {
			const choices = containersFor({ portionL: litres, count: 2, liquid: true, left: {} });
			assert.ok(choices.every(({ key }) => key !== 'plate' && key !== 'wrap'));
			for (const { key, fits, thicknessM } of choices)
				if (fits) assert.ok(thicknessM <= containers[key].mostM + 1e-9);
			const [first] = choices;
			assert.ok(first.fits);
			const without = containersFor({
				portionL: litres,
				count: 2,
				liquid: true,
				left: { [first.key]: 1 }
			});
			assert.notEqual(without[0].key, first.key);
		}
		assert.equal(containersFor({ portionL: 9, count: 1, liquid: true, left: {} })[0].fits, false);
		assert.ok(containerKeys.length >= 10);
	});
	it('pieces with a third of air take half as much room again', () => {
		const packed = portionL({ massKg: 1, densityKgPerM3: 1000 });
		const loose = portionL({ massKg: 1, densityKgPerM3: 1000, air01: 1 / 3 });
		assert.ok(Math.abs(loose / packed - 1.5) < 1e-9);
	});
});

describe('block shapes', () => {
	const food = { composition: { ...defaultCompositions['meat-in-sauce'] } };
	const densityKgPerM3 = foodDensityKgPerM3(foodFromSpec(food));
	const bowl = { kind: 'round', lengthM: 0.24, widthM: 0.24, depthM: 0.15 } as const;
	it('hold the portion’s volume; flat freezes sooner than upright, and thaws sooner; fit follows the bowl', () => {
		const forms = blockForms({
			massKg: 0.9,
			densityKgPerM3,
			container: 'bag-3l',
			slowCookerBowl: bowl
		});
		for (const { shape } of forms) {
			const volume =
				shape.kind === 'brick'
					? shape.lengthM * shape.widthM * shape.heightM
					: shape.kind === 'cylinder'
						? (Math.PI / 4) * shape.diameterM ** 2 * shape.heightM
						: NaN;
			assert.ok(Math.abs(volume * densityKgPerM3 - 0.9) < 1e-6);
		}
		const named = Object.fromEntries(forms.map((form) => [form.name, form]));
		assert.equal(named['slow-cooker-bowl'].fitsSlowCooker, true);
		assert.equal(named.flat.fitsSlowCooker, false, '24 × 20 cm do not go into a round of 24 cm');
		assert.equal(named.flat.fitsPressureCooker, null);
		const times = blockFormTimes({
			forms,
			food,
			startC: 5,
			freezerC: -18,
			refrigeratorC: 4,
			coldWaterC: 13.5
		});
		const [flat, upright] = times;
		assert.ok(flat.freezeMin! < upright.freezeMin!);
		assert.ok(flat.thawRefrigeratorMin! < upright.thawRefrigeratorMin!);
		assert.ok(flat.thawWaterMin! < flat.thawRefrigeratorMin!);
	});
});

describe('order of filling (common practice, no source)', () => {
	const line = (text: string, massKg: number, stage: 'pack' | 'inner' | 'cook-day' = 'pack') => ({
		text,
		item: findItem(text),
		massKg,
		stage
	});
	const lines = [
		line('tomato paste', 0.06),
		line('cream', 0.2),
		line('beef', 0.8),
		line('stock', 0.5),
		line('parsley', 0.01),
		line('parmesan', 0.05, 'inner'),
		line('pasta', 0.3, 'cook-day')
	];
	it('heaviest first; under pressure thin liquid at the bottom, thick and dairy on top', () => {
		const order = (forPressure: boolean) =>
			fillPlan(lines, forPressure).layers.map(({ text }) => text);
		assert.equal(order(false)[0], 'beef');
		assert.equal(order(true)[0], 'stock');
		assert.deepEqual(order(true).slice(-2).sort(), ['cream', 'tomato paste']);
		assert.deepEqual(fillPlan(lines, true).inner, ['parmesan']);
		assert.deepEqual(fillPlan(lines, true).keptBack, ['pasta']);
	});
	it('evenness of what was weighed in', () => {
		assert.equal(unevenness01([1]), null);
		assert.equal(unevenness01([1, 1, 1]), 0);
		assert.ok(Math.abs(unevenness01([0.9, 1.1])! - 0.2) < 1e-9);
	});
});
