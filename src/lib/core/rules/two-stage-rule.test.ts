import assert from 'node:assert/strict';
import { it } from 'node:test';
import { coolingRuleFor, missedGate, ruleGates } from './two-stage-rule.ts';

// US FDA Food Code 2022, 3-501.14: 57 to 21 °C within 2 h, to 5 °C within 6 h in all; from room temperature within 4 h.
const rule = 'two-stage';

it('exactly two and exactly six hours pass, a second more does not', () => {
	assert.equal(missedGate({ rule, to21Min: 120, to5Min: 360 }), null);
	assert.equal(missedGate({ rule, to21Min: 120 + 1 / 60, to5Min: 360 }), 'to21');
	assert.equal(missedGate({ rule, to21Min: 120, to5Min: 360 + 1 / 60 }), 'to5');
});

it('never reached is missed', () => {
	assert.equal(missedGate({ rule, to21Min: null, to5Min: null }), 'to21');
	assert.equal(missedGate({ rule, to21Min: 60, to5Min: null }), 'to5');
	assert.equal(missedGate({ rule: 'four-hours', to21Min: 0, to5Min: null }), 'to5');
});

it('what is made at room temperature has four hours, whatever it passes on the way', () => {
	assert.equal(coolingRuleFor(false), 'two-stage');
	assert.equal(coolingRuleFor(true), 'four-hours');
	assert.equal(missedGate({ rule: 'four-hours', to21Min: 230, to5Min: 240 }), null);
	assert.equal(missedGate({ rule: 'four-hours', to21Min: 10, to5Min: 241 }), 'to5');
});

it('gates in their order; a tightened limit moves them, the four hours are never more than four', () => {
	const minutes = (...asked: Parameters<typeof ruleGates>) =>
		ruleGates(...asked).map(({ gateC, limitMin }) => [gateC, limitMin]);
	assert.deepEqual(minutes('two-stage'), [
		[21, 120],
		[5, 360]
	]);
	assert.deepEqual(minutes('four-hours'), [[5, 240]]);
	const tight = { firstGateMin: 90, secondGateMin: 200 };
	assert.deepEqual(minutes('two-stage', tight), [
		[21, 90],
		[5, 200]
	]);
	assert.deepEqual(minutes('four-hours', tight), [[5, 200]]);
});
