import assert from 'node:assert/strict';
import { it } from 'node:test';
import { convertCook, type ConvertInput } from '../../cooking/conversion/convert-cook.ts';
import { brick } from '../../fixtures/heat-cases.ts';
import { defaultCompositions } from '../../foods/default-compositions.ts';

const kitchen = { altitudeM: 100, roomC: 21 };
const lean = { water: 0.75, protein: 0.22, fat: 0.02, carbohydrate: 0, fibre: 0, ash: 0.01 };
const onHob = (input: Partial<ConvertInput> & Pick<ConvertInput, 'massKg' | 'block'>) => {
	const { options } = convertCook({
		kind: 'lean-pieces',
		food: { composition: lean },
		content: 'raw-meat',
		coreC: 63,
		liquidKg: 0.5,
		known: null,
		kitchen,
		methods: [{ appliance: 'hob', level: 'medium' }],
		...input
	});
	const likely = (state: 'thawed' | 'frozen') => {
		const option = options.find((o) => o.state === state);
		return (option?.setMin ?? option?.computedMin)?.likely ?? NaN;
	};
	return { thawed: likely('thawed'), frozen: likely('frozen') };
};

// An independent explicit enthalpy program: from −18 °C into boiling liquid all round from the first minute, h 150, 99 °C. A pot has to get hot first.
it('a joint and a bird do not come apart: no sooner than conduction in boiling water lets them', () => {
	for (const [size, massKg, leastMin, coreC] of [
		[[0.17, 0.12, 0.074], 1.6, 115, 63],
		[[0.14, 0.105, 0.06], 0.9, 79, 63],
		[[0.2, 0.14, 0.091], 2.7, 163, 63],
		[[0.19, 0.15, 0.062], 1.8, 114, 74]
	] as const) {
		const { frozen } = onHob({ massKg, block: brick([...size]), coreC });
		assert.ok(frozen >= leastMin, `${massKg} kg: ${frozen} min`);
	}
});

it('frozen over thawed costs what conduction costs: 40 min for 74 mm, 56 for 91 mm (the same program, within a third)', () => {
	for (const [size, massKg, more] of [
		[[0.17, 0.12, 0.074], 1.6, 40],
		[[0.2, 0.14, 0.091], 2.7, 56]
	] as const) {
		const { frozen, thawed } = onHob({ massKg, block: brick([...size]) });
		assert.ok(frozen - thawed >= 0.7 * more, `${frozen} after ${thawed}`);
	}
});

it('a thick block of stew comes apart later than a flat one, two upon each other as one of twice the height', () => {
	const stew = (heightM: number, more: Partial<ConvertInput> = {}) => {
		const side = Math.sqrt(1.6 / 1050 / heightM);
		return onHob({
			kind: 'meat-in-sauce',
			food: { composition: defaultCompositions['meat-in-sauce'], mobility: 2 },
			content: 'cooked',
			reheat: true,
			coreC: 73.9,
			liquidKg: 0,
			massKg: 1.6,
			block: brick([side, side, heightM]),
			...more
		}).frozen;
	};
	const [flat, thick] = [stew(0.02), stew(0.09)];
	// ice is gone after 55 min in boiling water, against under 15 (the same program)
	assert.ok(thick - flat >= 25 && flat > 15, `${flat} and ${thick}`);
	const side = Math.sqrt(0.8 / 1050 / 0.03);
	const two = { block: brick([side, side, 0.03]), blockCount: 2 };
	const stacked = stew(0.03, { ...two, arrangement: 'stacked' });
	assert.ok(stacked > stew(0.03, { ...two, arrangement: 'side-by-side' }));
});

it('ten grams of liquid more or less do not change what a pot takes before it catches', () => {
	const side = Math.sqrt(1.2 / 1050 / 0.03);
	const at = (liquidKg: number) =>
		onHob({
			kind: 'meat-in-sauce',
			food: { composition: defaultCompositions['meat-in-sauce'], mobility: 2 },
			content: 'cooked',
			reheat: true,
			massKg: 1.2,
			block: brick([side, side, 0.03]),
			liquidKg
		}).thawed;
	for (const liquidKg of [0.13, 0.19, 0.3, 0.6]) {
		const ratio = at(liquidKg) / at(liquidKg + 0.01);
		assert.ok(ratio > 0.95 && ratio < 1.06, `${liquidKg}: ${ratio}`);
	}
});
