import assert from 'node:assert/strict';
import { it } from 'node:test';
import { saidAtMs } from './said-at.ts';

it('an entry keeps the moment it was made, never one to come, and not one of another week', () => {
	const nowMs = Date.parse('2026-11-26T09:00:00Z');
	assert.equal(saidAtMs(String(nowMs - 60_000), nowMs), nowMs - 60_000);
	for (const odd of [undefined, '', 'yesterday', 'NaN', '-1', String(nowMs + 5), '1e400'])
		assert.equal(saidAtMs(odd, nowMs), nowMs, String(odd));
});
