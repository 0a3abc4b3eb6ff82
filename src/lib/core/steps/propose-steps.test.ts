import assert from 'node:assert/strict';
import { it } from 'node:test';
import { proposeSteps } from './propose-steps.ts';
import { saidMinutes } from './said-minutes.ts';
import { handsMin, stepMin, type StepLine } from './step.ts';

const lines = [
	{ itemName: 'onion', cut: 'diced', massKg: 0.33, stage: 'pack' },
	{ itemName: 'lamb shoulder', cut: 'cubed', massKg: 1.4, stage: 'pack' },
	{ itemName: 'herbs', cut: 'chopped', massKg: 0.02, stage: 'serve' },
	{ itemName: 'stock', cut: '', massKg: 0.5, stage: 'pack' },
	{ itemName: 'canned tomatoes', cut: 'chopped', massKg: 0.8, stage: 'pack', form: 'canned' }
];

it('board first, then the method by its verbs, each after the one before; what the words say of minutes counts', () => {
	const { steps } = proposeSteps({
		lines,
		method: 'Brown the lamb and simmer for 2 to 3 hours. Bake at 350 °F for 35 minutes. Enjoy.'
	});
	assert.deepEqual(
		steps.map(({ place }) => place),
		['board', 'board', 'burner', 'burner', 'oven', 'oven']
	);
	assert.deepEqual(steps[2].after, [0, 1]);
	assert.deepEqual(steps[3].after, [2]);
	assert.ok(steps[4].heats && steps[4].ovenC === 177 && steps[4].after.length === 0);
	assert.deepEqual([steps[3].minutes, steps[5].minutes, steps[5].ovenC], [180, 35, 177]);
	assert.ok(!steps[3].hands && steps[2].hands);
	assert.ok(
		steps.every((step, i) => step.after.every((before) => before < i)),
		'nothing waits for what comes later'
	);
});

it('twice the dish is twice the chopping, not twice the simmering', () => {
	const { steps } = proposeSteps({ lines, method: 'Simmer for an hour.' });
	const [onion, , simmer] = steps;
	assert.equal(stepMin(onion, 2), 2 * onion.minutes);
	assert.ok(stepMin(simmer, 2) < 2 * simmer.minutes);
	assert.ok(handsMin(steps, 2) > handsMin(steps, 1));
});

it('every way in which cooks write minutes is read (from memory, no source)', () => {
	const written: [string, number | null][] = [
		['Simmer for 2 hours 30 minutes', 150],
		['simmer an hour and a half', 90],
		['2 and a half hours', 150],
		['half an hour', 30],
		['1½ hours', 90],
		['1 1/2 hours', 90],
		['45 minutes to 1 hour', 60],
		['2-3 hours', 180],
		['twenty minutes', 20],
		['90 seconds', 1.5],
		['3 minutes on each side', 6],
		['10 mins, then 20 minutes more', 30],
		['boil the pasta 2 minutes short of the packet’s time', 8],
		['stir every 10 minutes', null],
		['until it is done', null]
	];
	for (const [words, minutes] of written) assert.equal(saidMinutes(words), minutes, words);
});

const line = (item: string, more: Partial<StepLine> = {}): StepLine => ({
	item,
	itemName: item,
	cut: '',
	massKg: 0.4,
	stage: 'pack',
	...more
});
const read = (method: string, dishLines: StepLine[], state?: 'raw' | 'cooked') => {
	const { steps, cookDay } = proposeSteps({ method, lines: dishLines, state });
	return { words: steps.map(({ text }) => text), steps, cookDay };
};

it('every sentence is a step: one without a known verb too; brown sugar is not browned, the roast is not roasted again', () => {
	const { words, steps } = read(
		'Preheat the oven to 160 °C. Add the brown sugar and the stock to the roast. A bay leaf goes in too. Roast for 3 hours, basting every 30 minutes.',
		[line('beef'), line('brown sugar'), line('stock')]
	);
	assert.equal(words.length, 4);
	assert.deepEqual(
		steps.map(({ place }) => place),
		['oven', 'bowl', 'bowl', 'oven']
	);
	assert.ok(steps[0].heats && !steps[0].hands);
	assert.deepEqual([steps[3].minutes, steps[3].ovenC], [180, 160]);
	assert.ok((steps[3].tendMin ?? 0) >= 2, 'basting takes hands');
	assert.deepEqual(steps[3].after, [0, 2]);
});

it('forty meatballs are shaped forty times, and baked by the tray', () => {
	const { steps } = read('Shape into forty meatballs. Bake at 205 °C for 15 minutes.', [
		line('minced beef')
	]);
	const [shape, , bake] = steps;
	assert.ok(shape.minutes >= 15 && shape.perBatchMin === shape.minutes);
	assert.deepEqual([shape.pieces, bake.pieces], [40, 40]);
});

it('what is for the cooking day is not on the packing day', () => {
	const cream = line('cream', { stage: 'cook-day' });
	const cooked = read('Simmer for an hour. Stir in the cream at the end. Serve with rice.', [
		line('lamb'),
		cream
	]);
	assert.deepEqual(cooked.words, ['Simmer for an hour']);
	assert.deepEqual(cooked.cookDay, ['Stir in the cream at the end', 'Serve with rice']);
	const kit = read(
		'Boil the pasta for 8 minutes. Mix everything. Cook on low for 8 hours. Shred the pork.',
		[line('pasta'), line('pork shoulder')],
		'raw'
	);
	assert.deepEqual(kit.words, ['Boil the pasta for 8 minutes', 'Mix everything']);
	assert.deepEqual(kit.cookDay, ['Cook on low for 8 hours', 'Shred the pork']);
});
