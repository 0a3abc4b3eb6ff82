import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { volumeM3 } from '../heat/shape.ts';
import { chosenWay, coolingWays, refrigeratorTakesL, waysInTime } from './cooling-ways.ts';

const food = { composition: defaultCompositions['meat-in-sauce'], mobility: 1.5 };
const pot = { kind: 'pot', diameterM: 0.24 } as const;
const pan = { kind: 'pan', lengthM: 0.32, widthM: 0.22 } as const;
const asked = { food, vessel: pot, litres: 2, startC: 94, refrigeratorC: 4 };

describe('ways to cool a dish', () => {
	const { ways, proposed } = coolingWays(asked);
	const way = (name: string) => {
		const found = ways.find((one) => one.name === name);
		assert.ok(found, name);
		return found;
	};
	it('the counter never does; water does sooner than air, stirring and flat bags sooner still (common practice, no source)', () => {
		assert.equal(way('pot-counter').verdict, 'fail');
		assert.equal(way('pot-counter').coldMin, null);
		const inOrder = ['pot-refrigerator', 'pot-ice-bath', 'pot-ice-bath-stirred'].map(
			(name) => way(name).coldMin ?? Infinity
		);
		assert.deepEqual(
			inOrder,
			[...inOrder].sort((a, b) => b - a)
		);
		assert.ok((way('bags-ice-water').coldMin ?? Infinity) < (way('pot-ice-bath').coldMin ?? 0));
	});
	it('all of it is in the vessels, none deeper than its way says; ice is the heat over the heat of melting', () => {
		for (const one of ways)
			assert.ok(Math.abs(volumeM3(one.shape) * one.vessels * 1000 - 2) < 1e-9);
		// 2 L of stew, some 3.7 kJ/kgK over 89 K, 334 kJ/kg: about two kilograms
		assert.ok(Math.abs((way('pot-ice-bath').iceKg ?? 0) - 2.1) < 0.2);
	});
	it('tap water first saves most of the ice and costs little time; flat portions in the freezer pass', () => {
		const [tap, ice] = [way('pot-tap-then-ice'), way('pot-ice-bath')];
		assert.ok((tap.iceKg ?? 9) < 0.6 * (ice.iceKg ?? 0), `${tap.iceKg} for ${ice.iceKg}`);
		assert.ok((tap.coldMin ?? 999) < (ice.coldMin ?? 0) + 60);
		assert.ok((way('portions-freezer').coldMin ?? 999) < 180);
		const little = { ...asked, freezerTakesKg: 1 };
		assert.equal(
			coolingWays({ ...little, names: ['portions-freezer'] }).ways[0].tooMuchForRefrigerator,
			true
		);
	});
	it('a refrigerator at 5 °C never brings food to 5 °C: what passes is proposed instead', () => {
		const warm = coolingWays({ ...asked, litres: 1, refrigeratorC: 5 });
		const cold = warm.ways.filter(({ input }) => input.places.at(-1)?.place === 'refrigerator');
		for (const { coldMin, verdict } of cold)
			assert.ok((coldMin ?? Infinity) > 720 && verdict === 'fail');
		assert.ok(warm.proposed && !/refrigerator/.test(warm.proposed));
	});
	it('proposed is the first of them that passes, and is chosen without computing the rest', () => {
		const first = ways.find((one) => one.verdict === 'pass' && !one.tooMuchForRefrigerator);
		assert.equal(proposed, first?.name);
		assert.equal(chosenWay(asked).name, proposed);
	});
	it('what is baked is neither stirred, spread nor bagged, also when that is asked for', () => {
		const baked = coolingWays({ ...asked, vessel: pan });
		assert.deepEqual(
			baked.ways.map(({ name }) => name),
			[
				'pot-counter',
				'pot-refrigerator',
				'pot-tap-then-ice',
				'pot-ice-bath',
				'cut-portions-freezer'
			]
		);
		const other = chosenWay({ ...asked, vessel: pan, names: ['bags-ice-water'] });
		assert.equal(other.vesselKind, 'pan');
		assert.notEqual(other.name, 'bags-ice-water');
	});
	it('a full dish of 4 L has a way, cut in portions; twelve hot litres are not sent into a freezer nobody knows', () => {
		const deep = { ...asked, litres: 4, vessel: pan, freezerTakesKg: undefined };
		const found = coolingWays(deep);
		assert.notEqual(found.proposed, null);
		const cut = found.ways.find(({ name }) => name === 'cut-portions-freezer');
		assert.deepEqual([cut?.verdict, cut?.tooMuchForRefrigerator], ['pass', false]);
		const much = coolingWays({ ...deep, litres: 12, vessel: asked.vessel });
		assert.ok(much.ways.find(({ name }) => name === 'portions-freezer')?.tooMuchForRefrigerator);
	});
	it('when none passes, the fastest is what is left', () => {
		const big = {
			...asked,
			litres: 12,
			names: ['pot-counter', 'pot-refrigerator', 'pot-ice-bath'] as const
		};
		const chosen = chosenWay(big);
		assert.notEqual(chosen.verdict, 'pass');
		assert.equal(chosen.name, 'pot-ice-bath');
	});
	it('what still helps is in time at the unfavourable end, not only likely so', () => {
		const some = waysInTime(ways, { to21Min: 60, to5Min: 300 });
		for (const { slow } of some)
			assert.ok((slow.to21Min ?? 999) <= 60 && (slow.to5Min ?? 999) <= 300);
		assert.deepEqual(waysInTime(ways, { to21Min: 1, to5Min: 2 }), []);
	});
});

it('hot litres a refrigerator takes: the colder the food goes in, the more; 60 W for 4 h are 864 kJ', () => {
	assert.ok(refrigeratorTakesL(food, 60) > refrigeratorTakesL(food, 95));
	// about 3.9 kJ per litre and kelvin (4.18 for water): 864 kJ over 55 K
	assert.ok(Math.abs(refrigeratorTakesL(food, 60) - 864 / (3.85 * 55)) < 0.3);
	assert.equal(refrigeratorTakesL(food, 5), Infinity);
});
