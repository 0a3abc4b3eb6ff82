import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { containerKeys, containers } from '../published/containers.ts';
import { dishKindNames } from '../published/dish-kinds.ts';
import { packPlan, planLife, thickestM, type PackPlanInput } from './pack-plan.ts';
import { thisPack } from './this-pack.ts';

const life = {
	parts: [{ group: 'soup-stew' as const, state: 'cooked' as const }],
	packedOn: '2026-11-25',
	leads: 'best-by' as const
};
const asked = (more: Partial<PackPlanInput>): PackPlanInput => ({
	massKg: 1,
	densityKgPerM3: 1050,
	kind: 'meat-in-sauce',
	container: 'bag-3l',
	life,
	...more
});

describe('what a portion becomes in a container', () => {
	it('a typed footprint leads: 1 kg on 18 × 15 cm is 35 mm thick, not what the bag alone would give', () => {
		const plan = packPlan(asked({ measured: { lengthM: 0.18, widthM: 0.15 } }));
		assert.ok(plan.outcome === 'planned');
		// volume over footprint, by hand: 1 / 1050 / (0.18 · 0.15) = 0.03527 m
		assert.ok(Math.abs(plan.block.thicknessM - 0.03527) < 1e-5);
		const usual = packPlan(asked({}));
		assert.ok(usual.outcome === 'planned' && Math.abs(usual.block.thicknessM - 0.01984) < 1e-5);
	});

	it('4 kg on 10 × 10 cm are refused with the most that fits, and that most is planned', () => {
		const measured = { lengthM: 0.1, widthM: 0.1 };
		const plan = packPlan(asked({ massKg: 4, measured }));
		assert.ok(plan.outcome === 'too-much' && plan.mostKg > 0 && plan.mostKg < 4);
		assert.equal(packPlan(asked({ massKg: plan.mostKg, measured })).outcome, 'planned');
	});

	it('whatever is asked: a block the records take, of the same volume, or a refusal whose most does go in', () => {
		const length = fc.option(fc.double({ min: 0.03, max: 0.6, noNaN: true }), { nil: undefined });
		fc.assert(
			fc.property(
				fc.record({
					massKg: fc.double({ min: 0.01, max: 25, noNaN: true }),
					densityKgPerM3: fc.double({ min: 400, max: 1300, noNaN: true }),
					kind: fc.constantFrom(...dishKindNames),
					container: fc.constantFrom(...containerKeys),
					measured: fc.record({ lengthM: length, widthM: length, thicknessM: length })
				}),
				(question) => {
					const plan = packPlan(asked(question));
					if (plan.outcome === 'too-much') {
						if (question.measured.thicknessM) return;
						assert.ok(plan.mostKg < question.massKg);
						if (plan.mostKg >= 0.001)
							assert.equal(
								packPlan(asked({ ...question, massKg: plan.mostKg })).outcome,
								'planned'
							);
						return;
					}
					if (plan.outcome === 'other-weight') return;
					const { lengthM, widthM, thicknessM } = plan.block;
					// the records' own limits
					assert.ok(thicknessM > 0 && thicknessM <= thickestM);
					const held = (lengthM * widthM * thicknessM * question.densityKgPerM3) / question.massKg;
					const { thicknessM: typed } = question.measured;
					assert.ok(typed !== undefined || thicknessM === 0.002 || Math.abs(held - 1) < 1e-6);
					assert.ok(plan.headspaceMm > 0 || containers[question.container].dryOnly);
				}
			),
			{ numRuns: 600 }
		);
	});

	it('the day that leads is the house’s, the cook’s own before it, none where nobody knows when it was frozen', () => {
		assert.equal(planLife(life).bestBy, '2027-01-25');
		assert.equal(planLife({ ...life, leads: 'good-to' }).bestBy, '2027-02-25');
		const own = planLife({ ...life, bestBy: '2027-06-01' });
		assert.deepEqual(
			[own.bestBy, own.computedBestBy, own.bestBySet],
			['2027-06-01', '2027-01-25', true]
		);
		assert.equal(planLife({ ...life, dayKnown: false }).bestBy, null);
		assert.equal(planLife({ ...life, parts: [] }).bestBy, null);
	});
});

it('a pack is this pack: half of it is half as heavy and long and as thick; filled fuller it is thicker', () => {
	const packing = { massKg: 1, servings: 4, lengthM: 0.24, widthM: 0.2, thicknessM: 0.02 };
	const half = thisPack(packing, { massKg: null, part01: 0.5 });
	assert.deepEqual(half, {
		massKg: 0.5,
		servings: 2,
		block: { lengthM: 0.12, widthM: 0.2, thicknessM: 0.02 }
	});
	const fuller = thisPack(packing, { massKg: 1.5, part01: 1 });
	assert.ok(Math.abs(fuller.block.thicknessM - 0.03) < 1e-12 && fuller.massKg === 1.5);
});
