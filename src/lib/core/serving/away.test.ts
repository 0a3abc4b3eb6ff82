import assert from 'node:assert/strict';
import { it } from 'node:test';
import { aroundAway, type Away } from './away.ts';

const hourMs = 3_600_000;
const away: Away = { fromMs: 8 * hourMs, toMs: 17.5 * hourMs };
const serveAtMs = 18.5 * hourMs;
const low = { appliance: 'slow-cooker', setting: 'low' } as const;
const around = (
	method: Parameters<typeof aroundAway>[2]['option']['method'],
	startH: number,
	more: {
		outH?: number;
		route?: 'frozen' | 'refrigerator' | 'cold-water';
		goodH?: number | null;
		nowH?: number;
	} = {}
) =>
	aroundAway(
		{
			startAtMs: startH * hourMs,
			takeOutAtMs: more.outH === undefined ? null : more.outH * hourMs,
			fits: true
		},
		away,
		{
			option: { method, goodUntilMin: more.goodH == null ? null : more.goodH * 60 },
			route: more.route ?? 'frozen',
			serveAtMs,
			nowMs: (more.nowH ?? 7) * hourMs
		}
	);

it('out from eight to half past five: the slow cooker is switched on before, as long as what is in it stays good', () => {
	assert.deepEqual(around(low, 10, { goodH: 11 }), {
		startAtMs: away.fromMs,
		takeOutAtMs: null,
		fits: true
	});
	assert.equal(around(low, 10, { goodH: 9 }).fits, false);
	assert.equal(around(low, 10, { goodH: 11, nowH: 8.5 }).fits, false, 'they have left');
});

it('nothing else is left on alone, and no water is left to be changed; into the refrigerator in the morning is fine', () => {
	const oven = { appliance: 'oven', ovenC: 165, covered: true } as const;
	assert.equal(around(oven, 16).fits, false);
	assert.equal(around(oven, 17.6).fits, true);
	assert.equal(around(oven, 17.6, { outH: 16, route: 'cold-water' }).fits, false);
	const thawed = around(oven, 17.6, { outH: 9, route: 'refrigerator' });
	assert.deepEqual([thawed.fits, thawed.takeOutAtMs], [true, away.fromMs]);
});
