import assert from 'node:assert/strict';
import { it } from 'node:test';
import { whenToStart } from './when-to-start.ts';

const hour = 3_600_000;
const totalMin = { from: 100, likely: 120, to: 150 };

it('switches on by the long end of the range before serving', () => {
	const plan = whenToStart({
		option: { totalMin },
		beforeMin: 0,
		serveAtMs: 10 * hour,
		nowMs: 0
	});
	assert.deepEqual(plan, { startAtMs: 7.5 * hour, takeOutAtMs: null, fits: true });
});

it('thawed: out of the freezer half as long again before that as thawing likely takes', () => {
	const thawed = {
		option: { totalMin },
		beforeMin: 600,
		serveAtMs: 24 * hour
	} as const;
	const plan = whenToStart({ ...thawed, nowMs: 0 });
	assert.equal(plan?.takeOutAtMs, (24 - 2.5 - 15) * hour);
	assert.equal(plan?.fits, true);
	assert.equal(whenToStart({ ...thawed, nowMs: 7 * hour })?.fits, false);
});

it('there is no plan for what is refused, or never thaws', () => {
	const when = { serveAtMs: hour, nowMs: 0 };
	assert.equal(whenToStart({ ...when, option: { totalMin: null }, beforeMin: 1 }), null);
	assert.equal(whenToStart({ ...when, option: { totalMin }, beforeMin: null }), null);
});
