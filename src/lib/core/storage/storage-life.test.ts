import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { addMonths as oracleAddMonths, format } from 'date-fns';
import fc from 'fast-check';
import { storageLifeTable } from '../published/storage-life.ts';
import { sources } from '../published/sources.ts';
import { addMonths } from '../units/day.ts';
import { storageLife, type StoredPart } from './storage-life.ts';

const packedOn = '2026-01-31';
const life = (...parts: StoredPart[]) => storageLife({ parts, packedOn });

describe('against the published chart (FoodSafety.gov, from memory)', () => {
	const rows: [StoredPart, number, number][] = [
		[{ group: 'soup-stew', state: 'cooked' }, 2, 3],
		[{ group: 'cooked-meat-poultry', state: 'cooked' }, 2, 6],
		[{ group: 'poultry-pieces', state: 'raw' }, 9, 9],
		[{ group: 'poultry-whole', state: 'raw' }, 12, 12],
		[{ group: 'ground-meat', state: 'raw' }, 3, 4],
		[{ group: 'steaks-chops-roasts', state: 'raw' }, 4, 12],
		[{ group: 'bacon', state: 'raw' }, 1, 1],
		[{ group: 'fish-lean', state: 'raw' }, 6, 8],
		[{ group: 'fish-oily', state: 'raw' }, 2, 3],
		[{ group: 'vegetables', state: 'raw' }, 8, 12]
	];
	for (const [part, from, to] of rows)
		it(`${part.group}, ${part.state}`, () => {
			const result = life(part);
			assert.deepEqual(result.months, { from, to });
			assert.equal(result.bestBy, addMonths(packedOn, from));
			assert.equal(result.goodTo, addMonths(packedOn, to));
			assert.ok(result.source in sources);
		});
});

it('the shortest part limits, and is named', () => {
	const result = life(
		{ group: 'vegetables', state: 'raw' },
		{ group: 'bacon', state: 'raw' },
		{ group: 'poultry-pieces', state: 'raw' }
	);
	assert.equal(result.limitingPart, 1);
	assert.equal(result.bestBy, '2026-02-28');
});

it('no life hangs on one per cent of a pack: a spoon of bacon is none, a fifth rules, in between it goes over (property)', () => {
	const months = (share01: number) =>
		life(
			{ group: 'poultry-pieces', state: 'raw', share01: 1 - share01 },
			{ group: 'bacon', state: 'raw', share01 }
		).months!;
	assert.deepEqual(
		[months(0.02), months(0.3)],
		[
			{ from: 9, to: 9 },
			{ from: 1, to: 1 }
		]
	);
	fc.assert(
		fc.property(fc.double({ min: 0, max: 0.5, noNaN: true }), (share01) => {
			const [a, b] = [months(share01).from, months(share01 + 0.01).from];
			assert.ok(b <= a + 1e-9 && b >= 0.85 * a, `${a} then ${b} at ${share01}`);
		})
	);
});

it('without a published figure: null, or the house rule', () => {
	const part: StoredPart = { group: 'grains-pulses', state: 'cooked' };
	assert.deepEqual([life(part).bestBy, life(part).unknownParts], [null, [0]]);
	assert.equal(storageLife({ parts: [part], packedOn, houseMonths: 3 }).bestBy, '2026-04-30');
});

it('nine tenths of what nobody has a figure for keep no longer than the shortest published life', () => {
	const parts: StoredPart[] = [
		{ group: 'soft-dairy', state: 'cooked', share01: 0.9 },
		{ group: 'vegetables', state: 'cooked', share01: 0.1 }
	];
	assert.equal(storageLife({ parts, packedOn }).months?.from, 1);
});

it('where nothing is frozen months say nothing: raw poultry at +5 °C keeps its day (FoodSafety.gov, from memory)', () => {
	const raw: StoredPart[] = [{ group: 'poultry-pieces', state: 'raw' }];
	const days = (freezerC: number) =>
		(Date.parse(storageLife({ parts: raw, packedOn, freezerC }).bestBy as string) -
			Date.parse(packedOn)) /
		86_400_000;
	assert.deepEqual([days(5), days(-8)], [1, 1]);
	assert.ok(days(-10) > 30);
});

it('warmer shortens, about threefold for ten kelvin; colder never lengthens', () => {
	const parts: StoredPart[] = [{ group: 'vegetables', state: 'raw' }];
	const at = (freezerC: number) => storageLife({ parts, packedOn, freezerC }).bestBy as string;
	assert.equal(at(-25), at(-18));
	const days = (day: string) => (Date.parse(day) - Date.parse(packedOn)) / 86_400_000;
	assert.ok(Math.abs(days(at(-18)) / days(at(-8)) - 3) < 0.05);
});

it('every group has a range in order and a source', () => {
	for (const row of Object.values(storageLifeTable))
		if (row) assert.ok(row.from > 0 && row.from <= row.to && row.source in sources);
	assert.equal(Object.keys(storageLifeTable).length, 23);
});

it('calendar months agree with date-fns (property)', () => {
	fc.assert(
		fc.property(
			fc.date({ min: new Date('2000-01-01'), max: new Date('2090-12-31'), noInvalidDate: true }),
			fc.integer({ min: 0, max: 60 }),
			(date, months) => {
				const day = date.toISOString().slice(0, 10);
				const [y, m, d] = day.split('-').map(Number);
				assert.equal(
					addMonths(day, months),
					format(oracleAddMonths(new Date(y, m - 1, d), months), 'yyyy-MM-dd')
				);
			}
		)
	);
});

it('broken calls throw coded errors', () => {
	assert.throws(() => life(), { code: 'no-parts' });
	assert.throws(
		() => storageLife({ parts: [{ group: 'fruit', state: 'raw' }], packedOn: '2026-02-30' }),
		{ code: 'bad-day' }
	);
});
