import assert from 'node:assert/strict';
import { it } from 'node:test';
import { anotherWay } from '../../fixtures/another-way.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import { convertCook } from './convert-cook.ts';
import type { Method } from '../../appliances/index.ts';

const kitchen = { altitudeM: 100, roomC: 21 };

it('the same dish by another appliance takes what cooks take there, and what does not agree is explained (common practice, no source)', () => {
	for (const { dish, load, state, facts } of anotherWay)
		for (const { method, from, to, miss } of facts) {
			const { options } = convertCook({ ...load, kitchen, methods: [method] });
			const option = options.find((one) => one.state === state);
			const set = option?.setMin ?? option?.computedMin;
			assert.ok(set, dish);
			const middle = (from + to) / 2;
			const agrees =
				(set.likely >= from && set.likely <= to) || (set.from <= middle && set.to >= middle);
			const said = [set.from, set.likely, set.to].map(Math.round).join(' ');
			assert.equal(agrees, miss === undefined, `${dish}, ${JSON.stringify(method)}: ${said}`);
		}
});

it('a braise in an open oven at 200 °C is refused, dough and bread and what is wrapped go into nothing wet', () => {
	const [cubes] = anotherWay;
	const advice = (load: typeof cubes.load, method: Method) =>
		convertCook({ ...load, kitchen, methods: [method] }).options.map((option) => option.advice);
	const open: Method = { appliance: 'oven', ovenC: 200, covered: false };
	assert.deepEqual(advice(cubes.load, open), ['refused', 'refused']);
	for (const kind of ['dough', 'baked-goods', 'wrapped-single'] as const)
		for (const method of [
			{ appliance: 'slow-cooker', setting: 'low' },
			{ appliance: 'pressure-cooker' },
			{ appliance: 'hob', level: 'medium' },
			{ appliance: 'water-bath', bathC: 75, circulated: true },
			{ appliance: 'steamer' }
		] as const) {
			const load = {
				...cubes.load,
				kind,
				food: { ...cubes.load.food, mobility: dishKinds[kind].mobility },
				thawed: undefined,
				known: null
			};
			assert.deepEqual(advice(load, method), ['refused', 'refused'], `${kind} ${method.appliance}`);
		}
});

it('set a kelvin hotter, a recipe takes hardly less; for fewer watts never less', () => {
	const thighs = anotherWay[3];
	const at = (ovenC: number) => {
		const known = {
			method: { appliance: 'oven', ovenC: 180, covered: false } as const,
			state: 'thawed' as const,
			minutes: { from: 70, to: 70 }
		};
		const methods: Method[] = [{ appliance: 'oven', ovenC, covered: false }];
		const [option] = convertCook({ ...thighs.load, known, kitchen, methods }).options;
		return (option.setMin ?? option.computedMin)?.likely ?? NaN;
	};
	assert.ok(Math.abs(at(180) / 70 - 1) < 0.02, String(at(180)));
	for (const ovenC of [180, 190, 205, 220]) assert.ok(at(ovenC + 1) / at(ovenC) > 0.93);
	const chili = anotherWay[5];
	const watts = (powerW: number) => {
		const known = {
			method: { appliance: 'microwave', powerW: 800 } as const,
			state: 'thawed' as const,
			minutes: { from: 14, to: 14 }
		};
		const methods: Method[] = [{ appliance: 'microwave', powerW }];
		const load = { ...chili.load, reheat: false };
		const [option] = convertCook({ ...load, known, kitchen, methods }).options;
		return (option.setMin ?? option.computedMin)?.likely ?? NaN;
	};
	assert.ok(
		watts(600) >= watts(800) && Math.abs(watts(800) / 14 - 1) < 0.1,
		`${watts(600)} ${watts(800)}`
	);
});
