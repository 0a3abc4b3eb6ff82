import assert from 'node:assert/strict';
import { it } from 'node:test';
import { handsMin, proposeSteps, stepMin } from './propose-steps.ts';

const lines = [
	{ itemName: 'onion', cut: 'diced', massKg: 0.33, stage: 'pack' },
	{ itemName: 'lamb shoulder', cut: 'cubed', massKg: 1.4, stage: 'pack' },
	{ itemName: 'herbs', cut: 'chopped', massKg: 0.02, stage: 'serve' },
	{ itemName: 'stock', cut: '', massKg: 0.5, stage: 'pack' },
	{ itemName: 'canned tomatoes', cut: 'chopped', massKg: 0.8, stage: 'pack', form: 'canned' }
];

it('board first, then the method by its verbs, each after the one before; what the words say of minutes counts', () => {
	const steps = proposeSteps({
		lines,
		method: 'Brown the lamb and simmer for 2 to 3 hours. Bake at 350 °F for 35 minutes. Enjoy.'
	});
	assert.deepEqual(
		steps.map(({ place }) => place),
		['board', 'board', 'burner', 'burner', 'oven']
	);
	assert.deepEqual(steps[2].after, [0, 1]);
	assert.deepEqual(steps[3].after, [2]);
	assert.deepEqual([steps[3].minutes, steps[4].minutes, steps[4].ovenC], [180, 35, 177]);
	assert.ok(!steps[3].hands && steps[2].hands);
	assert.ok(
		steps.every((step, i) => step.after.every((before) => before < i)),
		'nothing waits for what comes later'
	);
});

it('twice the dish is twice the chopping, not twice the simmering', () => {
	const steps = proposeSteps({ lines, method: 'Simmer for an hour.' });
	const [onion, , simmer] = steps;
	assert.equal(stepMin(onion, 2), 2 * onion.minutes);
	assert.ok(stepMin(simmer, 2) < 2 * simmer.minutes);
	assert.ok(handsMin(steps, 2) > handsMin(steps, 1));
});
