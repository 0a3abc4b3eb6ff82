import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { delayedStart } from './delayed-start.ts';

const low = { appliance: 'slow-cooker', setting: 'low' } as const;
const ask = (delayMin: number, more: Partial<Parameters<typeof delayedStart>[0]> = {}) =>
	delayedStart({
		convert: chickenPack,
		method: low,
		state: 'thawed',
		setMin: 420,
		delayMin,
		warmMin: 0,
		...more
	});

it('every hour that food waits from 4 °C counts once it is past 5 °C; without waiting nothing is added', () => {
	const [none, two, six] = [ask(0), ask(120), ask(360)];
	assert.equal(none.hazardH.likely, none.withoutWaitH);
	assert.ok(two.hazardH.likely > none.hazardH.likely + 1.2, `${two.hazardH.likely}`);
	assert.ok(six.hazardH.likely > two.hazardH.likely + 3);
	assert.ok(six.hazardH.likely < none.hazardH.likely + 6.1, 'no more than it waits');
});
it('raw chicken on a timer of eight hours is refused (public advice: no delayed start with raw meat)', () => {
	const answer = ask(480);
	assert.equal(answer.advice, 'refused');
	assert.ok(answer.reasons.some(({ code }) => code === 'hours-in-danger-worst'));
});
it('eight hours switched off are refused for plain vegetables too, three are a caution', () => {
	const plain = { convert: { ...chickenPack, content: 'plain' as const, coreC: 60 } };
	assert.equal(ask(480, plain).advice, 'refused');
	assert.equal(ask(100, plain).advice, 'caution');
	assert.equal(ask(0, plain).advice, 'good');
});
it('kept warm, it stays above 60 °C for two hours more', () => {
	assert.ok(ask(0, { warmMin: 120 }).endC > 60);
});
it('refuses what is no time', () => {
	assert.throws(() => ask(-1), { code: 'below-range' });
	assert.throws(() => ask(3000), { code: 'above-range' });
});
