import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../core/fixtures/chicken-pack.ts';
import type { ConvertInput } from '../core/index.ts';
import { answerCoreRequest } from './core-jobs.ts';
import { answerWays } from './ways.ts';

const convert: ConvertInput = {
	...chickenPack,
	methods: [{ appliance: 'oven', ovenC: 165, covered: true }]
};
const kinds = (request: Parameters<typeof answerWays>[0]) =>
	[...answerWays(request)].map((reply) => reply.kind);

it('answers likely times, a way, its curve, all of them settled, done; or the curves alone', () => {
	assert.deepEqual(kinds({ id: 1, state: 'frozen', known: null, convert }), [
		'likely',
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
	const reply = answerCoreRequest({
		id: 4,
		job: 'card',
		input: { convert: broken, freezerC: -18, refrigeratorC: 4, coldWaterC: 14 }
	});
	assert.ok('message' in reply && /below-range/.test(reply.message));
});
