import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import fc from 'fast-check';
import { median } from '../../../core/statistics.ts';
import { addDays, daysBetween } from '../../../core/units/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import { getHousehold } from '../../queries/household.ts';
import { inlineCompute, openTestDb, type TestClient } from '../../testing/index.ts';
import { addPackings, withOnePack } from '../../testing/made-packs.ts';
import { figuresOf, spanNames, spanOf } from './figures.ts';
import { listOf, type ListName } from './learn-lists.ts';

const nowMs = Date.UTC(2026, 10, 26, 18, 0);
const timeZone = 'Pacific/Auckland';
const today = dayIn(nowMs, timeZone);

/** A pack somebody may have: when it was made, whether and how it went, at what hour. */
const aPack = fc.record({
	agoDays: fc.integer({ min: 0, max: 900 }),
	waitedDays: fc.integer({ min: 0, max: 400 }),
	hour: fc.integer({ min: 0, max: 23 }),
	status: fc.constantFrom('frozen', 'cooked', 'given', 'discarded'),
	reason: fc.constantFrom(null, 'smelled', 'nobody wanted it'),
	cents: fc.option(fc.integer({ min: 50, max: 400 })),
	bestDays: fc.option(fc.integer({ min: 30, max: 300 }))
});
type APack = typeof aPack extends fc.Arbitrary<infer T> ? T : never;

describe('figures of years are the sums of the packs they open', () => {
	let client: TestClient;
	let db: Db;
	/** random, the same in every run */
	const made: APack[] = fc.sample(aPack, { numRuns: 400, seed: 18 });
	const goneAtMs = ({ agoDays, waitedDays, hour }: APack) =>
		Math.min(nowMs, nowMs - (agoDays - waitedDays) * 86_400_000 - hour * 3_600_000);

	before(async () => {
		({ db, client } = await openTestDb());
		const [dishId] = await withOnePack(db, timeZone, nowMs);
		await addPackings(
			db,
			made.map((one) => {
				const packedOn = addDays(today, -one.agoDays);
				const { status, reason } = one;
				const bestBy = one.bestDays === null ? null : addDays(packedOn, one.bestDays);
				const cookedAtMs = status === 'frozen' ? null : goneAtMs(one);
				const packs = [{ status, reason, bestBy, cookedAtMs }] as const;
				return { dishId, packedOn, servingCents: one.cents, packs: [...packs] };
			})
		);
	});
	after(() => client.close());

	for (const span of spanNames)
		it(`over ${span}, in a zone half a day from here`, async () => {
			const house = await getHousehold(db);
			const figures = await figuresOf(db, house, span, nowMs);
			const { fromDay, toDay, fromMs, toMs } = spanOf(span, nowMs, timeZone);
			const madeIn = made.filter(({ agoDays }) => {
				const day = addDays(today, -agoDays);
				return day >= fromDay && day < toDay;
			});
			const goneIn = made.filter(
				(one) => one.status !== 'frozen' && goneAtMs(one) >= fromMs && goneAtMs(one) < toMs
			);
			const eaten = goneIn.filter(({ status }) => status !== 'discarded');
			const old = span === 'all' ? 1 : 0;
			assert.equal(figures.made, madeIn.length + old);
			assert.equal(figures.eaten, eaten.length);
			assert.equal(figures.thrown.packs, goneIn.length - eaten.length);
			const priced = madeIn.flatMap(({ cents }) => (cents === null ? [] : [cents]));
			assert.ok(
				Math.abs((figures.cost.cents ?? 0) - priced.reduce((a, b) => a + b, 0) / priced.length) <
					1e-6
			);
			const waited = eaten.map((one) =>
				daysBetween(addDays(today, -one.agoDays), dayIn(goneAtMs(one), timeZone))
			);
			assert.equal(figures.waits.days, waited.length ? Math.round(median(waited)!) : null);

			const lengthOf = async (list: ListName, part: string | null = null) =>
				(await listOf(db, inlineCompute, house, { list, span, part, nowMs })).length;
			for (const { from, made, eaten, discarded } of figures.flow) {
				assert.equal(await lengthOf('made', from), made, from);
				assert.equal(await lengthOf('gone', from), eaten + discarded, from);
			}
			assert.equal(await lengthOf('thrown'), figures.thrown.packs);
			assert.equal(await lengthOf('waits'), figures.eaten);
			assert.equal(await lengthOf('cost'), figures.cost.priced);
			for (const { month, packs } of figures.months)
				assert.equal(await lengthOf('months', month ?? 'none'), packs);
			assert.equal(
				figures.thrown.why.reduce((all, { n }) => all + n, 0),
				figures.thrown.packs
			);
			assert.equal(await lengthOf('made', 'no week'), 0);
		});
});
