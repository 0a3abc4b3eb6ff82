import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import {
	anyLoad as load,
	anyMethod,
	pieceQuestion as question,
	within,
	type Load
} from '../../fixtures/random-questions.ts';
import type { Method, State } from '../../appliances/index.ts';
import { convertCook, convertSteps, type ConvertInput, type LikelyTimes } from './convert-cook.ts';

/** The likely times of both states, without their ranges. */
function likelyOf(input: ConvertInput, method: Method): Record<State, LikelyTimes> {
	const steps = convertSteps({ ...input, methods: [method] });
	const next = () => {
		const { value } = steps.next();
		assert.ok(value && 'kind' in value && value.kind === 'likely');
		return value.times;
	};
	return { thawed: next(), frozen: next() };
}
const never = Infinity;

it('frozen is never sooner than thawed: any kind, load and appliance (property)', () => {
	fc.assert(
		fc.property(load, anyMethod, (of, method) => {
			const { thawed, frozen } = likelyOf(question(of), method);
			if (frozen.setMin === null) return;
			assert.ok(frozen.setMin >= (thawed.setMin ?? never) - 1e-9);
			assert.ok((frozen.totalMin ?? never) >= (thawed.totalMin ?? never) - 1e-9);
		}),
		{ numRuns: 40 }
	);
});

// a wider block raises the liquid it lies in, which wets more of it: up to 4 % sooner in a nearly dry crock
it('more food is never ready sooner: as thick and wider, or as wide and thicker (property, within 4 %)', () => {
	fc.assert(
		fc.property(load, anyMethod, within(1, 1.8), fc.boolean(), (of, method, factor, wider) => {
			const less = likelyOf(question(of), method);
			const more = likelyOf(
				question({
					...of,
					massKg: of.massKg * factor,
					thicknessM: wider ? of.thicknessM : of.thicknessM * factor
				}),
				method
			);
			for (const state of ['thawed', 'frozen'] as const) {
				const [a, b] = [less[state].totalMin, more[state].totalMin];
				if (b !== null) assert.ok(b >= (a ?? never) * 0.96 - 0.5, `${state}: ${a} then ${b}`);
			}
		}),
		{ numRuns: 40 }
	);
});

it('a recipe comes back within a tenth for its own method and state, or it is said that it was too short (property)', () => {
	const state = fc.constantFrom('thawed' as const, 'frozen' as const);
	const share = within(0.15, 1);
	fc.assert(
		fc.property(load, anyMethod, state, share, within(1, 1.3), (of, method, known, part, wide) => {
			const longest =
				method.appliance === 'slow-cooker' ? 600 : method.appliance === 'oven' ? 180 : 90;
			const minutes = { from: longest * part, to: longest * part * wide };
			const { options } = convertCook({
				...question({ ...of, reheat: false }),
				methods: [method],
				known: { method, state: known, minutes }
			});
			const option = options.find((o) => o.state === known);
			const likely = (option?.setMin ?? option?.computedMin)?.likely;
			if (likely === undefined || option?.reasons.some((r) => r.code === 'recipe-too-short'))
				return;
			// still good at the long end, at least
			if (option?.setMin && option.goodUntilMin !== null)
				assert.ok(option.goodUntilMin >= option.setMin.to - 1e-9);
			const told = (minutes.from + minutes.to) / 2;
			assert.ok(Math.abs(likely / told - 1) < 0.1, `${likely} for ${told}`);
		}),
		{ numRuns: 40 }
	);
});

it('a recipe shorter than what is safe is lengthened, and both figures are given', () => {
	const method: Method = { appliance: 'oven', ovenC: 180, covered: false };
	const fillets = question({
		kind: 'lean-pieces',
		content: 'raw-meat',
		reheat: false,
		thicknessM: 0.03,
		massKg: 0.9,
		pieceM: 0.035,
		liquidKg: 0
	});
	const { options } = convertCook({
		...fillets,
		methods: [method],
		known: { method, state: 'thawed', minutes: { from: 8, to: 8 } }
	});
	const [thawed] = options;
	const values = thawed.reasons.find((r) => r.code === 'recipe-too-short')?.values;
	assert.equal(values?.recipeMin, 8);
	assert.ok((values?.safeMin ?? 0) > 12);
	assert.equal(thawed.setMin?.likely, values?.safeMin);
	assert.ok((thawed.coreEndC ?? 0) >= 73.8);
});

it('a reheated pot under pressure is never told a hold below two minutes, and its core is hot when the lid comes off', () => {
	const method: Method = { appliance: 'pressure-cooker', release: 'natural' };
	fc.assert(
		fc.property(load, (of) => {
			const { options } = convertCook({
				...question({ ...of, kind: 'meat-in-sauce', content: 'cooked', reheat: true }),
				methods: [method]
			});
			for (const { setMin, coreEndC } of options)
				if (setMin) {
					assert.ok(setMin.from >= 2);
					assert.ok((coreEndC ?? 0) >= 73.8);
				}
		}),
		{ numRuns: 6 }
	);
});

it('nothing flips within a millimetre, ten grams or a minute: times move little, and good never turns into refused (property)', () => {
	const change = fc.constantFrom<Partial<Load>>(
		{ thicknessM: 0.001 },
		{ massKg: 0.01 },
		{ pieceM: 0.001 },
		{ liquidKg: 0.01 }
	);
	fc.assert(
		fc.property(load, anyMethod, change, (of, method, by) => {
			const moved = { ...of };
			for (const key of ['thicknessM', 'massKg', 'pieceM', 'liquidKg'] as const)
				moved[key] += by[key] ?? 0;
			const [a, b] = [of, moved].map(
				(one) => convertCook({ ...question(one), methods: [method] }).options
			);
			a.forEach((before, i) => {
				const both = [before.advice, b[i].advice].sort().join();
				const full = [before, b[i]].some(({ reasons }) =>
					reasons.some(({ code }) => code === 'too-full' || code === 'more-than-the-bowl')
				);
				assert.ok(both !== 'good,refused' || full, `${both}: ${JSON.stringify(by)}`);
				const [x, y] = [before, b[i]].map((o) => (o.setMin ?? o.computedMin)?.likely);
				// a millimetre of fifteen is a seventh of a thickness squared
				if (x !== undefined && y !== undefined)
					assert.ok(Math.abs(y - x) <= 0.2 * x + 2, `${x} then ${y}: ${JSON.stringify(by)}`);
			});
		}),
		{ numRuns: 14 }
	);
});
