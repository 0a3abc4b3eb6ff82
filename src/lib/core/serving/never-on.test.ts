import assert from 'node:assert/strict';
import { it } from 'node:test';
import { neverOn } from './never-on.ts';

const hourMs = 3_600_000;
const after = (hours: number, content: 'raw-meat' | 'cooked' | 'plain') =>
	neverOn({ content, inAtMs: 0, nowMs: hours * hourMs });

it('perishable food that lay in a cold cooker: cooked at once within two hours, then thrown away (USDA FSIS, danger zone)', () => {
	for (const content of ['raw-meat', 'cooked'] as const) {
		assert.equal(after(1.9, content).outcome, 'cook-now');
		assert.equal(after(1.9, content).untilMs, 2 * hourMs);
		assert.equal(after(2.1, content).outcome, 'discard');
		assert.equal(after(2.1, content).untilMs, null);
	}
	assert.equal(after(3, 'plain').outcome, 'cook-now');
	assert.equal(after(4.1, 'plain').outcome, 'discard');
});

it('a household that tightened its hours has them here', () => {
	const strict = { content: 'plain', inAtMs: 0, nowMs: 3 * hourMs, dangerH: 2 } as const;
	assert.equal(neverOn(strict).outcome, 'discard');
});
