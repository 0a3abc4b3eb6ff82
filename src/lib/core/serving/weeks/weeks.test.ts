import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { addDays, daysBetween } from '../../units/day.ts';
import { clashes, type ApplianceUse } from './clashes.ts';
import { fillWeek, unplannedPast, type DishStock } from './fill-week.ts';

const today = '2026-11-26';
const days = Array.from({ length: 7 }, (_, i) => addDays(today, i));
const week = (busy: readonly string[] = []) =>
	days.map((day) => ({ day, free: !busy.includes(day), keys: [] }));
const dish = (
	key: string,
	servings: number[],
	bestBy: string | null = '2027-03-01'
): DishStock => ({
	key,
	packs: servings.map((n, i) => ({ code: `${key}${i}`, servings: n, bestBy })),
	eatenOn: null,
	leftoverDays: 3
});

it('what passes its date comes first, a dish comes again only after some days, and evenings out stay free', () => {
	const filled = fillWeek({
		evenings: week([days[2]]),
		stock: [
			dish('stew', [4, 4]),
			dish('ragù', [4], '2026-11-20'),
			dish('dal', [4], null),
			dish('bake', [4], '2026-12-10')
		],
		eaters: 4,
		today
	});
	assert.deepEqual(
		filled.map(({ key }) => key),
		['dal', 'ragù', 'bake', 'stew', 'stew']
	);
	assert.ok(filled.every(({ day }) => day !== days[2]));
});

it('what a large pack leaves over is another evening within its days, not the next meal bought for it', () => {
	const filled = fillWeek({
		evenings: week(),
		stock: [dish('goulash', [8]), dish('pie', [4])],
		eaters: 4,
		today
	});
	const again = filled.find(({ kind }) => kind === 'leftovers');
	assert.ok(again?.kind === 'leftovers' && again.key === 'goulash');
	assert.ok(daysBetween(again.ofDay, again.day) <= 3 && daysBetween(again.ofDay, again.day) >= 1);
});

it('no pack is planned twice, everybody is fed, no evening has two meals (property)', () => {
	fc.assert(
		fc.property(
			fc.array(
				fc.record({
					key: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
					servings: fc.array(fc.integer({ min: 1, max: 8 }), { minLength: 1, maxLength: 4 }),
					bestBy: fc.constantFrom('2026-11-20', '2026-12-01', '2027-05-01', null)
				}),
				{ maxLength: 5 }
			),
			fc.integer({ min: 1, max: 7 }),
			fc.subarray(days),
			(dishes, eaters, busy) => {
				const stock = dishes.map((d, i) => dish(`${d.key}${i}-`, d.servings, d.bestBy));
				const filled = fillWeek({ evenings: week(busy), stock, eaters, today });
				const codes = filled.flatMap((meal) => (meal.kind === 'packs' ? meal.codes : []));
				assert.equal(new Set(codes).size, codes.length);
				assert.equal(new Set(filled.map(({ day }) => day)).size, filled.length);
				for (const meal of filled) {
					assert.ok(!busy.includes(meal.day));
					if (meal.kind === 'packs') assert.ok(meal.servings >= eaters);
				}
			}
		)
	);
});

it('what passes unplanned is named, soonest first', () => {
	const packs = [
		{ code: 'A', bestBy: '2026-12-05' },
		{ code: 'B', bestBy: '2026-12-01' },
		{ code: 'C', bestBy: null },
		{ code: 'D', bestBy: '2027-01-01' },
		{ code: 'E', bestBy: '2026-11-30' }
	];
	assert.deepEqual(
		unplannedPast(packs, new Set(['E']), '2026-12-20').map(({ code }) => code),
		['B', 'A']
	);
});

const slow = { appliance: 'slow-cooker', setting: 'low' } as const;
const oven = { appliance: 'oven', ovenC: 165, covered: true } as const;
const use = (id: string, fromMs: number, toMs: number, others: ApplianceUse['others'] = []) =>
	({ id, appliance: slow.appliance, fromMs, toMs, others }) satisfies ApplianceUse;

it('two in the slow cooker at once are named with a way out that clashes with nothing; the hob has room', () => {
	const out = [{ method: oven, fromMs: 20, toMs: 30, key: 'oven' }];
	const [clash] = clashes([use('stock', 0, 40), use('tagine', 10, 30, out)]);
	assert.deepEqual(
		[clash.a, clash.b, clash.way?.of, clash.way?.key],
		['stock', 'tagine', 'tagine', 'oven']
	);
	const taken: ApplianceUse = { id: 'bread', appliance: 'oven', fromMs: 25, toMs: 50, others: [] };
	assert.equal(clashes([use('stock', 0, 40), use('tagine', 10, 30, out), taken])[0].way, null);
	assert.deepEqual(clashes([use('stock', 0, 10), use('tagine', 10, 30)]), []);
	const hob = { ...use('soup', 0, 40), appliance: 'hob' as const };
	assert.deepEqual(clashes([hob, { ...hob, id: 'rice' }]), []);
});
