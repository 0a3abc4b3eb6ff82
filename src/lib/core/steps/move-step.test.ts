import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { moveStep, removeStep } from './move-step.ts';

const steps = [
	{ text: 'chop', after: [] },
	{ text: 'fry', after: [0] },
	{ text: 'boil', after: [] },
	{ text: 'mix', after: [1, 2] }
];

it('moved up, a step waits for what is still above it; the others wait for the same steps as before', () => {
	assert.deepEqual(moveStep(steps, 2, 0), [
		{ text: 'boil', after: [] },
		{ text: 'chop', after: [] },
		{ text: 'fry', after: [1] },
		{ text: 'mix', after: [0, 2] }
	]);
	assert.deepEqual(moveStep(steps, 1, 0)[0], { text: 'fry', after: [] });
});

it('without a step those that waited for it wait for what it waited for', () => {
	assert.deepEqual(removeStep(steps, 1), [
		{ text: 'chop', after: [] },
		{ text: 'boil', after: [] },
		{ text: 'mix', after: [0, 1] }
	]);
});

it('no step is lost and none waits for itself or what is below it, whatever is moved (property)', () => {
	const place = fc.nat({ max: 3 });
	fc.assert(
		fc.property(place, place, (from, to) => {
			const moved = moveStep(steps, from, to);
			assert.deepEqual(moved.map(({ text }) => text).sort(), steps.map(({ text }) => text).sort());
			moved.forEach(({ after }, i) => assert.ok(after.every((before) => before < i)));
			assert.equal(moved[to].text, steps[from].text);
		})
	);
});
