import assert from 'node:assert/strict';
import { it } from 'node:test';
import { packsToTakeOut, type ComponentPack } from './component-packs.ts';

const pack = (code: string, bestBy: string | null, taken = false): ComponentPack => ({
	code,
	dish: 'Diced onion',
	itemName: 'onion',
	massKg: 0.4,
	bestBy,
	taken
});
const packs = [pack('C', '2027-03-01'), pack('A', '2027-01-01'), pack('B', null)];
const codes = (needKg: number, cupboardKg: number, from = packs) =>
	packsToTakeOut({ needKg: { onion: needKg }, cupboardKg: { onion: cupboardKg }, packs: from }).map(
		({ code }) => code
	);

it('use-first, an unknown date before any, until the need beyond the cupboard is covered', () => {
	assert.deepEqual(codes(0.7, 0), ['B', 'A']);
	assert.deepEqual(codes(0.8, 0), ['B', 'A'], 'exactly covered is covered');
	assert.deepEqual(codes(0.7, 0.5), ['B']);
	assert.deepEqual(codes(0.7, 1), []);
	assert.deepEqual(codes(9, 0), ['B', 'A', 'C'], 'no more than there are');
	assert.deepEqual(packsToTakeOut({ needKg: { leek: 1 }, cupboardKg: {}, packs }), []);
});
it('what is taken out already counts first and stays on the list', () => {
	const taken = [pack('C', '2027-03-01', true), ...packs.slice(1)];
	assert.deepEqual(codes(0.3, 0, taken), ['C']);
	assert.deepEqual(codes(0, 0, taken), ['C']);
});
