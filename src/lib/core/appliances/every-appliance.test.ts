import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import {
	convertCook,
	type ConvertInput,
	type CookOption
} from '../cooking/conversion/convert-cook.ts';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { foodProperties } from '../foods/food-properties.ts';
import { pieceQuestion, anyLoad, anyMethod } from '../fixtures/random-questions.ts';
import type { Method } from './index.ts';

const timesOf = (o: CookOption) => o.setMin ?? o.computedMin;
const both = (input: ConvertInput, method: Method) =>
	convertCook({ ...input, methods: [method] }).options;

/** Watts that an appliance has for the food, at most; an oven's element and what a small one has (common sizes). */
const mostW: Record<Method['appliance'], (m: Method) => number> = {
	'slow-cooker': () => 320,
	'pressure-cooker': () => 900,
	oven: () => 2500,
	hob: (m) => ('level' in m ? { low: 500, medium: 900, high: 1400 }[m.level] : 0),
	microwave: (m) => ('powerW' in m ? m.powerW : 0),
	'fan-oven': () => 1700,
	'water-bath': () => 1000,
	steamer: () => 1200,
	grill: () => 3000
};

it('no appliance gives more heat than it has: any kind, load and state (property; energy balance)', () => {
	fc.assert(
		fc.property(anyLoad, anyMethod, (of, method) => {
			const input = pieceQuestion(of);
			for (const option of both(input, method)) {
				const set = timesOf(option);
				if (!set || option.coreEndC === null) continue;
				const at = (tempC: number) =>
					foodProperties({ composition: defaultCompositions[of.kind] }, tempC).enthalpyJPerKg;
				// its middle is no warmer than the rest: at least so much heat is in it, to a hundredth
				const heatJ =
					input.massKg *
					(at(Math.min(option.coreEndC, 90)) - at(option.state === 'frozen' ? -18 : 4));
				const runMin = set.likely + (option.comeUpMin ?? 0) + 12;
				assert.ok(
					heatJ * 0.97 <= mostW[method.appliance](method) * runMin * 60,
					`${option.state} ${JSON.stringify(method)} ${JSON.stringify(of)}`
				);
			}
		}),
		{ numRuns: 25 }
	);
});

it('more of it is never advised better; what does not fit is refused (property)', () => {
	fc.assert(
		fc.property(
			anyLoad,
			anyMethod,
			fc.double({ min: 1.2, max: 6, noNaN: true }),
			(of, method, factor) => {
				const [less, more] = [of, { ...of, massKg: of.massKg * factor }].map((one) =>
					both(pieceQuestion(one), method)
				);
				less.forEach((option, i) => {
					// a fuller pot holds its heat better, and a small load is warmer sooner: only refusal for its size counts
					const refusedForSize = option.reasons.some(
						({ code }) => code === 'more-than-fits' || code === 'more-than-the-bowl'
					);
					if (refusedForSize) assert.equal(more[i].advice, 'refused');
				});
			}
		),
		{ numRuns: 20 }
	);
});

it('twenty-five kilograms fit into none', () => {
	for (const method of [
		{ appliance: 'slow-cooker', setting: 'high' },
		{ appliance: 'pressure-cooker' },
		{ appliance: 'oven', ovenC: 180, covered: true },
		{ appliance: 'hob', level: 'high' },
		{ appliance: 'microwave', powerW: 800 },
		{ appliance: 'fan-oven', ovenC: 180 },
		{ appliance: 'water-bath', bathC: 75, circulated: true },
		{ appliance: 'steamer' },
		{ appliance: 'grill' }
	] as const)
		for (const kind of ['lean-pieces', 'meat-in-sauce'] as const) {
			const of = {
				kind,
				content: 'cooked',
				reheat: false,
				thicknessM: 0.05,
				massKg: 24,
				pieceM: 0.03,
				liquidKg: 0
			} as const;
			for (const { advice } of both(pieceQuestion(of), method))
				assert.equal(advice, 'refused', `${kind} ${method.appliance}`);
		}
});
