import assert from 'node:assert/strict';
import { it } from 'node:test';
import type { Method } from '../../appliances/index.ts';
import { chickenPack } from '../../fixtures/chicken-pack.ts';
import { carryOn, cookedSoFar, type CookBegun } from './carry-on.ts';
import { convertCook } from './convert-cook.ts';
import { afterReading } from './core-reading.ts';
import { cookCurve } from './cook-curve.ts';

const oven = { appliance: 'oven', ovenC: 165, covered: true } as const;
const pressure = { appliance: 'pressure-cooker' } as const;
const hob = { appliance: 'hob', level: 'medium' } as const;
const high = { appliance: 'slow-cooker', setting: 'high' } as const;
const thawed = (method: Method, minutes: number): CookBegun => ({
	convert: chickenPack,
	state: 'thawed',
	stages: [{ method, minutes }]
});
const { options } = convertCook({ ...chickenPack, methods: [oven, pressure, hob, high] });
const likely = (appliance: string) =>
	options.find((o) => o.method.appliance === appliance && o.state === 'thawed')!.setMin!.likely;

it('moved at once it takes what it takes there anyway; in the appliance it is in, the rest of its time (property of the model)', () => {
	for (const method of [oven, hob, high]) {
		const whole = likely(method.appliance);
		const atOnce = carryOn(thawed(method, 0), method)!;
		assert.ok(
			Math.abs(atOnce.setMin / whole - 1) < 0.06,
			`${method.appliance} ${atOnce.setMin} ${whole}`
		);
		const half = carryOn(thawed(method, whole / 2), method)!;
		assert.ok(
			half.setMin < 0.75 * whole && half.setMin > 0.25 * whole,
			`${half.setMin} of ${whole}`
		);
	}
});

it('the longer it has cooked, the less is left, wherever it goes; its hours go with it', () => {
	const slowMin = likely('slow-cooker');
	for (const method of [pressure, hob, oven]) {
		const left = [0.1, 0.4, 0.8].map((share) => carryOn(thawed(high, share * slowMin), method)!);
		assert.ok(
			left[0].setMin >= left[1].setMin && left[1].setMin >= left[2].setMin,
			method.appliance
		);
		assert.ok(left[2].hazardH >= cookedSoFar(thawed(high, 0.8 * slowMin))!.hazardH - 1e-9);
	}
});

it('two halves in one appliance are the whole: moved from it into itself nothing is lost or won', () => {
	const minutes = likely('oven') / 2;
	const whole = cookedSoFar(thawed(oven, 2 * minutes))!;
	const halves = cookedSoFar({
		convert: chickenPack,
		state: 'thawed',
		stages: [
			{ method: oven, minutes },
			{ method: oven, minutes }
		]
	})!;
	assert.ok(Math.abs(whole.meanC - halves.meanC) < 4, `${whole.meanC} ${halves.meanC}`);
});

it('a frozen block that has been slow for half an hour is still ice inside, and goes on under pressure', () => {
	const begun: CookBegun = { ...thawed(high, 30), state: 'frozen' };
	const so = cookedSoFar(begun)!;
	assert.ok(so.coldestC < 0 && so.meanC > -18, JSON.stringify(so));
	const on = carryOn(begun, pressure)!;
	assert.ok(on.totalMin > 10 && on.totalMin < 120, `${on.totalMin}`);
});

it('in a cooker that was never on it only gets as warm as the room, and needs nearly all of its time elsewhere', () => {
	const off: CookBegun = {
		convert: chickenPack,
		state: 'thawed',
		stages: [{ method: high, minutes: 90, off: true }]
	};
	const so = cookedSoFar(off)!;
	assert.ok(so.meanC > 4 && so.meanC < chickenPack.kitchen.roomC, `${so.meanC}`);
	const on = carryOn(off, pressure)!;
	assert.ok(on.setMin > 0.6 * likely('pressure-cooker') && on.hazardH > 0.5);
});

it('a reading on the curve leaves the forecast as it is, a colder one says longer, one that is done says so', () => {
	const setMin = { from: 0, likely: likely('oven'), to: likely('oven') * 1.2 };
	const curve = cookCurve({
		convert: chickenPack,
		method: oven,
		state: 'thawed',
		setMin: setMin.to
	})!;
	const at = Math.floor(curve.minutes.length / 3);
	const elapsedMin = curve.minutes[at];
	const ask = (tempC: number) =>
		afterReading({ convert: chickenPack, method: oven, state: 'thawed', setMin, elapsedMin, tempC })
			.moreMin;
	const asForecast = ask(curve.coldestC[at]);
	assert.ok(Math.abs(asForecast + elapsedMin - setMin.likely) <= 3, `${asForecast}`);
	assert.ok(ask(curve.coldestC[at] - 8) > asForecast);
	assert.ok(ask(70) >= 3);
	assert.equal(
		afterReading({
			convert: chickenPack,
			method: pressure,
			state: 'thawed',
			setMin,
			elapsedMin,
			tempC: 80
		}).moreMin,
		0
	);
});
