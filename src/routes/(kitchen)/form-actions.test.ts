import assert from 'node:assert/strict';
import { mkdtempSync, readFileSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { dayIn } from '../../lib/present/time.ts';
import type { Db } from '../../lib/server/db/db.ts';
import { householdAccess } from '../../lib/server/access/household-access.ts';
import { getDish } from '../../lib/server/queries/dishes.ts';
import { openUndos } from '../../lib/server/queries/undo.ts';
import { frozenPacks } from '../../lib/server/queries/packs.ts';
import { startCooling } from '../../lib/server/services/cooling/start-cooling.ts';
import { writeDish } from '../../lib/server/services/dishes/write-dish.ts';
import { packDish } from '../../lib/server/services/packs/pack-dish.ts';
import { addReading } from '../../lib/server/writes/cooling.ts';
import { addDay, addDayDish } from '../../lib/server/writes/days.ts';
import { addFreezer, saveHousehold } from '../../lib/server/writes/household.ts';
import { addPrices } from '../../lib/server/writes/pantry.ts';
import {
	aDish,
	inlineCompute,
	openTestDb,
	type TestClient
} from '../../lib/server/testing/index.ts';

/** How an action ended: what a browser would see of it. */
type End = { end: 'done' | 'refused' | 'redirect' | 'error'; status: number; data?: unknown };
type Action = (event: object) => unknown;

let db: Db;
const accessDir = mkdtempSync(join(tmpdir(), 'almacen-actions-'));
after(() => rmSync(accessDir, { recursive: true }));
let client: TestClient;

async function act(
	page: string,
	action: string,
	{ params = {}, form = {}, query = '' }: { params?: object; form?: object; query?: string }
): Promise<End> {
	const module = (await import(`./${page}/+page.server.ts`)) as { actions: Record<string, Action> };
	const body = new FormData();
	for (const [name, value] of Object.entries(form)) body.set(name, value as string | Blob);
	try {
		const data = (await module.actions[action]({
			params,
			request: { formData: async () => body },
			url: new URL(`http://127.0.0.1/${query}`),
			locals: {
				db,
				compute: inlineCompute,
				copies: { list: async () => [], make: async () => ({ name: '', madeAtMs: 0, bytes: 0 }) },
				access: householdAccess(accessDir, undefined),
				addresses: ['https://pantry.local:4780']
			}
		})) as { status?: number; data?: unknown } | undefined;
		const refused = data && typeof data.status === 'number' && data.status >= 400;
		return { end: refused ? 'refused' : 'done', status: refused ? (data.status ?? 0) : 200, data };
	} catch (thrown) {
		const { status, location } = thrown as { status?: number; location?: string };
		if (typeof status !== 'number') throw thrown;
		return { end: location ? 'redirect' : 'error', status };
	}
}

/** What is there for the actions to work on. */
let there: { dish: number; run: number; day: number; dayDish: number; code: string; shelf: number };

before(async () => {
	({ db, client } = await openTestDb());
	const nowMs = Date.now();
	await saveHousehold(db, { settledAtMs: nowMs });
	await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
	const dish = await writeDish(db, aDish(), nowMs);
	const packed = await packDish(
		db,
		inlineCompute,
		{
			dishId: dish,
			count: 2,
			servings: 2,
			container: 'bag-1l',
			massKg: 0.6,
			packedOn: dayIn(nowMs, 'UTC'),
			shelfId: 1
		},
		nowMs
	);
	assert.ok(packed.ok);
	const run = await startCooling(
		db,
		{
			dishId: dish,
			name: 'Dal',
			vessel: 'pot',
			lengthM: 0.24,
			volumeL: 4,
			startC: 90,
			place: 'counter',
			lid: false,
			stirred: false
		},
		nowMs
	);
	assert.ok(run.ok);
	await addReading(db, { runId: run.id, atMs: nowMs, tempC: 88 });
	const day = await addDay(db, dayIn(nowMs, 'UTC'), nowMs);
	await addDayDish(db, {
		dayId: day,
		dishId: dish,
		portions: [{ to: 'freezer', packs: 1, servings: 4 }]
	});
	await addPrices(db, [{ itemName: 'onion', label: 'net', sizeKg: 1, priceCents: 190, shop: '' }]);
	const [{ code }] = await frozenPacks(db);
	there = { dish, run: run.id, day, dayDish: 1, code, shelf: 1 };
});
after(() => client.close());

const gone = { id: '999999', code: 'ZZZZZ' };
const now = () => ({ id: String(there.dish), code: there.code });
const run = () => ({ id: String(there.run) });
const day = () => ({ id: String(there.day) });
const file = (text: string) => new File([text], 'readings.csv');
/** what every JPEG begins with (ITU-T T.81: SOI, then a marker), and nothing else of one */
const jpeg = () => new File([new Uint8Array([0xff, 0xd8, 0xff, 0xe0])], 'photo.jpg');
const dishForm = { name: 'Dal', servings: '4', kind: 'pulse-soup', state: 'cooked', lines: 'love' };

interface Case {
	page: string;
	action: string;
	good?: { params?: () => object; form?: () => object; end?: End['end'] };
	bad?: { params?: () => object; form?: object };
	/** the thing it is about is not there any more */
	gone?: { form?: object };
}

/** Good, bad and gone, as far as an action has them. */
const cases: Case[] = [
	{
		page: 'cool/[id=id]',
		action: 'reading',
		good: { params: run, form: () => ({ tempC: '60' }) },
		bad: { params: run, form: { tempC: 'hot' } },
		gone: { form: { tempC: '60' } }
	},
	{
		page: 'cool/[id=id]',
		action: 'file',
		good: { params: run, form: () => ({ file: file('minutes,temperature\n5,80') }) },
		bad: { params: run, form: {} },
		gone: { form: { file: file('minutes,temperature\n5,80') } }
	},
	{
		page: 'cool/[id=id]',
		action: 'probe',
		good: { params: run, form: () => ({ probe: '' }) },
		gone: {}
	},
	{
		page: 'cool/[id=id]',
		action: 'removeReading',
		good: { params: run, form: () => ({ id: '1' }) },
		bad: { params: run, form: { id: '999' } }
	},
	{ page: 'cool/[id=id]', action: 'end', good: { params: run }, gone: {} },
	{ page: 'cool/[id=id]', action: 'goOn', good: { params: run }, gone: {} },
	{ page: 'cool/[id=id]', action: 'discard', gone: {} },
	{ page: 'cool/[id=id]', action: 'reheated', gone: {} },
	{
		page: 'cool/[id=id]',
		action: 'moved',
		good: { params: run, form: () => ({ way: 'pot-ice-bath' }) },
		bad: { params: run, form: { way: 'the moon' } },
		gone: { form: { way: 'pot-ice-bath' } }
	},
	{
		page: 'cool/new',
		action: 'start',
		good: {
			form: () => ({
				name: 'Soup',
				vessel: 'pot',
				lengthM: '24 cm',
				volumeL: '4 L',
				startC: '90',
				place: 'counter'
			}),
			end: 'redirect'
		},
		bad: { form: { startC: '300' } }
	},
	{
		page: 'pack/day/[id=id]',
		action: 'pack',
		good: {
			params: day,
			form: () => ({
				'pack-1-0': 'on',
				'mass-1-0': '700 g',
				'shelf-1-0': '1'
			})
		},
		bad: { params: day, form: {} }
	},
	{
		page: 'pack/day/[id=id]',
		action: 'plates',
		good: {
			params: day,
			form: () => ({
				'plate-1': '200 g',
				extras: '80 g frozen peas',
				count: '2',
				container: 'plate',
				shelf: '1'
			})
		},
		bad: { params: day, form: { 'plate-1': 'a lot', count: '2' } }
	},
	{ page: 'cool/new', action: 'compare', bad: { form: { startC: '300' } } },
	{
		page: 'menu',
		action: 'plan',
		good: { form: () => ({ onDay: 'today' }), end: 'redirect' },
		bad: { form: { onDay: 'soonish' } }
	},
	{
		page: 'menu',
		action: 'putOn',
		good: {
			form: () => ({ ids: String(there.dish), dayId: String(there.day) }),
			end: 'redirect'
		},
		bad: { form: { ids: '' } }
	},
	{
		page: 'prep/[id=id]/after',
		action: 'learn',
		bad: { params: day, form: { work: '' } },
		gone: { form: { work: '1:stir', counts: 'on' } }
	},
	{
		page: 'menu/new',
		action: 'default',
		good: { form: () => dishForm, end: 'redirect' },
		bad: { form: { ...dishForm, lines: '½ '.repeat(9000) } }
	},
	{
		page: 'menu/[id=id]',
		action: 'change',
		good: { params: now, form: () => dishForm },
		bad: { params: now, form: { name: '' } },
		gone: { form: dishForm }
	},
	{
		page: 'menu/[id=id]',
		action: 'accept',
		bad: { params: now, form: { line: '77', proposal: 'serve' } },
		gone: { form: { line: '0', proposal: 'serve' } }
	},
	{
		page: 'menu/[id=id]',
		action: 'note',
		good: { params: now, form: () => ({ text: 'more salt' }) },
		bad: { params: now, form: { text: '' } },
		gone: { form: { text: 'x' } }
	},
	{
		page: 'menu/[id=id]',
		action: 'allergens',
		good: { params: now, form: () => ({ allergens: 'celery' }) },
		gone: { form: { allergens: 'celery' } }
	},
	{
		page: 'menu/[id=id]',
		action: 'steps',
		good: { params: now, form: () => ({ steps: '' }) },
		bad: { params: now, form: { steps: '[{"text":1' } },
		gone: { form: { steps: '' } }
	},
	{
		page: 'menu/[id=id]',
		action: 'settle',
		good: { params: now, form: () => ({ corrections: '{}', state: 'cooked' }) },
		bad: { params: now, form: { state: 'half' } },
		gone: { form: { corrections: '{}' } }
	},
	{
		page: 'menu/[id=id]',
		action: 'picture',
		good: { params: now, form: () => ({ file: jpeg() }) },
		bad: { params: now, form: { file: new File(['<svg/>'], 'photo.jpg') } },
		gone: { form: { file: jpeg() } }
	},
	{ page: 'menu/[id=id]', action: 'noPicture', good: { params: now } },
	{ page: 'menu/[id=id]', action: 'restore', gone: { form: { version: '1' } } },
	{
		page: 'menu/[id=id]',
		action: 'component',
		good: { params: now, form: () => ({ standsFor: 'red lentils' }) },
		gone: { form: { standsFor: 'onion' } }
	},
	{ page: 'menu/[id=id]', action: 'remove', gone: {} },
	{
		page: 'menu/day/[id=id]',
		action: 'add',
		good: { params: day, form: () => ({ dishId: String(there.dish) }) },
		bad: { params: day, form: { dishId: 'x' } },
		gone: { form: { dishId: '1' } }
	},
	{
		page: 'menu/day/[id=id]',
		action: 'set',
		bad: { params: day, form: { planned: '{', id: '1' } },
		gone: { form: { planned: '{"batches":1,"portions":[]}', id: '99999' } }
	},
	{
		page: 'menu/day/[id=id]',
		action: 'date',
		good: { params: day, form: () => ({ onDay: 'today' }) },
		bad: { params: day, form: { onDay: '31.31.31' } },
		gone: { form: { onDay: 'today' } }
	},
	{ page: 'menu/day/[id=id]', action: 'drop', gone: { form: { id: '1' } } },
	{ page: 'menu/day/[id=id]', action: 'remove', gone: {} },
	{
		page: 'shop/[id=id]',
		action: 'paid',
		good: { params: day, form: () => ({ key: 'onion', paidCents: '1.90' }) },
		bad: { params: day, form: { key: 'onion', paidCents: 'dear' } },
		gone: { form: { key: 'onion', paidCents: '1.90' } }
	},
	{ page: 'shop/[id=id]', action: 'order', gone: {} },
	{
		page: 'shop/[id=id]',
		action: 'take',
		good: {
			params: day,
			form: () => ({ taken: JSON.stringify([{ key: 'onion', comes: '2 × 1 kg net' }]) })
		},
		bad: { params: day, form: { taken: 'all of it' } },
		gone: { form: { taken: JSON.stringify([{ key: 'onion', comes: '2 × 1 kg net' }]) } }
	},
	{
		page: 'shop/[id=id]',
		action: 'component',
		good: { params: day, form: () => ({ item: 'onion', leftKg: '0.2' }), end: 'redirect' },
		bad: { params: day, form: { item: 'moon dust', leftKg: '1' } }
	},
	{
		page: 'shop/pantry',
		action: 'price',
		good: { form: () => ({ itemName: 'onion', sizeKg: '1 kg', priceCents: '2' }) },
		bad: { form: { itemName: 'moon dust' } }
	},
	{ page: 'shop/pantry', action: 'removePrice', good: { form: () => ({ id: '1' }) } },
	{
		page: 'shop/pantry',
		action: 'stock',
		good: { form: () => ({ itemName: 'onion', massKg: '1 kg' }) },
		bad: { form: { itemName: 'onion', massKg: '-1' } }
	},
	{
		page: 'shop/pantry',
		action: 'csv',
		good: { form: () => ({ csv: 'item,pack,weight,price,shop\nonion,bag,2 kg,3,' }) },
		bad: { form: { csv: 'nothing' } }
	},
	{
		page: 'shop/pantry',
		action: 'budget',
		good: { form: () => ({ budgetCents: '3.20' }) },
		bad: { form: { budgetCents: 'little' } }
	},
	{
		page: 'pack',
		action: 'default',
		good: {
			form: () => ({
				dishId: String(there.dish),
				count: '1',
				servings: '2',
				container: 'bag-3l',
				massKg: '1 kg',
				lengthM: '18 cm',
				widthM: '15 cm',
				packedOn: 'today',
				shelfId: '1'
			}),
			end: 'redirect'
		},
		bad: {
			form: {
				dishId: '1',
				count: '1',
				servings: '2',
				container: 'bag-3l',
				massKg: '4 kg',
				lengthM: '10 cm',
				widthM: '10 cm',
				packedOn: 'today',
				shelfId: '1'
			}
		}
	},
	{ page: 'freezer', action: 'find', bad: { form: { code: '!!' } } },
	{
		page: 'freezer/temperatures',
		action: 'add',
		good: { form: () => ({ freezerId: '1', temp: '-17' }) },
		bad: { form: { freezerId: '1', temp: 'cold' } }
	},
	{ page: 'freezer/temperatures', action: 'file', bad: { form: {} } },
	{ page: 'freezer/tables', action: 'look', bad: { form: { text: '' } } },
	{ page: 'freezer/already', action: 'default', bad: { form: { name: '' } } },
	{ page: 'household', action: 'kitchen', bad: { form: { altitudeM: 'high' } } },
	{ page: 'household/appliances', action: 'save', bad: { form: { slowCookerL: 'big' } } },
	{ page: 'household/freezers', action: 'freezer', bad: { form: { name: '' } } },
	{ page: 'household/copies', action: 'readBack', bad: { form: {} } },
	{ page: 'household/copies', action: 'look', bad: { form: { copy: 'x' } } },
	{
		page: 'household/device',
		action: 'passphrase',
		good: { form: () => ({ next: 'four words that differ' }) },
		bad: { form: { next: 'short' } }
	},
	{
		page: 'household/device',
		action: 'pair',
		good: { form: () => ({ name: 'Kitchen tablet' }) },
		bad: { form: {} }
	},
	{ page: 'household/device', action: 'out', good: { form: () => ({ id: 'nobody' }) } },
	{
		page: 'household/device',
		action: 'program',
		good: { form: () => ({ name: 'Display in the hall' }) },
		bad: { form: { name: 'x'.repeat(60) } }
	},
	{ page: 'household/device', action: 'programOut', good: { form: () => ({ id: 'nobody' }) } },
	{
		page: 'household/containers',
		action: 'default',
		good: { form: () => ({ 'tub-1l': '4' }) },
		bad: { form: { 'tub-1l': 'many' } }
	},
	{ page: 'household/rules', action: 'default', bad: { form: { firstGateMin: '3 h' } } },
	{ page: 'household/measure', action: 'slow', bad: { form: { waterC: 'warm' } } },
	{ page: 'household/measure', action: 'pressure', bad: { form: { comeUpMin: 'soon' } } },
	{ page: 'household/measure', action: 'oven', bad: { form: { setC: 'hot' } } },
	{ page: 'learn', action: 'accept', bad: { form: { key: 'twice 99' } } },
	{ page: 'learn', action: 'aside', bad: { form: { key: '<b>' } } },
	{ page: 'learn', action: 'unlearn', gone: { form: { dishId: '999' } } },
	{ page: 'start', action: 'kitchen', bad: { form: { altitudeM: 'high' } } },
	{ page: 'start', action: 'freezer', bad: { form: { name: '' } } },
	{
		page: 'table/[code]',
		action: 'assume',
		bad: { params: now, form: { assumed: '{"thicknessM":9}' } },
		gone: { form: { assumed: '' } }
	},
	{ page: 'table/[code]', action: 'log', bad: { params: now, form: {} }, gone: {} },
	{ page: 'table/[code]', action: 'enough', bad: { params: now, form: {} }, gone: {} },
	{
		page: 'undo',
		action: 'takeBack',
		good: { form: () => ({ id: '99999', from: '/menu' }), end: 'redirect' }
	},
	{
		page: 'undo',
		action: 'dismiss',
		good: { form: () => ({ id: '99999', from: 'https://elsewhere.example' }), end: 'redirect' }
	}
];

describe('every form action, on a real database', () => {
	for (const { page, action, good, bad, gone: missing } of cases) {
		if (bad)
			it(`${page} ${action}: what is wrong is refused in words, never a broken page`, async () => {
				const { end, status } = await act(page, action, { params: bad.params?.(), form: bad.form });
				assert.ok(end === 'refused' || end === 'error', `${end} ${status}`);
				assert.ok(status >= 400 && status < 500, String(status));
			});
		if (missing)
			it(`${page} ${action}: what is gone answers 404`, async () => {
				const { status } = await act(page, action, { params: gone, form: missing.form });
				assert.equal(status, 404);
			});
		if (good)
			it(`${page} ${action}: takes what is right`, async () => {
				const { end, data } = await act(page, action, {
					params: good.params?.(),
					form: good.form?.()
				});
				assert.equal(end, good.end ?? 'done', JSON.stringify(data));
			});
	}

	it('what a form of a dish stored is what its page reads', async () => {
		const dish = await getDish(db, there.dish);
		assert.equal(dish?.standsFor, 'red lentils');
		assert.deepEqual(dish?.allergens, ['celery']);
		assert.ok((await openUndos(db, 9)).length > 0);
	});
});

it('no action is without a case here', () => {
	// actions that need a server beside them, or more of a day than is worth it here: browser journeys drive them
	const elsewhere =
		/^(freezer bulk|freezer\/(count|power|tables)|freezer\/\[code\]|freezer\/temperatures follow|household\/freezers removeFreezer|household\/copies copy|household\/device signOut|labels |pack\/\[id=id\]|prep\/|shop\/pantry fromShop|start (appliances|later)|table\/\[code\] (?!assume|log|enough)|table\/sheet|table\/week)/;
	const known = new Set(cases.map(({ page, action }) => `${page} ${action}`));
	const pages = readdirSync('src/routes/(kitchen)', { recursive: true, encoding: 'utf8' })
		.filter((name) => name.endsWith('+page.server.ts'))
		.map((name) => `src/routes/(kitchen)/${name}`);
	const found = pages.flatMap((path) => {
		const text = readFileSync(path, 'utf8');
		const from = text.indexOf('export const actions');
		if (from < 0) return [];
		const page = path
			.replaceAll('\\', '/')
			.replace('src/routes/(kitchen)/', '')
			.replace('/+page.server.ts', '');
		return [...text.slice(from).matchAll(/^\t(\w+)(?::|,$)/gm)].map(
			([, name]) => `${page} ${name}`
		);
	});
	assert.ok(found.length > 40);
	assert.deepEqual(
		found.filter((name) => !known.has(name) && !elsewhere.test(name)),
		[]
	);
});
