import assert from 'node:assert/strict';
import { it } from 'node:test';
import { brick, foodOfCase } from '../core/fixtures/heat-cases.ts';
import type { ConvertInput } from '../core/index.ts';
import { answerCardRequest } from './cook-card.ts';
import { answerWays } from './ways.ts';

const convert: ConvertInput = {
	kind: 'lean-pieces',
	food: foodOfCase({
		water: 0.77,
		protein: 0.11,
		fat: 0.03,
		carb: 0.08,
		ash: 0.01,
		tf: -1,
		M: 1.5
	}),
	massKg: 1.2,
	block: brick([0.2, 0.18, 0.032]),
	content: 'raw-meat',
	coreC: 73.9,
	liquidKg: 0.25,
	known: null,
	kitchen: { altitudeM: 0, roomC: 21 },
	methods: [{ appliance: 'oven', ovenC: 165, covered: true }]
};
const kinds = (request: Parameters<typeof answerWays>[0]) =>
	[...answerWays(request)].map((reply) => reply.kind);

it('answers a way, its curve, all of them settled, done; or the curves alone', () => {
	assert.deepEqual(kinds({ id: 1, state: 'frozen', known: null, convert }), [
		'option',
		'curve',
		'settled',
		'done'
	]);
	const known = [{ method: convert.methods![0], setMin: 90 }];
	assert.deepEqual(kinds({ id: 2, state: 'thawed', known, convert }), ['curve', 'done']);
});

it('a broken question comes back as failed, never as a dead worker', () => {
	const broken = { ...convert, massKg: -1 };
	assert.deepEqual(kinds({ id: 3, state: 'frozen', known: null, convert: broken }), ['failed']);
	const reply = answerCardRequest({
		id: 4,
		input: { convert: broken, freezerC: -18, refrigeratorC: 4, coldWaterC: 14 }
	});
	assert.ok(!reply.ok && /below-range/.test(reply.message));
});
