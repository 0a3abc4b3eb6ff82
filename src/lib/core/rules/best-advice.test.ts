import assert from 'node:assert/strict';
import { it } from 'node:test';
import { bestAdvice, type AdviceFacts } from './best-advice.ts';

// Public advice (USDA FSIS, Slow Cookers and Food Safety, from memory): thaw first, do not reheat in it. Limits: docs/safety.md.
const ask = (facts: Partial<AdviceFacts>) =>
	bestAdvice({
		slow: true,
		state: 'thawed',
		content: 'raw-meat',
		thicknessM: 0.03,
		massKg: 1,
		hazardH: { likely: 2, worst: 3 },
		...facts
	});
const codes = (facts: Partial<AdviceFacts>) => ask(facts).reasons.map((r) => r.code);

it('raw and thawed: good to four likely hours, caution above, refused above six at the worst', () => {
	assert.equal(ask({ hazardH: { likely: 4, worst: 5.5 } }).advice, 'good');
	assert.equal(ask({ hazardH: { likely: 4.1, worst: 6 } }).advice, 'caution');
	assert.equal(ask({ hazardH: { likely: 3, worst: 6.1 } }).advice, 'refused');
});

it('raw and frozen: caution at best, refused by its hours at the worst, never by its size alone', () => {
	const frozen = { state: 'frozen' } as const;
	assert.equal(ask(frozen).advice, 'caution');
	assert.ok(codes(frozen).includes('thaw-first'));
	assert.equal(ask({ ...frozen, thicknessM: 0.05, massKg: 1.5 }).advice, 'caution');
	for (const size of [{ thicknessM: 0.051 }, { massKg: 1.51 }]) {
		assert.equal(ask({ ...frozen, ...size }).advice, 'caution');
		assert.equal(codes({ ...frozen, ...size }).length, codes(frozen).length + 1, 'and it is said');
	}
	assert.equal(ask({ ...frozen, hazardH: { likely: 2, worst: 4.1 } }).advice, 'refused');
});

it('cooked food is never better than caution in a slow cooker, and refused above four hours', () => {
	for (const state of ['thawed', 'frozen'] as const) {
		assert.equal(ask({ state, content: 'cooked' }).advice, 'caution');
		assert.equal(
			ask({ state, content: 'cooked', hazardH: { likely: 4.1, worst: 5 } }).advice,
			'refused'
		);
	}
});

it('elsewhere the same hours count: raw as in a slow cooker, cooked hot within two (Food Code 3-403.11, from memory), refused above four', () => {
	const at = (content: AdviceFacts['content'], likely: number, worst = likely) =>
		ask({ slow: false, content, hazardH: { likely, worst } }).advice;
	assert.deepEqual(
		[at('raw-meat', 3), at('raw-meat', 4.1), at('raw-meat', 5, 6.2)],
		['good', 'caution', 'refused']
	);
	assert.deepEqual(
		[at('cooked', 1.9), at('cooked', 2.1), at('cooked', 4.1)],
		['good', 'caution', 'refused']
	);
});

it('raw, without meat, fish, egg, dairy or pulses: good; frozen or waiting caution above two hours, refused above four', () => {
	const plain = (likely: number, more: Partial<AdviceFacts> = {}) =>
		ask({ content: 'plain', hazardH: { likely, worst: likely + 1 }, ...more }).advice;
	assert.equal(plain(5), 'good');
	for (const more of [{ state: 'frozen' }, { waitingH: 1 }] as const) {
		assert.equal(plain(1.9, more), 'good');
		assert.equal(plain(2.1, more), 'caution');
		assert.equal(plain(4.1, more), 'refused');
	}
});

it('perishable food that waits switched off: caution, refused beyond two hours (USDA FSIS, from memory)', () => {
	for (const content of ['raw-meat', 'cooked'] as const) {
		assert.equal(ask({ content, waitingH: 1 }).advice, 'caution');
		assert.equal(ask({ content, waitingH: 2.1 }).advice, 'refused');
		assert.equal(
			ask({ content, waitingH: 1.1, roomC: 33 }).advice,
			'refused',
			'an hour above 32 °C'
		);
	}
});

it('unknown hours are never good', () => {
	assert.equal(ask({ hazardH: { likely: Infinity, worst: Infinity } }).advice, 'refused');
});
