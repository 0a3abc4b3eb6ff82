import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import fc from 'fast-check';
import { pricesCsv, readPricesCsv } from '../../../formats/price-csv.ts';
import { readRecipes } from '../../../formats/recipe-file.ts';
import { recipeJsonLd } from '../../../formats/recipe-write.ts';
import type { OwnFacts } from '../../../formats/recipe-draft.ts';
import { metricHabit, usHabit } from '../../../present/habit.ts';
import type { Db } from '../../db/db.ts';
import { dishesOfDay, marksOfDay } from '../../queries/days.ts';
import { addDay, addDayDish, markLine, setDay, setDayDish } from '../../writes/days.ts';
import { allDishes, contentOf, getDish, latestNotes, versionsOf } from '../../queries/dishes.ts';
import {
	addNote,
	changeLine,
	saveDish,
	setDishExtras,
	setDishRemoved
} from '../../writes/dishes.ts';
import { menuDishes } from '../../queries/menu-index.ts';
import { listPrices, listStock, stockKgByItem } from '../../queries/pantry.ts';
import { addPrices, removePrice, setStock } from '../../writes/pantry.ts';
import { openUndos } from '../../queries/undo.ts';
import { takeBack } from '../../undo/take-back.ts';
import { undoable } from '../../undo/undoable.ts';
import { addComponent } from '../dishes/add-component.ts';
import { changeDish, restoreVersion } from '../dishes/change-dish.ts';
import type { DishForm } from '../dishes/write-dish.ts';
import { importRecipe } from '../dishes/import-recipe.ts';
import { planOfDay } from './plan-menu.ts';
import { writtenDish } from '../dishes/written-dish.ts';
import { openTestDb, type TestClient } from '../../testing/index.ts';

const stewText =
	'Bean stew\nServes 8\n2 x 400 g cans white beans\n4 onions, diced\nSimmer for 40 minutes. Cool and freeze.';
const soupText =
	'Onion soup\nServes 4\n1 kg onions, sliced\n200 ml cream\nmoon dust\nSimmer for 30 minutes.';
const asked = {
	prefer: 'price',
	withStaples: true,
	matches: true,
	today: '2026-01-01'
} as const;

describe('menu and shop on a real database', () => {
	let client: TestClient;
	let db: Db;
	let stew = 0;
	let soup = 0;
	let dayId = 0;
	const read = (text: string) => readRecipes(text, 'x').recipes[0];
	const plan = async () => (await planOfDay(db, dayId, asked))!;
	const onion = async () => (await plan()).priced.find(({ line }) => line.key === 'onion')!;
	before(async () => {
		({ db, client } = await openTestDb());
	});
	after(() => client.close());

	it('a recipe becomes a dish; what was not understood is said, a name that is too long is cut', async () => {
		const imported = await importRecipe(db, read(stewText), 1);
		stew = imported.id;
		assert.deepEqual(
			[imported.kind, imported.state, imported.asks, imported.problems],
			['pulse-soup', 'cooked', [], []]
		);
		const second = await importRecipe(db, read(soupText), 2);
		soup = second.id;
		assert.match(second.lines.map(({ text }) => text).join(), /moon dust/);
		assert.deepEqual([second.state, second.asks], ['raw', ['state']]);
		const nameless = await importRecipe(
			db,
			{ ...read(stewText), name: 'x'.repeat(500), servings: null },
			3
		);
		assert.equal((await getDish(db, nameless.id))?.name.length, 120);
		assert.deepEqual(nameless.asks, ['servings']);
		await setDishRemoved(db, nameless.id, 4);
	});

	it('a file from outside cannot put in what is no kind, no state, no time', async () => {
		const own = {
			kind: 'moon',
			state: 'burnt',
			addOnDay: 7,
			stages: ['nowhere'],
			instruction: {
				method: { appliance: 'volcano' },
				minutes: { from: -3, to: 9e9 },
				state: 'fresh'
			}
		} as unknown as OwnFacts;
		const { id } = await importRecipe(db, { ...read(stewText), own }, 5);
		const dish = await getDish(db, id);
		assert.equal(dish?.kind, 'pulse-soup');
		assert.equal(dish?.lines[0].stage, 'pack');
		assert.notEqual(dish?.instruction?.method.appliance, 'volcano');
		await setDishRemoved(db, id, 6);
	});

	it('a dish written as a file and read in again is the same dish', async () => {
		await changeLine(db, soup, 1, { stage: 'cook-day' });
		const dish = (await getDish(db, soup))!;
		const back = await importRecipe(
			db,
			readRecipes(JSON.stringify(recipeJsonLd(writtenDish(dish))), 'x').recipes[0],
			7
		);
		const again = (await getDish(db, back.id))!;
		assert.deepEqual(
			{ ...contentOf(again), values: { ...contentOf(again).values, createdAtMs: 0 } },
			{ ...contentOf(dish), values: { ...contentOf(dish).values, createdAtMs: 0 } }
		);
		await setDishRemoved(db, back.id, 8);
	});

	it('a day: a dish is put on once; list, packs and costs follow the batches', async () => {
		dayId = await addDay(db, '2026-11-28', 9);
		for (const dishId of [stew, soup, stew]) await addDayDish(db, { dayId, dishId, portions: [] });
		const rows = await dishesOfDay(db, dayId);
		assert.deepEqual(
			rows.map((row) => row.dishId),
			[stew, soup]
		);
		await addPrices(db, [
			{ itemName: 'onion', label: 'net 1 kg', sizeKg: 1, priceCents: 190, shop: '' },
			{ itemName: 'onion', label: 'net 3 kg', sizeKg: 3, priceCents: 420, shop: '' }
		]);
		// four onions of 110 g and a kilogram
		assert.ok(Math.abs((await onion()).line.massKg! - 1.44) < 1e-9);
		assert.deepEqual(
			(await onion()).packs.map(({ entry, count }) => [entry.label, count]),
			[['net 1 kg', 2]]
		);
		await setDayDish(db, rows[1].id, {
			batches: 2,
			portions: [{ to: 'freezer', packs: 2, servings: 4 }]
		});
		const doubled = await plan();
		assert.ok(Math.abs((await onion()).line.massKg! - 2.44) < 1e-9);
		assert.equal((await onion()).wholeCents, 420);
		assert.deepEqual(doubled.totals.unplaced, [8, 0]);
		const cost = doubled.costs.reduce((sum, one) => sum + one.wholeCents, 0);
		assert.ok(Math.abs(cost - 420) < 1e-6);
		assert.ok(doubled.costs.some((one) => one.unpriced.includes('white beans')));
	});

	it('what is at home, and frozen packs of a component, are taken off the list', async () => {
		await setStock(db, 'onion', 0.44);
		assert.ok(Math.abs((await onion()).line.toBuyKg! - 2) < 1e-9);
		assert.equal(await setStock(db, 'onion', 0), 0.44);
		assert.deepEqual(await listStock(db), []);
		assert.deepEqual(await stockKgByItem(db), {});
	});

	it('of two ticks of a line the later counts, in whatever order they arrive (property)', async () => {
		const marks = fc.array(
			fc.record({ ticked: fc.boolean(), atMs: fc.integer({ min: 1, max: 1e6 }) }),
			{ minLength: 1, maxLength: 5 }
		);
		let n = 0;
		await fc.assert(
			fc.asyncProperty(marks, async (made) => {
				const key = `line ${n++}`;
				for (const mark of made) await markLine(db, { dayId, key, ...mark });
				const latest = Math.max(...made.map((mark) => mark.atMs));
				const wanted = made.filter((mark) => mark.atMs === latest).at(-1)!.ticked;
				const kept = (await marksOfDay(db, dayId)).find((mark) => mark.key === key);
				assert.deepEqual([kept?.ticked, kept?.atMs], [wanted, latest]);
			}),
			{ numRuns: 25 }
		);
	});

	it('what was paid stays when a tick comes later', async () => {
		await markLine(db, { dayId, key: 'onion', ticked: true, paidCents: 410, atMs: 1 });
		await markLine(db, { dayId, key: 'onion', ticked: false, atMs: 2 });
		const kept = (await marksOfDay(db, dayId)).find((mark) => mark.key === 'onion');
		assert.deepEqual([kept?.ticked, kept?.paidCents], [false, 410]);
	});

	it('the menu is read anew when a dish changes, and only then', async () => {
		const first = await menuDishes(db);
		assert.equal(await menuDishes(db), first);
		await setDishExtras(db, stew, { allergens: ['celery'] });
		const second = await menuDishes(db);
		assert.notEqual(second, first);
		assert.deepEqual(second.find((dish) => dish.id === stew)?.facts.allergens, ['celery']);
		assert.deepEqual(
			second.map((dish) => dish.id),
			(await allDishes(db)).map((dish) => dish.id)
		);
		await saveDish(db, { ...contentOf(second[0]).values, name: 'Another' }, []);
		assert.equal((await menuDishes(db)).length, second.length + 1);
	});

	it('what an earlier day still to come wants is not at home for the next one', async () => {
		const first = await addDay(db, '2026-12-01', 1);
		const next = await addDay(db, '2026-12-08', 2);
		for (const id of [first, next]) await addDayDish(db, { dayId: id, dishId: soup, portions: [] });
		const wanted = async (id: number, today: string) => {
			const found = await planOfDay(db, id, { ...asked, today });
			return found!.list.find(({ key }) => key === 'onion')!;
		};
		const { massKg } = await wanted(first, '2026-12-01');
		const before = (await stockKgByItem(db)).onion ?? 0;
		await setStock(db, 'onion', massKg!);
		const frozen = (await stockKgByItem(db)).onion - massKg!;
		assert.equal((await wanted(first, '2026-12-01')).toBuyKg, 0);
		const left = (await wanted(next, '2026-12-01')).fromStockKg;
		assert.ok(Math.abs(left - Math.min(frozen, massKg!)) < 1e-9, 'promised to the first');
		assert.equal(
			(await wanted(next, '2026-12-02')).toBuyKg,
			0,
			'a day that is over promises nothing'
		);
		await setStock(db, 'onion', before - frozen);
		for (const id of [first, next]) await setDay(db, id, { removedAtMs: 3 });
	});

	it('a day, a price and stock come back when they are taken back', async () => {
		const newest = async () => (await openUndos(db, 1))[0].id;
		const before = (await dishesOfDay(db, dayId)).map(({ id: _id, dayId: _day, ...row }) => row);
		const note = { what: 'the day', atMs: 20 };
		await undoable(db, { action: { kind: 'day-changed', dayId, before }, ...note }, async (tx) => {
			await setDayDish(tx, (await dishesOfDay(tx, dayId))[0].id, { batches: 9, portions: [] });
			return true;
		});
		await takeBack(db, await newest(), 9);
		assert.deepEqual(
			(await dishesOfDay(db, dayId)).map((row) => row.batches),
			before.map((row) => row.batches)
		);
		const [price] = await listPrices(db);
		const { id, ...entry } = price;
		await undoable(db, { action: { kind: 'price-removed', entry }, ...note }, async (tx) =>
			Boolean(await removePrice(tx, id))
		);
		await takeBack(db, await newest(), 9);
		assert.equal((await listPrices(db)).length, 2);
		await undoable(
			db,
			{ action: { kind: 'stock-changed', itemName: 'rice', massKg: 0 }, ...note },
			async (tx) => {
				await setStock(tx, 'rice', 2);
				return true;
			}
		);
		await takeBack(db, await newest(), 9);
		assert.deepEqual(await listStock(db), []);
	});

	it('what a pack leaves over becomes a component; its frozen packs count as stock', async () => {
		const id = await addComponent(db, { itemName: 'cream', grams: 150, nowMs: 30 });
		const dish = (await getDish(db, id))!;
		assert.deepEqual(
			[dish.standsFor, dish.name, dish.servings],
			['cream', 'cream, in portions', 2]
		);
		assert.ok(Math.abs(dish.facts.packedKg - 0.15) < 1e-9);
	});

	it('a dish keeps what it was before each change, and can be made so again', async () => {
		const form = {
			name: 'Stew',
			servings: 6,
			kind: 'pulse-soup',
			state: 'cooked',
			lines: '1 kg carrots'
		} as DishForm;
		assert.ok(await changeDish(db, form, stew, 40));
		const [version] = await versionsOf(db, stew);
		assert.deepEqual([version.content.values.name, version.atMs], ['Bean stew', 40]);
		assert.equal((await getDish(db, stew))?.lines.length, 1);
		assert.ok(await restoreVersion(db, stew, version.id, 41));
		const back = (await getDish(db, stew))!;
		assert.deepEqual([back.name, back.lines.length, back.allergens], ['Bean stew', 2, ['celery']]);
		assert.equal((await versionsOf(db, stew)).length, 2);
		assert.equal(await restoreVersion(db, stew, 999, 42), false);
	});

	it('the latest note of a dish is the one shown', async () => {
		await addNote(db, { dishId: stew, atMs: 1, text: 'more beans' });
		await addNote(db, { dishId: stew, atMs: 5, text: 'fewer beans' });
		assert.equal((await latestNotes(db)).get(stew), 'fewer beans');
	});
});

it('the price book reads back from its own table, whatever the units at home (property)', () => {
	const entry = fc.record({
		id: fc.constant(1),
		itemName: fc.constantFrom('onion', 'rice', 'canned tomatoes'),
		label: fc.stringMatching(/^[a-z][a-z ,"]{0,18}[a-z]$/),
		sizeKg: fc.integer({ min: 1, max: 20_000 }).map((grams) => grams / 1000),
		priceCents: fc.nat(99_999),
		shop: fc.constantFrom('', 'market')
	});
	fc.assert(
		fc.property(
			fc.array(entry, { minLength: 1, maxLength: 6 }),
			fc.constantFrom(metricHabit, usHabit),
			(prices, habit) => {
				const { rows, problems } = readPricesCsv(pricesCsv(prices), habit);
				assert.deepEqual(problems, []);
				assert.equal(rows.length, prices.length);
				rows.forEach((row, i) => {
					const { id: _id, sizeKg, label, ...rest } = prices[i];
					assert.deepEqual({ ...row, sizeKg: 0, label: '' }, { ...rest, sizeKg: 0, label: '' });
					assert.ok(Math.abs(row.sizeKg - sizeKg) < 1e-6);
					assert.equal(row.label.replace(/\s+/g, ' '), label.replace(/\s+/g, ' '));
				});
			}
		)
	);
});
