import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { chickenPack } from '../../fixtures/chicken-pack.ts';
import { brick, foodOfCase } from '../../fixtures/heat-cases.ts';
import type { ConvertInput } from '../../cooking/conversion/convert-cook.ts';
import { cookCurve } from '../../cooking/conversion/cook-curve.ts';
import { usualCapacity } from '../../schedule/run-sheet.ts';
import { addLate } from '../add-late.ts';
import { cookCard } from '../cook-card.ts';
import { thawRoutes } from '../thaw-routes.ts';
import { cookSheet } from './cook-sheet.ts';
import { potOf } from './pot-of.ts';
import type { SheetPlan } from './sheet-plan.ts';
import { mostAtOnce } from './sides.ts';

const stew = foodOfCase({
	water: 0.78,
	protein: 0.1,
	fat: 0.05,
	carb: 0.06,
	ash: 0.01,
	tf: -1,
	M: 2
});
const dishes: ConvertInput[] = [
	{
		...chickenPack,
		methods: [
			{ appliance: 'slow-cooker', setting: 'low' },
			{ appliance: 'pressure-cooker' },
			{ appliance: 'oven', ovenC: 165, covered: true },
			{ appliance: 'fan-oven', ovenC: 170 },
			{ appliance: 'water-bath', bathC: 75, circulated: true }
		]
	},
	{
		kind: 'meat-in-sauce',
		food: stew,
		massKg: 1,
		block: brick([0.24, 0.18, 0.023]),
		content: 'cooked',
		coreC: 73.9,
		liquidKg: 0,
		known: null,
		reheat: true,
		kitchen: { altitudeM: 1450, roomC: 20 },
		methods: [
			{ appliance: 'hob', level: 'medium' },
			{ appliance: 'microwave', powerW: 800 },
			{ appliance: 'pressure-cooker' },
			{ appliance: 'oven', ovenC: 180, covered: true }
		]
	}
];
const ways = dishes.flatMap((convert) => {
	const card = cookCard({ convert, freezerC: -18, refrigeratorC: 4, coldWaterC: 13.5 });
	return thawRoutes(card, { inPan: false, massKg: convert.massKg }).flatMap((route) =>
		route.refused
			? []
			: route.options.flatMap((option) =>
					option.setMin && route.beforeMin !== null ? [{ convert, route, option }] : []
				)
	);
});
const minMs = 60_000;
const day = Date.UTC(2026, 10, 26);
const anyWay = fc.constantFrom(...ways);
const anySide = fc.record({
	name: fc.constantFrom('rice', 'bread', 'salad'),
	minutes: fc.integer({ min: 5, max: 60 }),
	uses: fc.constantFrom('hob' as const, 'oven' as const, null)
});
const anyPlan = fc
	.record({
		way: anyWay,
		sides: fc.array(anySide, { maxLength: 4 }),
		inMin: fc.integer({ min: 20, max: 30 * 60 }),
		late: fc.subarray(['pasta', 'cream', 'starch', 'spinach']),
		restMin: fc.constantFrom(0, 3, 10)
	})
	.map(({ way, sides, inMin, late, restMin }) => {
		const items = late.map((name) => ({ name, like: name }));
		const plan: SheetPlan = {
			wishMs: day + inMin * minMs,
			route: way.route.name,
			beforeMin: way.route.beforeMin ?? 0,
			outSinceMs: null,
			pots: [potOf(way.option)!],
			raw: way.convert.content === 'raw-meat',
			restMin,
			late: addLate({ items, option: way.option, boilsC: 100 }),
			sides
		};
		return { way, plan };
	});

it('200 random sheets: steps in feasible order, no appliance twice at a time, the time met or its miss stated, the core reached before serving', () => {
	fc.assert(
		fc.property(anyPlan, ({ way, plan }) => {
			const { steps, serveAtMs, readyAtMs, missMin } = cookSheet(plan, {}, day);
			const at = (kind: string) => steps.findIndex((step) => step.kind === kind);
			for (const [before, after] of [
				['take-out', 'in'],
				['into-water', 'in'],
				['preheat', 'in'],
				['in', 'at-pressure'],
				['at-pressure', 'release'],
				['release', 'measure'],
				['in', 'measure'],
				['measure', 'serve'],
				['in', 'late'],
				['late', 'serve'],
				['side', 'serve']
			])
				if (at(before) >= 0 && at(after) >= 0)
					assert.ok(at(before) < at(after), `${before} before ${after}`);
			assert.ok(
				steps.every(({ atMs, hands }) => !hands || atMs >= day),
				'nothing to do in the past'
			);
			for (const uses of ['oven', 'hob', 'pressure-cooker', 'slow-cooker', 'fan-oven'] as const) {
				const spans = steps.filter((step) => step.uses === uses && step.untilMs > step.atMs);
				assert.ok(mostAtOnce(spans) <= (uses === 'hob' ? usualCapacity.burner : 1), uses);
			}
			assert.ok(serveAtMs >= plan.wishMs && serveAtMs >= readyAtMs);
			assert.equal(missMin, Math.round((serveAtMs - plan.wishMs) / minMs));
			// in the pot for at least what the model takes, and by the model hot enough by then
			const inAt = steps[at('in')].atMs;
			const { setMin, totalMin, method, state } = way.option;
			if (!setMin || !totalMin) return assert.fail('it is a way');
			const wholeMin = totalMin.to - (way.option.preheatMin ?? 0);
			assert.ok((serveAtMs - inAt) / minMs >= wholeMin - 1e-6);
			const convert =
				way.route.name === 'softened' ? { ...way.convert, frozenStartC: -2 } : way.convert;
			const curve = cookCurve({ convert, method, state, setMin: setMin.to });
			if (curve)
				assert.ok(Math.max(...curve.coldestC) >= convert.coreC - 0.5, JSON.stringify(method));
		}),
		{ numRuns: 200 }
	);
});

it('the clock moves a sheet that is not begun, what is done holds, and what is late is said', () => {
	const way = ways.find(({ option }) => option.method.appliance === 'pressure-cooker');
	assert.ok(way?.option.totalMin);
	const plan: SheetPlan = {
		wishMs: day + 4 * 60 * minMs,
		route: 'frozen',
		beforeMin: 0,
		outSinceMs: null,
		pots: [potOf(way.option)!],
		raw: true,
		restMin: 0,
		late: [],
		sides: []
	};
	const first = cookSheet(plan, {}, day);
	assert.equal(first.missMin, 0);
	const inAt = first.steps.find(({ kind }) => kind === 'in')!.atMs;
	const late = cookSheet(plan, {}, inAt + 10 * minMs);
	assert.equal(late.missMin, 10);
	// switched on in time, ten minutes later than forecast at pressure
	const comeUpMin = plan.pots[0].comeUpMin!;
	const slow = cookSheet(plan, { in: inAt }, inAt + (comeUpMin + 10) * minMs);
	assert.ok(Math.abs(slow.missMin - 10) <= 1);
	const done = cookSheet(
		plan,
		{ in: inAt, 'at-pressure': inAt + comeUpMin * minMs },
		inAt + 12 * minMs
	);
	assert.equal(done.missMin, 0);
	assert.deepEqual(
		done.steps.filter(({ doneAtMs }) => doneAtMs !== null).map(({ id }) => id),
		['in', 'at-pressure']
	);
	// guests an hour later: what is cooking goes on and is kept hot
	const wait = cookSheet(
		{ ...plan, wishMs: plan.wishMs + 60 * minMs },
		{ in: inAt },
		inAt + 5 * minMs
	);
	assert.ok(wait.steps.some(({ kind }) => kind === 'keep-hot'));
});
