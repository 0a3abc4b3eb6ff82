import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { slowCookerModel } from '../kitchen/appliance-parameters.ts';
import { cookCurve } from '../cooking/conversion/cook-curve.ts';
import {
	learnedAppliances,
	ovenOffsetOf,
	powerFactorOf,
	type LoggedCook
} from './learn-from-cooks.ts';

const method = { appliance: 'slow-cooker', setting: 'low' } as const;
const covered = { appliance: 'oven', ovenC: 165, covered: true } as const;

/** What a kitchen whose appliances are off by so much would have logged. */
function logged(
	power: number,
	offsetK: number,
	setMin: number,
	how: LoggedCook['method']
): LoggedCook {
	const { lowW, highW } = slowCookerModel({ volumeL: 5.7 });
	const really = {
		...chickenPack,
		slowCooker: { volumeL: 5.7, effectiveLowW: lowW * power, effectiveHighW: highW * power },
		oven: { offsetK }
	};
	const question = { method: how, state: 'thawed' as const, setMin };
	const coreC = cookCurve({ ...question, convert: really })!.coldestC.at(-1)!;
	return { ...question, convert: chickenPack, coreC };
}

it('finds the power and the offset of the appliances that cooked it', () => {
	for (const power of [0.75, 1, 1.25])
		assert.ok(Math.abs(powerFactorOf(logged(power, 0, 150, method))! / power - 1) < 0.02);
	assert.ok(Math.abs(ovenOffsetOf(logged(1, -20, 90, covered))! + 20) < 1);
});

it('one cook moves it halfway, four move it four fifths; nothing is learned from a core that cannot be', () => {
	const ask = (cooks: LoggedCook[]) =>
		learnedAppliances({ cooks, slowCooker: { volumeL: 5.7 }, oven: {} });
	const cook = logged(0.8, 0, 150, method);
	assert.ok(Math.abs(ask([cook]).slowCooker!.factor - Math.sqrt(0.8)) < 0.02);
	assert.equal(ask([cook]).slowCooker!.appliance.measured, false);
	assert.ok(Math.abs(ask([cook, cook, cook, cook]).slowCooker!.factor - 0.8 ** 0.8) < 0.02);
	assert.deepEqual(ask([{ ...cook, coreC: 5 }]), { slowCooker: null, oven: null });
});
