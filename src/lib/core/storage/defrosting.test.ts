import assert from 'node:assert/strict';
import { it } from 'node:test';
import { stew } from '../fixtures/stew.ts';
import { defrostPlan, underBlankets } from './defrosting.ts';

const hours = (massKg: number, blanketM: number, roomC = 20) =>
	underBlankets({ packs: [{ food: stew, massKg }], startC: -18, blanketM, roomC }).likely;

it('twenty kilograms under a folded blanket last the time a freezer takes to be defrosted (common practice, no source: one to three hours)', () => {
	assert.ok(hours(20, 0.03) > 1.5, `${hours(20, 0.03)}`);
	assert.ok(hours(20, 0) > 0.2 && hours(20, 0) < 2, `${hours(20, 0)}`);
});

it('more food, a thicker blanket and a cooler room hold longer', () => {
	assert.ok(hours(40, 0.03) > hours(20, 0.03));
	assert.ok(hours(20, 0.06) > hours(20, 0.03));
	assert.ok(hours(20, 0.03, 12) > hours(20, 0.03, 25));
	assert.equal(underBlankets({ packs: [], startC: -18, blanketM: 0.03, roomC: 20 }).likely, 0);
	assert.throws(() => hours(20, 1), { code: 'above-range' });
});

it('what is past its date is eaten, ices and thin packs go where it is cold, the rest is stacked; nothing is left out', () => {
	const pack = (
		code: string,
		thicknessM: number,
		bestBy: string | null = '2027-06-01',
		isIce = false
	) => ({
		code,
		litres: 1,
		thicknessM,
		bestBy,
		isIce
	});
	const packs = [
		pack('thick', 0.05),
		pack('thin', 0.02),
		pack('old', 0.03, '2026-11-20'),
		pack('ice', 0.08, null, true)
	];
	const plan = defrostPlan(packs, { otherL: 2, until: '2026-12-10' });
	const codes = (of: typeof packs) => of.map(({ code }) => code);
	assert.deepEqual(
		[codes(plan.eat), codes(plan.other), codes(plan.stack)],
		[['old'], ['ice', 'thin'], ['thick']]
	);
});
