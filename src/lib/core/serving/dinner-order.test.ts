import assert from 'node:assert/strict';
import { it } from 'node:test';
import { inDinnerOrder, type DinnerRank } from './dinner-order.ts';

const today = '2026-11-26';
const row = (name: string, rank: Partial<DinnerRank>) => ({
	name,
	rank: { bestBy: '2027-06-01', eatenDaysAgo: null, costMin: 10, ...rank }
});
const order = (...rows: ReturnType<typeof row>[]) =>
	inDinnerOrder(rows, ({ rank }) => rank, today).map(({ name }) => name);

it('what wants to be eaten first, then least bother; the same as yesterday stands back; what cannot make it is last', () => {
	assert.deepEqual(
		order(
			row('far, no bother', { costMin: 2 }),
			row('past its best', { bestBy: '2026-11-20', costMin: 40 }),
			row('no date', { bestBy: null, costMin: 30 }),
			row('soon', { bestBy: '2026-12-15', costMin: 60 }),
			row('too late', { bestBy: '2026-11-20', costMin: null })
		),
		['no date', 'past its best', 'soon', 'far, no bother', 'too late']
	);
	assert.deepEqual(
		order(row('again', { eatenDaysAgo: 1, costMin: 1 }), row('other', { costMin: 20 })),
		['other', 'again']
	);
});
