import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { brick, foodOfCase, heatCase } from '../fixtures/heat-cases.ts';
import type { FoodSpec } from '../foods/food-spec.ts';
import { convertCook, type ConvertInput, type CookOption } from './convert-cook.ts';
import type { Method, State } from './method.ts';

const sea = { altitudeM: 0, roomC: 21 };
const low: Method = { appliance: 'slow-cooker', setting: 'low' };
const high: Method = { appliance: 'slow-cooker', setting: 'high' };
const pressure: Method = { appliance: 'pressure-cooker', release: 'natural' };
const food = (parts: Parameters<typeof foodOfCase>[0]): FoodSpec => foodOfCase(parts);
const beef = food({
	water: 0.68,
	protein: 0.195,
	fat: 0.115,
	ash: 0.01,
	tf: -1.1,
	M: 1,
	kcook: 1.2
});
const pork = food({ water: 0.66, protein: 0.18, fat: 0.15, ash: 0.01, tf: -1.1, M: 1, kcook: 1.2 });
const breast = food({
	water: 0.75,
	protein: 0.22,
	fat: 0.02,
	ash: 0.01,
	tf: -1.1,
	M: 1,
	kcook: 1.2
});
const chili = food({
	water: 0.74,
	protein: 0.1,
	fat: 0.06,
	carb: 0.075,
	fiber: 0.01,
	ash: 0.015,
	tf: -1.2,
	M: 2
});
const mixed = food({
	water: 0.77,
	protein: 0.11,
	fat: 0.03,
	carb: 0.08,
	ash: 0.01,
	tf: -1,
	M: 1.5
});

function option(input: ConvertInput, method: Method, state: State): CookOption {
	const { options } = convertCook({ ...input, methods: [method] });
	return options.find((o) => o.state === state) as CookOption;
}

describe('conversion against an independent program, equal cook value (K2, K8)', () => {
	it('a braised roast: sixty minutes under pressure in the other appliances', () => {
		const { expected } = heatCase('K2');
		const input: ConvertInput = {
			kind: 'tough-cut',
			food: beef,
			massKg: 1.6,
			block: brick([0.17, 0.12, 0.074]),
			thawed: { shape: brick([0.17, 0.12, 0.074]), count: 1 },
			content: 'raw-meat',
			coreC: 63,
			liquidKg: 0.35,
			known: { method: pressure, state: 'thawed', minutes: { from: 60, to: 60 } },
			kitchen: sea
		};
		const oven: Method = { appliance: 'oven', ovenC: 150, covered: true };
		const asked: [string, Method, State, number][] = [
			['slow_low_thawed', low, 'thawed', 0.07],
			['slow_high_thawed', high, 'thawed', 0.07],
			['oven150_thawed', oven, 'thawed', 0.07],
			['oven150_frozen', oven, 'frozen', 0.07],
			['pc_thawed', pressure, 'thawed', 4 / 60],
			['pc_frozen', pressure, 'frozen', 4 / 60]
		];
		for (const [key, method, state, tolerance] of asked) {
			const { setMin, computedMin } = option(input, method, state);
			const likely = (setMin ?? computedMin)?.likely ?? NaN;
			const wanted = expected.target_min[key];
			assert.ok(Math.abs(likely / wanted - 1) <= tolerance, `${key}: ${likely} for ${wanted}`);
		}
	});

	it('a bake: thirty-five minutes warm from the hob, then thawed and frozen', () => {
		const { inputs, expected } = heatCase('K8');
		const shape = brick([0.2, 0.2, 0.05]);
		const covered: Method = { appliance: 'oven', ovenC: 180, covered: true };
		const input: ConvertInput = {
			kind: 'assembled-bake',
			food: foodOfCase(inputs.methods.oven180_cov_warm50.food),
			massKg: 2.16,
			block: shape,
			pan: { shape },
			content: 'cooked',
			coreC: 73.9,
			liquidKg: 0,
			known: { method: covered, state: 'thawed', startC: 50, minutes: { from: 35, to: 35 } },
			kitchen: sea
		};
		for (const state of ['thawed', 'frozen'] as const) {
			const likely = option(input, covered, state).setMin?.likely ?? NaN;
			const wanted = expected.target_min[`oven180_cov_${state}`];
			assert.ok(Math.abs(likely / wanted - 1) <= 0.07, `${state}: ${likely} for ${wanted}`);
		}
	});
});

/** Common practice, no source: what one appliance's usual time becomes in another. Bands in minutes, ± 15 %. */
interface Fact {
	name: string;
	input: Omit<ConvertInput, 'kitchen' | 'known' | 'content' | 'coreC'> & Partial<ConvertInput>;
	state: State;
	bands: [Method, number, number][];
}
const facts: Fact[] = [
	{
		name: 'minced-meat ragù, meat already browned, thawed',
		input: {
			kind: 'meat-in-sauce',
			food: chili,
			massKg: 2.5,
			block: brick([0.2, 0.22, 0.055]),
			liquidKg: 0,
			known: { method: low, state: 'thawed', minutes: { from: 300, to: 360 } }
		},
		state: 'thawed',
		bands: [
			[low, 300, 360],
			[high, 180, 240]
		]
	},
	{
		name: 'boneless braising roast, small',
		input: {
			kind: 'tough-cut',
			food: beef,
			massKg: 1.6,
			block: brick([0.17, 0.12, 0.074]),
			thawed: { shape: brick([0.17, 0.12, 0.074]), count: 1 },
			liquidKg: 0.35,
			known: { method: pressure, state: 'thawed', minutes: { from: 60, to: 60 } }
		},
		state: 'thawed',
		bands: [
			[low, 480, 600],
			[pressure, 60, 60]
		]
	},
	{
		name: 'pork shoulder in liquid, thawed',
		input: {
			kind: 'tough-cut',
			food: pork,
			massKg: 2.7,
			block: brick([0.2, 0.14, 0.091]),
			thawed: { shape: brick([0.2, 0.14, 0.091]), count: 1 },
			liquidKg: 0.7
		},
		state: 'thawed',
		bands: [
			[low, 420, 480],
			[high, 240, 300],
			[{ appliance: 'oven', ovenC: 150, covered: true }, 300, 400]
		]
	},
	{
		name: 'chicken thighs in little liquid, thawed',
		input: {
			kind: 'lean-pieces',
			food: breast,
			massKg: 1.8,
			block: brick([0.22, 0.18, 0.043]),
			thawed: { shape: brick([0.11, 0.07, 0.025]), count: 9 },
			liquidKg: 0.15
		},
		state: 'thawed',
		bands: [[high, 180, 240]]
	},
	{
		name: 'cubed chicken with vegetables, thawed',
		input: {
			kind: 'lean-pieces',
			food: mixed,
			massKg: 2,
			block: brick([0.22, 0.2, 0.043]),
			thawed: { shape: brick([0.03, 0.03, 0.03]), count: 70 },
			liquidKg: 0.5
		},
		state: 'thawed',
		bands: [[low, 180, 240]]
	},
	{
		name: 'chicken pieces, potato and carrot, frozen solid',
		input: {
			kind: 'hard-vegetables',
			food: mixed,
			massKg: 1.8,
			block: brick([0.22, 0.18, 0.045]),
			liquidKg: 0.12
		},
		state: 'frozen',
		bands: [[low, 360, 420]]
	},
	{
		name: 'chili with cooked mince, frozen solid',
		input: {
			kind: 'meat-in-sauce',
			food: chili,
			massKg: 2.5,
			block: brick([0.2, 0.22, 0.055]),
			liquidKg: 0.15
		},
		state: 'frozen',
		bands: [[low, 300, 420]]
	},
	{
		name: 'chicken breasts alone in broth, thawed',
		input: {
			kind: 'lean-pieces',
			food: breast,
			massKg: 1.2,
			block: brick([0.2, 0.18, 0.032]),
			thawed: { shape: brick([0.14, 0.085, 0.023]), count: 4 },
			liquidKg: 0.5,
			known: { method: pressure, state: 'thawed', minutes: { from: 12, to: 12 } }
		},
		state: 'thawed',
		bands: [[high, 180, 240]]
	}
];

describe('usual times of home cooks (common practice, no source): likely in the band ± 15 %, or the window covers it', () => {
	for (const { name, input, state, bands } of facts)
		it(name, () => {
			for (const [method, from, to] of bands) {
				const o = option(
					{ content: 'raw-meat', coreC: 73.9, known: null, kitchen: sea, ...input },
					method,
					state
				);
				const likely = (o.setMin ?? o.computedMin)?.likely ?? NaN;
				const inBand = likely >= from * 0.85 && likely <= to * 1.15;
				const covers = likely <= to && (o.goodUntilMin ?? 0) >= from;
				assert.ok(
					inBand || covers,
					`${JSON.stringify(method)}: ${likely} to ${o.goodUntilMin}, band ${from} to ${to}`
				);
			}
		});
});

describe('what must always hold', () => {
	const chicken = (thicknessM: number, altitudeM = 0): ConvertInput => ({
		kind: 'lean-pieces',
		food: mixed,
		massKg: 0.2 * 0.18 * thicknessM * 1060,
		block: brick([0.2, 0.18, thicknessM]),
		content: 'raw-meat',
		coreC: 73.9,
		liquidKg: 0.25,
		known: null,
		kitchen: { altitudeM, roomC: 21 }
	});
	const minutes = (o: CookOption) => (o.setMin ?? o.computedMin)?.likely ?? Infinity;

	it('thicker is never faster, frozen never faster than thawed, ranges are in order (property)', () => {
		const mm = fc.integer({ min: 15, max: 60 });
		const method = fc.constantFrom(low, high, pressure);
		fc.assert(
			fc.property(mm, mm, method, (a, b, how) => {
				const [thin, thick] = [Math.min(a, b), Math.max(a, b)];
				const thinOption = option(chicken(thin / 1000), how, 'frozen');
				const thickOption = option(chicken(thick / 1000), how, 'frozen');
				assert.ok(minutes(thickOption) >= minutes(thinOption) * 0.98 - 0.5);
				assert.ok(
					minutes(thinOption) >= minutes(option(chicken(thin / 1000), how, 'thawed')) * 0.98 - 0.5
				);
				for (const o of [thinOption, thickOption]) {
					if (o.setMin)
						assert.ok(o.setMin.from <= o.setMin.likely && o.setMin.likely <= o.setMin.to);
					if (o.advice === 'refused') assert.equal(o.setMin, null);
					if (o.hazardH) assert.ok(o.hazardH.worst >= o.hazardH.likely);
				}
			}),
			{ numRuns: 4 }
		);
	});

	it('a block that is frozen needs longer at altitude at pressure, where everything is cooler', () => {
		const at = (m: number) => minutes(option(chicken(0.045, m), pressure, 'frozen'));
		assert.ok(at(2500) > at(0));
	});

	it('a raw frozen block over 5 cm or over 1.5 kg is refused in the slow cooker and names a better way', () => {
		const { options } = convertCook(chicken(0.06));
		const refused = options.filter(
			(o) => o.method.appliance === 'slow-cooker' && o.state === 'frozen'
		);
		assert.equal(refused.length, 2);
		for (const o of refused) {
			assert.equal(o.advice, 'refused');
			const codes = o.reasons.map((r) => r.code);
			assert.ok(
				codes.includes('only-flat') && codes.includes('only-light') && codes.includes('instead')
			);
			assert.ok(o.computedMin, 'what the model says is kept, to be shown with the reason');
		}
	});

	it('refuses broken input with a coded error', () => {
		assert.throws(() => convertCook({ ...chicken(0.03), massKg: -1 }), { code: 'below-range' });
		assert.throws(() => convertCook({ ...chicken(0.03), massKg: NaN }), { code: 'not-a-number' });
	});
});
