import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import fc from 'fast-check';
import { addDays } from '../../core/units/index.ts';
import { dayIn } from '../../present/time.ts';
import type { Db } from '../db/db.ts';
import { openTestDb, type TestClient } from '../testing/index.ts';
import { addPackings, withOnePack } from '../testing/made-packs.ts';
import { batchesSeen, packsPastBest } from './learn-batches.ts';

const [dayMs, hourMs] = [86_400_000, 3_600_000];
const nowMs = Date.UTC(2026, 10, 26, 18, 0);
const sinceMs = nowMs - 400 * dayMs;

/** A pack somebody may have: how it went, after how many days and hours, and when it was to be eaten. */
const aPack = fc.record({
	status: fc.constantFrom('frozen', 'reserved', 'cooked', 'given', 'discarded'),
	waited: fc.oneof(fc.integer({ min: 0, max: 17 }), fc.integer({ min: 0, max: 300 })),
	hour: fc.integer({ min: 0, max: 23 }),
	bestDays: fc.option(fc.oneof(fc.integer({ min: 0, max: 17 }), fc.constant(120)), { freq: 8 })
});
const aBatch = fc.record({
	dish: fc.nat({ max: 1 }),
	agoDays: fc.oneof(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 0, max: 600 })),
	soon: fc.boolean(),
	packs: fc.array(aPack, { minLength: 1, maxLength: 3 })
});

// half a day ahead, and half an hour off: where a day begins decides what was late
for (const timeZone of ['Pacific/Auckland', 'America/St_Johns'])
	describe(`batches and best days as the database counts them, in ${timeZone}`, () => {
		let client: TestClient;
		let db: Db;
		let dishIds: number[];
		let codes: string[][];
		const today = dayIn(nowMs, timeZone);
		/** random, the same in every run */
		const made = fc
			.sample(aBatch, { numRuns: 300, seed: 400 })
			.map(({ agoDays, soon, ...batch }) => {
				const packedOn = addDays(today, -agoDays);
				const packedMs = Date.parse(packedOn);
				const packs = batch.packs.map(({ status, waited, hour, bestDays }) => {
					const isGone = soon || !['frozen', 'reserved'].includes(status);
					const goneMs = packedMs + (soon ? waited % 20 : waited) * dayMs + hour * hourMs;
					return {
						status: soon ? ('cooked' as const) : status,
						reason: null,
						bestBy: bestDays === null ? null : addDays(packedOn, bestDays),
						cookedAtMs: isGone ? Math.min(goneMs, nowMs) : null
					};
				});
				return { dish: batch.dish, packedOn, packedMs, packs };
			});
		type Made = (typeof made)[number];
		before(async () => {
			({ db, client } = await openTestDb());
			dishIds = await withOnePack(db, timeZone, nowMs);
			// of its own pack, frozen for years, nothing is asked
			await client.exec('update packs set best_by = null');
			codes = await addPackings(
				db,
				made.map(({ dish, packedOn, packs }) => ({ dishId: dishIds[dish], packedOn, packs }))
			);
		});
		after(() => client.close());

		const settings = () => [
			{ sinceMs, nowMs, laterMs: new Map() },
			{ sinceMs, nowMs, laterMs: new Map([[dishIds[1], nowMs - 90.4 * dayMs]]) },
			{ sinceMs, nowMs, laterMs: new Map(), dishIds: [dishIds[0]] }
		];
		/** what counts of a dish, from the packs themselves */
		const since = (asked: ReturnType<typeof settings>[number], dish: number) =>
			!asked.dishIds || asked.dishIds.includes(dishIds[dish])
				? (asked.laterMs.get(dishIds[dish]) ?? asked.sinceMs)
				: Infinity;

		it('batches gone within a fortnight, of those that are gone or older', async () => {
			for (const asked of settings()) {
				const goneDays = ({ packs, packedMs }: Made) =>
					packs.some(({ status }) => status === 'frozen' || status === 'reserved')
						? Infinity
						: (Math.max(...packs.map(({ cookedAtMs }) => cookedAtMs ?? 0)) - packedMs) / dayMs;
				const wanted = [0, 1].map((dish) => {
					const seen = made.filter(
						(one) => one.dish === dish && one.packs.length > 1 && one.packedMs > since(asked, dish)
					);
					const soon = seen.filter((one) => goneDays(one) <= 14);
					const old = seen.filter((one) => nowMs - one.packedMs > 14 * dayMs);
					return {
						of: new Set([...soon, ...old]).size,
						soon: soon.map((one) => [goneDays(one), ...codes[made.indexOf(one)]].join()).sort()
					};
				});
				const found = await batchesSeen(db, asked);
				for (const [dish, { of, soon }] of wanted.entries()) {
					const one = found.find(({ dishId }) => dishId === dishIds[dish]);
					assert.equal(one?.of ?? 0, of);
					const said = (one?.soon ?? []).map(({ days, codes }) => [days, ...codes].join());
					assert.deepEqual(said.sort(), soon);
				}
				assert.ok(wanted[0].soon.length > 5);
			}
		});

		it('packs that were past their best when they went, or are', async () => {
			for (const asked of settings()) {
				const found = await packsPastBest(db, { ...asked, today, timeZone });
				for (const dish of [0, 1]) {
					const packs = made.flatMap((one, i) =>
						one.dish === dish ? one.packs.map((pack, n) => ({ ...pack, code: codes[i][n] })) : []
					);
					const seen = packs.flatMap(({ status, bestBy, cookedAtMs, code }) => {
						if (bestBy === null || since(asked, dish) === Infinity) return [];
						if (status === 'frozen') return bestBy < today ? [{ code, past: true }] : [];
						const counts =
							(status === 'cooked' || status === 'discarded') && cookedAtMs! > since(asked, dish);
						return counts ? [{ code, past: bestBy < dayIn(cookedAtMs!, timeZone) }] : [];
					});
					const past = seen.filter((one) => one.past).map(({ code }) => code);
					const one = found.find(({ dishId }) => dishId === dishIds[dish]);
					assert.deepEqual([one?.of ?? 0, one?.past ?? 0], [seen.length, past.length]);
					assert.deepEqual([...(one?.codes ?? [])].sort(), past.sort());
				}
			}
		});
	});
