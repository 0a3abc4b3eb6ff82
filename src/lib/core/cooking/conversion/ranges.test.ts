import assert from 'node:assert/strict';
import { it } from 'node:test';
import { applianceOf, scenarioOf, type Method } from '../../appliances/index.ts';
import { efforts, TableCache } from '../../appliances/run/effort.ts';
import { readyMin } from '../../appliances/run/timeline.ts';
import { asLikely, type Unknowns } from '../../appliances/run/unknowns.ts';
import { runPressureCooker } from '../../appliances/pressure-cooker/run-pressure-cooker.ts';
import { normal, uniform } from '../../fixtures/random.ts';
import { pieceQuestion, type Load } from '../../fixtures/random-questions.ts';
import { convertCook } from './convert-cook.ts';
import { goalOf, targetOf } from './target.ts';
import { timelineOf } from './timeline-of.ts';

/** P90 of a normal distribution: half ranges are P10 to P90. */
const z90 = 1.2816;
const asked: { method: Method; kind: Load['kind']; content: Load['content'] }[] = [
	{
		method: { appliance: 'slow-cooker', setting: 'low' },
		kind: 'braised-pieces',
		content: 'raw-meat'
	},
	{
		method: { appliance: 'pressure-cooker', release: 'natural' },
		kind: 'braised-pieces',
		content: 'raw-meat'
	},
	{
		method: { appliance: 'oven', ovenC: 165, covered: true },
		kind: 'meat-in-sauce',
		content: 'cooked'
	},
	{
		method: { appliance: 'oven', ovenC: 190, covered: false },
		kind: 'lean-pieces',
		content: 'raw-meat'
	},
	{ method: { appliance: 'hob', level: 'medium' }, kind: 'meat-in-sauce', content: 'cooked' },
	{ method: { appliance: 'microwave', powerW: 800 }, kind: 'meat-in-sauce', content: 'cooked' },
	{ method: { appliance: 'fan-oven', ovenC: 180 }, kind: 'lean-pieces', content: 'raw-meat' },
	{
		method: { appliance: 'water-bath', bathC: 75, circulated: true },
		kind: 'lean-pieces',
		content: 'raw-meat'
	},
	{ method: { appliance: 'steamer' }, kind: 'hard-vegetables', content: 'plain' },
	{ method: { appliance: 'grill' }, kind: 'fish', content: 'raw-meat' }
];

// four in five is what a range says of itself; sampling 120 runs a way moves the share by some four points
it('ranges hold four cooks in five, thawed and frozen, in every appliance (Monte Carlo over what is not known)', () => {
	const random = normal(uniform(11));
	const within = (value: number) => Math.max(-2.5, Math.min(2.5, value)) / z90;
	const shares = asked.map(({ method, kind, content }) => {
		const input = pieceQuestion({
			kind,
			content,
			reheat: content === 'cooked',
			thicknessM: 0.03,
			massKg: method.appliance === 'microwave' || method.appliance === 'fan-oven' ? 0.5 : 1,
			pieceM: 0.025,
			liquidKg: 0.1
		});
		const appliance = applianceOf(method);
		let inside = 0;
		let all = 0;
		for (const option of convertCook({ ...input, methods: [method] }).options) {
			const set = option.setMin ?? option.computedMin;
			assert.ok(set, `${method.appliance} ${option.state}`);
			const scenario = scenarioOf(input, method, option.state);
			const tables = new TableCache();
			const goal = goalOf(input, method, targetOf(input, tables).in(method).likely);
			const comeUp = option.comeUpMin ?? 0;
			const took = (unknowns: Unknowns) => {
				const run = timelineOf({
					scenario,
					unknowns,
					effort: efforts.spread,
					tables,
					until: goal,
					longestMin: appliance.longestMin * 1.5
				});
				return (readyMin(run, goal) ?? Infinity) + (run.comeUpMin ?? 0);
			};
			const base = took(asLikely);
			for (let i = 0; i < 60; i++, all++) {
				const u: Unknowns = { ...asLikely };
				for (const name of appliance.unknowns(scenario)) u[name] = within(random());
				// and what no parameter says: ± 8 %, on the hob more
				const min =
					(took(u) / base) *
					(set.likely + comeUp) *
					Math.exp(Math.hypot(0.08, appliance.unsureLog ?? 0) * within(random()));
				if (min >= set.from + comeUp && min <= set.to + comeUp) inside++;
			}
		}
		return { name: `${method.appliance} ${kind}`, share: inside / all };
	});
	for (const { name, share } of shares)
		assert.ok(share >= 0.7 - 0.04 && share <= 0.9 + 0.04, `${name}: ${share}`);
	const mean = shares.reduce((sum, { share }) => sum + share, 0) / shares.length;
	assert.ok(mean > 0.74 && mean < 0.88, String(mean));
});

it('the end that is printed makes a block safe that conducts as a solid: cooked stew of 3 to 6 cm under pressure', () => {
	const kitchen = { altitudeM: 0, roomC: 21 };
	for (const thicknessM of [0.03, 0.04, 0.05, 0.06]) {
		const input = pieceQuestion({
			kind: 'meat-in-sauce',
			content: 'cooked',
			reheat: true,
			thicknessM,
			massKg: 1.2,
			pieceM: 0.025,
			liquidKg: 0
		});
		const { options } = convertCook({
			...input,
			kitchen,
			methods: [{ appliance: 'pressure-cooker', release: 'natural' }]
		});
		const frozen = options.find(({ state }) => state === 'frozen');
		const printed = frozen?.setMin ?? frozen?.computedMin;
		const run = runPressureCooker({
			piece: {
				food: { ...input.food, mobility: 1 },
				shape: input.block,
				startC: -18,
				liquidKg: frozen?.addLiquidL ?? 0
			},
			cooker: { volumeL: 5.7 },
			kitchen,
			holdMin: printed?.to ?? 0,
			release: 'natural',
			zK: 33
		});
		const coreC = Math.max(...Array.from(run.coldestC));
		assert.ok(coreC >= 73.9 && run.lethality70Min >= 2, `${thicknessM}: ${coreC} °C`);
	}
});
