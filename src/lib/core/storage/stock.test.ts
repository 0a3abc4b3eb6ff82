import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { bestByNow } from './best-by-now.ts';
import { holdsH, powerCutVerdict } from '../rules/power-cut.ts';
import { pullTimes } from '../rules/pull.ts';
import { keepsDays } from '../rules/refrigerator-days.ts';
import { freezingDays, loadLeftKg, putAway } from './put-away.ts';
import { refreeze } from '../rules/refreeze.ts';
import { qualityUse } from './warm-spells.ts';

const dayMs = 24 * 3600_000;
const hMs = 3600_000;

describe('power cut (FoodSafety.gov, from memory)', () => {
	const cut = {
		groups: ['soup-stew'] as const,
		fill01: 1,
		doorOpened: false,
		iceCrystals: null,
		warmestC: null,
		aboveH: null
	};
	it('closed and full 48 h, half full 24 h, at the edge and a minute beyond', () => {
		assert.equal(holdsH(1), 48);
		assert.equal(holdsH(0.5), 24);
		assert.equal(powerCutVerdict({ ...cut, outH: 48 }).outcome, 'keep');
		assert.equal(powerCutVerdict({ ...cut, outH: 48 + 1 / 60 }).outcome, 'look');
		assert.equal(powerCutVerdict({ ...cut, fill01: 0.5, outH: 24 }).outcome, 'keep');
		assert.equal(powerCutVerdict({ ...cut, fill01: 0.5, outH: 24.1 }).outcome, 'look');
		assert.equal(powerCutVerdict({ ...cut, outH: 1, doorOpened: true }).outcome, 'look');
	});
	it('at 4 °C or with ice it is frozen again; above for more than two hours it goes', () => {
		const read = (warmestC: number, aboveH: number | null) =>
			powerCutVerdict({ ...cut, outH: 60, warmestC, aboveH, coveredH: 60 }).outcome;
		const covered = (warmestC: number, more = {}) =>
			powerCutVerdict({ ...cut, outH: 60, warmestC, aboveH: 0, coveredH: 60, ...more }).outcome;
		assert.equal(covered(-12), 'keep');
		assert.equal(covered(-2), 'refreeze');
		assert.equal(covered(4, { unfrozenH: 30, keepsDays: 3 }), 'refreeze', 'as in a refrigerator');
		assert.equal(covered(4, { unfrozenH: 30, keepsDays: 1 }), 'discard');
		for (const outH of [50, 120])
			assert.equal(
				powerCutVerdict({ ...cut, outH, warmestC: -14, aboveH: 0 }).outcome,
				'look',
				'one cold reading clears nothing'
			);
		assert.equal(read(4.1, 2), 'cook-now');
		assert.equal(read(4.1, 2.01), 'discard');
		assert.equal(read(4.1, null), 'discard', 'for how long is not known: the stricter');
		const once = { ...cut, outH: 60, iceCrystals: false, warmestC: 6, aboveH: 1, coveredH: 1 };
		assert.equal(powerCutVerdict(once).outcome, 'discard', 'one warm reading helps nothing');
		assert.throws(() => powerCutVerdict({ ...once, warmestC: NaN }), { code: 'not-a-number' });
		assert.equal(powerCutVerdict({ ...cut, outH: 60, iceCrystals: true }).outcome, 'refreeze');
		assert.equal(powerCutVerdict({ ...cut, outH: 60, iceCrystals: false }).outcome, 'discard');
	});
	it('warm, no ice, and nobody knows how long: discard; no longer than the cut of two hours: cook', () => {
		const warm = (outH: number) => powerCutVerdict({ ...cut, outH, iceCrystals: false }).outcome;
		assert.equal(warm(2), 'cook-now');
		assert.equal(warm(3), 'discard');
	});
	it('ices go once they were soft; a pie with fruit is not fruit', () => {
		const ice = { ...cut, outH: 5, isIce: true };
		assert.equal(powerCutVerdict(ice).outcome, 'look');
		assert.equal(powerCutVerdict({ ...ice, iceCrystals: false }).outcome, 'discard');
		assert.equal(powerCutVerdict({ ...ice, warmestC: -4, aboveH: 0 }).outcome, 'discard');
		const warm = { ...cut, outH: 60, iceCrystals: false };
		assert.equal(powerCutVerdict({ ...warm, groups: ['fruit'] }).outcome, 'refreeze');
		assert.equal(powerCutVerdict({ ...warm, groups: ['fruit', 'bread-bakes'] }).outcome, 'discard');
	});
	it('longer, emptier or opened is never better (property)', () => {
		const rank = { keep: 0, refreeze: 1, look: 2, 'cook-now': 3, discard: 4 };
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 100, noNaN: true }),
				fc.double({ min: 0, max: 40, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.constantFrom(null, false),
				(outH, more, fill01, iceCrystals) => {
					const at = (change: object) =>
						rank[powerCutVerdict({ ...cut, outH, fill01, iceCrystals, ...change }).outcome];
					assert.ok(at({ outH: outH + more }) >= at({}));
					assert.ok(at({ fill01: fill01 / 2 }) >= at({}));
					assert.ok(at({ doorOpened: true }) >= at({}));
				}
			)
		);
	});
});

describe('refreezing (USDA FSIS, The big thaw, from memory)', () => {
	const out = { outH: 20, thawedAfterH: 10, keepsDays: 1, cookedSince: false };
	it('from the refrigerator within its days; from water only cooked; from the counter after 2 h never', () => {
		assert.equal(refreeze({ ...out, place: 'refrigerator' }).outcome, 'refreeze');
		assert.equal(refreeze({ ...out, place: 'refrigerator', outH: 34 }).outcome, 'refreeze');
		assert.equal(refreeze({ ...out, place: 'refrigerator', outH: 34.1 }).outcome, 'discard');
		assert.equal(refreeze({ ...out, place: 'cold-water', outH: 12 }).outcome, 'cook-first');
		assert.equal(refreeze({ ...out, place: 'cold-water', outH: 12.1 }).outcome, 'discard');
		assert.equal(refreeze({ ...out, place: 'counter', outH: 2 }).outcome, 'cook-first');
		assert.equal(refreeze({ ...out, place: 'counter', outH: 2.1 }).outcome, 'discard');
		assert.equal(
			refreeze({ ...out, place: 'counter', outH: 1, cookedSince: true }).outcome,
			'refreeze'
		);
	});
	it('after thawing: minced and poultry a day, red meat in the piece three, cooked three; days before count', () => {
		assert.equal(keepsDays([{ group: 'ground-meat', state: 'raw' }]), 1);
		assert.equal(keepsDays([{ group: 'steaks-chops-roasts', state: 'raw' }]), 3);
		assert.equal(keepsDays([{ group: 'ground-meat', state: 'cooked' }]), 3);
		assert.equal(
			keepsDays([
				{ group: 'steaks-chops-roasts', state: 'raw' },
				{ group: 'poultry-pieces', state: 'raw' }
			]),
			1
		);
		assert.equal(keepsDays([{ group: 'soup-stew', state: 'cooked' }], 2), 1);
		assert.equal(keepsDays([{ group: 'soup-stew', state: 'cooked' }], 9), 0);
	});
	it('when it is thawed nobody knows: its days count from when it was taken out', () => {
		const unknown = { ...out, place: 'refrigerator' as const, thawedAfterH: null };
		assert.equal(refreeze({ ...unknown, outH: 24 }).outcome, 'refreeze');
		assert.equal(refreeze({ ...unknown, outH: 25 }).outcome, 'discard');
		const pull = { sinceMs: 0, pliableMin: null, thawedMin: null, keepsDays: 1 };
		assert.equal(pullTimes({ ...pull, place: 'refrigerator' }).cookByMs, dayMs);
		for (const place of ['cold-water', 'microwave'] as const)
			assert.equal(pullTimes({ ...pull, place }).discardAtMs, 2 * 3600_000);
	});
	it('left out on the counter it has two hours in all, however thick it is', () => {
		const out = pullTimes({
			place: 'counter',
			sinceMs: 0,
			pliableMin: 300,
			thawedMin: 600,
			keepsDays: 3
		});
		assert.deepEqual(out, {
			pliableAtMs: null,
			thawedAtMs: null,
			cookByMs: 2 * hMs,
			discardAtMs: 2 * hMs
		});
	});
	it('in cold water it is cooked at once, in the refrigerator within its days', () => {
		const pull = { sinceMs: 0, pliableMin: 300, thawedMin: 600, keepsDays: 3 };
		assert.equal(pullTimes({ ...pull, place: 'refrigerator' }).cookByMs, 600 * 60_000 + 3 * dayMs);
		assert.equal(pullTimes({ ...pull, place: 'cold-water' }).cookByMs, 660 * 60_000);
	});
});

describe('load (NCHFP: 2 to 3 lb per cubic foot in 24 h, from memory)', () => {
	it('the stricter end: 2 lb for a cubic foot', () => {
		assert.ok(Math.abs(loadLeftKg({ volumeL: 28.3168 }, 0) - 2 * 0.453592) < 0.002);
		assert.equal(loadLeftKg({ volumeL: 100 }, 5), 0);
	});
	it('never more than the load, never more than a shelf holds, and each pack is somewhere or says why (property)', () => {
		const shelf = fc.record({
			id: fc.integer({ min: 1, max: 9 }),
			usableL: fc.double({ min: 1, max: 60, noNaN: true }),
			storedL: fc.double({ min: 0, max: 30, noNaN: true })
		});
		const pack = fc.record({
			massKg: fc.double({ min: 0.1, max: 3, noNaN: true }),
			volumeL: fc.double({ min: 0.1, max: 3, noNaN: true })
		});
		fc.assert(
			fc.property(
				fc.uniqueArray(shelf, { selector: (s) => s.id, maxLength: 4 }),
				fc.array(pack, { maxLength: 12 }),
				fc.double({ min: 20, max: 300, noNaN: true }),
				(shelves, packs, volumeL) => {
					const {
						shelfIds,
						waits,
						loadLeftKg: left
					} = putAway({
						freezer: { volumeL },
						shelves,
						addedIn24hKg: 0,
						packs
					});
					const put = packs.filter((_, i) => shelfIds[i] !== null);
					const kg = put.reduce((sum, { massKg }) => sum + massKg, 0);
					assert.ok(kg <= volumeL * 0.032 + 1e-6);
					assert.ok(Math.abs(volumeL * 0.032 - kg - left) < 1e-6);
					for (const { id, usableL, storedL } of shelves) {
						const litres = packs.reduce(
							(sum, { volumeL: l }, i) => sum + (shelfIds[i] === id ? l : 0),
							0
						);
						assert.ok(litres <= Math.max(0, usableL - storedL) + 1e-6);
					}
					assert.ok(waits.every((i) => shelfIds[i] === null));
				}
			)
		);
	});
});

describe('quality life against temperature (10 K warmer, threefold; from memory)', () => {
	const steady = (tempC: number, days: number) =>
		qualityUse({
			fromMs: 0,
			toMs: days * dayMs,
			setC: -18,
			readings: Array.from({ length: days * 24 + 1 }, (_, i) => ({ atMs: i * hMs, tempC }))
		});
	it('thirty days at −18 °C use thirty, at −8 °C ninety, colder never fewer than thirty', () => {
		assert.ok(Math.abs(steady(-18, 30).usedDays - 30) < 1e-6);
		assert.ok(Math.abs(steady(-8, 30).usedDays - 90) < 0.01);
		assert.ok(Math.abs(steady(-28, 30).usedDays - 30) < 1e-6);
		assert.equal(steady(-8, 1).warmH, 24);
	});
	it('a ramp agrees with the closed integral of 3^((T+18)/10)', () => {
		const [from, to, hours] = [-18, -8, 4];
		const { usedDays } = qualityUse({
			fromMs: 0,
			toMs: hours * hMs,
			setC: -18,
			readings: [
				{ atMs: 0, tempC: from },
				{ atMs: hours * hMs, tempC: to }
			]
		});
		const exact = ((hours / 24) * (3 - 1)) / Math.log(3);
		assert.ok(Math.abs(usedDays / exact - 1) < 0.01);
	});
	it('without readings the setting counts; a spell of two days at −8 °C costs four', () => {
		const spell = {
			bestBy: '2026-04-01',
			packedForC: -18,
			setC: -18,
			packedAtMs: 0,
			nowMs: 30 * dayMs,
			today: '2026-01-31'
		};
		assert.deepEqual(bestByNow({ ...spell, readings: [] }), {
			bestBy: '2026-04-01',
			lostDays: 0
		});
		const readings = Array.from({ length: 49 }, (_, i) => ({
			atMs: 10 * dayMs + i * hMs,
			tempC: -8
		}));
		const after = bestByNow({ ...spell, readings });
		assert.ok(Math.abs(after.lostDays - 4) <= 1, String(after.lostDays));
		assert.equal(bestByNow({ ...spell, bestBy: null, readings }).bestBy, null);
	});
	it('a warmer setting counts from its day on, and no longer once it is set back; what was lost stays lost', () => {
		const pack = {
			bestBy: '2026-12-31',
			packedForC: -18,
			packedAtMs: 0,
			readings: []
		};
		const warmFrom = { fromMs: 100 * dayMs, setC: -12 };
		const factor = 3 ** 0.6;
		const first = bestByNow({
			...pack,
			setC: -12,
			settings: [{ fromMs: 0, setC: -18 }, warmFrom],
			nowMs: 100 * dayMs,
			today: '2026-04-11'
		});
		assert.equal(first.lostDays, 0, 'nothing was lost before it was set');
		const leftDays = 264 / factor;
		const expected = Date.parse('2026-04-11') + leftDays * dayMs;
		assert.ok(Math.abs(Date.parse(first.bestBy!) - expected) <= 1.5 * dayMs, first.bestBy!);
		const back = bestByNow({
			...pack,
			setC: -18,
			settings: [{ fromMs: 0, setC: -18 }, warmFrom, { fromMs: 110 * dayMs, setC: -18 }],
			nowMs: 110 * dayMs,
			today: '2026-04-21'
		});
		// ten days at −12 °C cost 9.3 more than ten at −18 °C
		assert.ok(Math.abs(back.lostDays - 10 * (factor - 1)) <= 1, String(back.lostDays));
		assert.ok(
			Math.abs(Date.parse('2026-12-31') - Date.parse(back.bestBy!) - 9.3 * dayMs) < 2 * dayMs
		);
	});
	it('a single reading is a reading: it says nothing of the days around it', () => {
		const single = bestByNow({
			bestBy: '2026-12-31',
			packedForC: -18,
			setC: -18,
			packedAtMs: 0,
			nowMs: 132 * dayMs,
			today: '2026-05-13',
			readings: [{ atMs: 131 * dayMs, tempC: -5 }]
		});
		assert.deepEqual(single, { bestBy: '2026-12-31', lostDays: 0 });
	});
});

it('what waits shown over the days it takes: 20.9 kg at 8.3 kg a day in packs of 1.9 kg are four days (by hand: 4, 4, 3 a day)', () => {
	const packs = Array.from({ length: 11 }, () => 1.9);
	const days = freezingDays(packs, { perDayKg: 8.3, leftKg: 3 });
	assert.deepEqual(days, [0, 1, 1, 1, 1, 2, 2, 2, 2, 3, 3]);
	assert.deepEqual(freezingDays([9, 1], { perDayKg: 8, leftKg: 8 }), [0, 1]);
	assert.deepEqual(freezingDays([], { perDayKg: 8, leftKg: 8 }), []);
});
