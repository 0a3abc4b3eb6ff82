import assert from 'node:assert/strict';
import { it } from 'node:test';
import { coolingView, type CoolingFacts } from './cooling-view.ts';

const min = 60_000;
/** Newton's law towards 4 °C with a time constant of an hour, from 90 °C. */
const minutes = Array.from({ length: 121 }, (_, i) => i * 5);
const falling = (tauMin: number) => minutes.map((m) => 4 + 86 * Math.exp(-m / tauMin));
const run = (readings: [number, number][] = []): CoolingFacts => ({
	startedAtMs: 0,
	endedAtMs: null,
	forecast: {
		minutes,
		warmestC: falling(60),
		slowMinutes: minutes,
		slowWarmestC: falling(75),
		rule: 'two-stage'
	},
	readings: readings.map(([m, tempC]) => ({ atMs: m * min, tempC }))
});
const near = (a: number | null, b: number, by: number) =>
	assert.ok(a !== null && Math.abs(a - b) <= by, `${a} for ${b}`);

it('gates of an exponential curve lie where the logarithm says, counted from 57 °C', () => {
	const view = coolingView(run(), 0);
	const at = (tempC: number) => 60 * Math.log(86 / (tempC - 4));
	near(view.clockStartMin, at(57), 0.2);
	near(view.to21Min, at(21) - at(57), 0.5);
	near(view.to5Min, at(5) - at(57), 1);
	assert.equal(view.verdict, 'pass');
	assert.equal(view.next?.gateC, 21);
	near((view.next?.dueAtMs ?? 0) / min, at(57) + 120, 0.2);
});

it('readings that cool half as fast stretch what is still to come, and can turn the verdict', () => {
	const slower = coolingView(run([[60, 4 + 86 * Math.exp(-60 / 120)]]), 60 * min);
	near(slower.to21Min, 120 * (Math.log(86 / 17) - Math.log(86 / 53)), 4);
	assert.equal(slower.verdict, 'fail');
	assert.equal(slower.failed, 'to21');
});

it('readings that agree change nothing; a passed gate stays passed', () => {
	const seen = coolingView(
		run([
			[30, falling(60)[6]],
			[120, falling(60)[24]]
		]),
		125 * min
	);
	near(seen.to5Min, coolingView(run(), 0).to5Min ?? 0, 3);
	assert.equal(seen.next?.gateC, 5);
});
