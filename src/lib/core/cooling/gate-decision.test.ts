import assert from 'node:assert/strict';
import { it } from 'node:test';
import type { CoolingFacts } from './cooling-view.ts';
import { gateDecision } from './gate-decision.ts';

// The rule: US FDA Food Code 2022, 3-501.14; what is done when it is missed: common practice of inspectors, from memory.
const min = 60_000;

/** 57 °C at the start, a straight line to 21 at `to21`, then to 5 at `to5`. */
function run(to21: number, to5: number, readings: [number, number][] = []): CoolingFacts {
	const curve = { minutes: [0, to21, to5, 600], warmestC: [57, 21, 5, 4] };
	return {
		startedAtMs: 0,
		endedAtMs: null,
		forecast: {
			...curve,
			slowMinutes: curve.minutes,
			slowWarmestC: curve.warmestC,
			rule: 'two-stage'
		},
		readings: readings.map(([m, tempC]) => ({ atMs: m * min, tempC }))
	};
}
const at = (facts: CoolingFacts, minute: number) => {
	const decision = gateDecision(facts, minute * min);
	return 'why' in decision ? `${decision.code}: ${decision.why}` : decision.code;
};

it('exactly at both limits passes; a minute over does not', () => {
	assert.equal(at(run(120, 360), 60), 'on-the-way');
	assert.equal(at(run(121, 360), 60), 'help-it');
	assert.equal(at(run(120, 361), 60), 'help-it');
	assert.equal(at(run(90, 300), 320), 'cold');
});
it('nobody measured at the limit: measure now; seen then: reheat once; seen later or again: discard', () => {
	assert.equal(at(run(150, 360), 121), 'measure-now');
	const warm: [number, number][] = [[119, 28]];
	assert.equal(at(run(150, 360, warm), 121), 'reheat-once');
	const late: [number, number][] = [[131, 27]];
	assert.equal(at(run(150, 360, late), 132), 'discard: seen-late');
	assert.equal(at({ ...run(150, 360, warm), reheatOfId: 1 }, 121), 'discard: reheated-before');
	assert.equal(at(run(150, 360, [[118, 14]]), 121), 'on-the-way', 'colder than forecast after all');
});
it('seen in time, reheating has begun: two hours to 74 °C, whatever is read meanwhile, then it is too late', () => {
	const heating: [number, number][] = [
		[119, 28],
		[150, 45],
		[180, 66]
	];
	const facts = run(150, 360, heating);
	const begun = gateDecision(facts, 181 * min);
	assert.deepEqual(begun, { code: 'reheat-once', sinceMs: 120 * min, untilMs: 240 * min });
	assert.equal(at(facts, 131), 'reheat-once', 'no pan reheats in ten minutes');
	assert.equal(at(facts, 241), 'discard: reheat-late');
});
it('six hours missed and measured: discard', () => {
	assert.equal(at(run(100, 380), 362), 'measure-now');
	assert.equal(at(run(100, 380, [[358, 6.5]]), 362), 'discard: six-hours');
});
