import assert from 'node:assert/strict';
import { it } from 'node:test';
import { chickenPack } from '../../fixtures/chicken-pack.ts';
import { convertCook, convertSteps } from './convert-cook.ts';
import { cookCurve } from './cook-curve.ts';

const input = { ...chickenPack, kitchen: { altitudeM: 1450, roomC: 21 } };

it('the curve of a converted time ends at its core temperature, when the card says it is ready', () => {
	for (const option of convertCook(input).options) {
		if (!option.setMin || !option.totalMin || option.coreEndC === null) continue;
		const curve = cookCurve({
			convert: input,
			method: option.method,
			state: option.state,
			setMin: option.setMin.likely
		});
		assert.ok(curve);
		const name = `${option.method.appliance} ${option.state}`;
		const core = Math.max(...curve.coldestC);
		// under pressure the core still rises while the pressure goes
		assert.ok(
			core > option.coreEndC - 2 && core < option.coreEndC + 8,
			`${name}: ${core} for ${option.coreEndC}`
		);
		const end = curve.minutes.at(-1) ?? NaN;
		assert.ok(
			Math.abs((end + (option.preheatMin ?? 0)) / option.totalMin.likely - 1) < 0.05,
			`${name}: ${end} for ${option.totalMin.likely}`
		);
		assert.equal(curve.minutes[0], 0);
		assert.ok(curve.coldestC.every((c, i) => c <= curve.warmestC[i] + 1e-9));
	}
});

it('in pieces: the likely times first, then their ranges around them, the same as all at once', () => {
	const methods = [{ appliance: 'oven', ovenC: 165, covered: true }] as const;
	const steps = convertSteps({ ...input, methods: [...methods] });
	const seen = [];
	let step = steps.next();
	for (; !step.done; step = steps.next()) seen.push(step.value);
	assert.deepEqual(
		seen.map(({ kind }) => kind),
		['likely', 'likely', 'option', 'option']
	);
	const likely = seen.flatMap((piece) => (piece.kind === 'likely' ? [piece.times.setMin] : []));
	assert.deepEqual(
		likely,
		step.value.options.map((option) => (option.setMin ?? option.computedMin)?.likely)
	);
	assert.deepEqual(step.value, convertCook({ ...input, methods: [...methods] }));
});
