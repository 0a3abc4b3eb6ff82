import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../fixtures/chicken-pack.ts';
import { slowCookerModel } from '../kitchen/appliance-parameters.ts';
import { convertCook } from '../cooking/conversion/convert-cook.ts';
import { cookCurve } from '../cooking/conversion/cook-curve.ts';
import type { Method } from '../appliances/index.ts';
import { forecastMinOf } from './observe.ts';
import { ownMinutes } from './own-minutes.ts';

const low: Method = { appliance: 'slow-cooker', setting: 'low' };
const pressure: Method = { appliance: 'pressure-cooker', release: 'natural' };
const coldest = (method: Method, setMin: number, convert = chickenPack) =>
	cookCurve({ convert, method, state: 'frozen', setMin })!.coldestC.at(-1)!;

it('a cook on an appliance as computed took what is computed; a weak one takes longer', () => {
	for (const method of [low, pressure]) {
		const setMin = method === low ? 200 : 12;
		const coreC = coldest(method, setMin);
		const asked = { convert: chickenPack, method, state: 'frozen', setMin, coreC } as const;
		assert.ok(Math.abs(forecastMinOf(asked)! / setMin - 1) < 0.03);
		// what was learned before does not count twice
		const paces = { [method.appliance]: { factor: 1.5, from: 1, to: 2, cooks: 9 } };
		assert.ok(
			Math.abs(forecastMinOf({ ...asked, convert: { ...chickenPack, paces } })! / setMin - 1) < 0.03
		);
	}
	const { lowW, highW } = slowCookerModel({ volumeL: 5.7 });
	const weak = {
		...chickenPack,
		slowCooker: { volumeL: 5.7, effectiveLowW: lowW * 0.85, effectiveHighW: highW * 0.85 }
	};
	const coreC = coldest(low, 240, weak);
	const slower =
		240 /
		forecastMinOf({ convert: chickenPack, method: low, state: 'frozen', setMin: 240, coreC })!;
	assert.ok(slower > 1.08 && slower < 1.3, String(slower));
	// a core nothing explains says nothing
	assert.equal(
		forecastMinOf({ convert: chickenPack, method: low, state: 'frozen', setMin: 240, coreC: 105 }),
		null
	);
});

it('a learned pace stretches times and hours in danger alike, and says so; ranges are as its cooks say', () => {
	const one = (paces?: typeof chickenPack.paces) =>
		convertCook({ ...chickenPack, methods: [low], paces }).options.find(
			({ state }) => state === 'thawed'
		)!;
	const [usual, slow] = [
		one(),
		one({ 'slow-cooker': { factor: 1.2, from: 1.05, to: 1.38, cooks: 6 } })
	];
	const min = (option: typeof usual) => (option.setMin ?? option.computedMin)!;
	assert.ok(Math.abs(min(slow).likely / min(usual).likely - 1.2) < 0.01);
	assert.ok(slow.hazardH!.likely >= usual.hazardH!.likely * 1.15);
	assert.ok(min(slow).to / min(slow).likely < min(usual).to / min(usual).likely);
	assert.ok(slow.reasons.some(({ code }) => code === 'own-pace'));
});

it('too dry: shorter by whole minutes, never below what is safe; with a core that was measured, by that', () => {
	const usual = convertCook({ ...chickenPack, methods: [pressure], reheat: true }).options.find(
		({ state }) => state === 'frozen'
	)!;
	const setMin = Math.round(usual.setMin!.likely + 15);
	const asked = {
		convert: { ...chickenPack, reheat: true },
		method: pressure,
		state: 'frozen',
		setMin,
		outcome: 'over'
	} as const;
	const by = ownMinutes({ ...asked, coreC: null })!;
	assert.ok(by < 0 && by >= -setMin / 3);
	assert.ok(coldest(pressure, setMin + by) >= chickenPack.coreC);
	// it was cooler than computed: less can be taken off
	const cooler = ownMinutes({ ...asked, coreC: coldest(pressure, setMin) - 10 }) ?? 0;
	assert.ok(cooler >= by);
	// barely safe as it is: nothing
	assert.equal(ownMinutes({ ...asked, coreC: chickenPack.coreC - 4 }), null);
	assert.ok(ownMinutes({ ...asked, outcome: 'under', coreC: 60 })! > 0);
	// on the card it never goes below the safe time
	const learned = [{ appliance: 'pressure-cooker', state: 'frozen', byMin: -500 }] as const;
	const cut = convertCook({ ...asked.convert, methods: [pressure], learned }).options.find(
		({ state }) => state === 'frozen'
	)!;
	assert.ok(cut.coreEndC! >= chickenPack.coreC - 0.5);
});
