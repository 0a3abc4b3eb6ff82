import assert from 'node:assert/strict';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import fc from 'fast-check';
import { dayIn } from '../lib/present/time.ts';
import type { Db } from '../lib/server/db/db.ts';
import { exportAll } from '../lib/server/queries/backup.ts';
import { frozenPacks } from '../lib/server/queries/packs.ts';
import { startCooling } from '../lib/server/services/cooling/start-cooling.ts';
import { writeDish } from '../lib/server/services/dishes/write-dish.ts';
import { packDish } from '../lib/server/services/packs/pack-dish.ts';
import { householdAccess } from '../lib/server/access/household-access.ts';
import { plainAddress, plainForm } from '../lib/server/access/clean-request.ts';
import { aDish, inlineCompute, openTestDb, type TestClient } from '../lib/server/testing/index.ts';
import { addDay, addDayDish } from '../lib/server/writes/days.ts';
import { addFreezer, saveHousehold } from '../lib/server/writes/household.ts';
import { match as matchesId } from '../params/id.ts';
import { readBackup, backupText } from '../lib/formats/backup.ts';

/** How many inputs are tried: more with `npm run soak`. */
// what a page makes of its input is the same on a server; fewer of them show that what it asks is taken there, too
const usual = process.env.ALMACEN_TEST_DATABASE_URL ? 500 : 2000;
const inputs = Number(process.env.ALMACEN_FUZZ) || usual;
const seed = Number(process.env.ALMACEN_FUZZ_SEED) || 20261126;
const root = 'src/routes/';

type Handler = (event: object) => unknown;
interface Target {
	name: string;
	route: string;
	handler: Handler;
	posts: boolean;
	fields: string[];
}

let db: Db;
let client: TestClient;
let codes: string[];
const accessDir = mkdtempSync(join(tmpdir(), 'almacen-fuzz-'));

/** Names a page's script and its forms speak of. */
function namesIn(file: string): string[] {
	const text = readFileSync(file, 'utf8');
	return [...text.matchAll(/name="(\w[\w-]*)"|raw\.(\w+)|get\('(\w+)'\)/g)].map(
		([, a, b, c]) => a ?? b ?? c
	);
}
const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).map((name) => root + name);

interface RouteModule {
	load?: Handler;
	actions?: Record<string, Handler>;
	GET?: Handler;
	POST?: Handler;
}
/** These ask the framework's own modules, which are there in a build only: the journeys call them. */
const inBuildOnly = /\(kitchen\)\/(labels|help)\/|\.pdf\//;

async function targets(): Promise<Target[]> {
	const found: Target[] = [];
	for (const file of files.filter((name) => /\+(page|layout)?\.?server\.ts$/.test(name))) {
		if (inBuildOnly.test(file)) continue;
		const module = (await import(`./${file.slice(root.length)}`)) as RouteModule;
		const route = file.slice(root.length).replace(/\/?\+[\w.@()]+\.ts$/, '');
		const page = files.filter(
			(name) => dirname(name) === dirname(file) && name.endsWith('.svelte')
		);
		const fields = [...new Set([...namesIn(file), ...page.flatMap(namesIn)])];
		const add = (name: string, handler: Handler | undefined, posts: boolean) =>
			handler && found.push({ name: `${route} ${name}`, route, handler, posts, fields });
		add('load', module.load, false);
		add('GET', module.GET, false);
		add('POST', module.POST, true);
		for (const [name, action] of Object.entries(module.actions ?? {})) add(name, action, true);
	}
	return found;
}

const nasty = fc.oneof(
	{
		weight: 4,
		arbitrary: fc.constantFrom(
			'',
			' ',
			'0',
			'1',
			'2',
			'-1',
			'999999999999',
			'1e308',
			'NaN',
			'null',
			'{}',
			'[]',
			'[{}]',
			'{"a":1}',
			'true',
			'on',
			'today',
			'2026-11-26',
			'2026-02-30',
			'9999-12-31',
			'0001-01-01',
			'18:30',
			'25:99',
			'1 kg',
			'900 g',
			'-3 °C',
			'1/0',
			'½',
			'=1+1',
			'<b>x</b>',
			"'; drop table packs; --",
			'../../etc/passwd',
			'\u0000',
			'\ud800',
			'\u202Ex',
			'٣',
			'1,5',
			'slow-cooker:low',
			'frozen',
			'freezer',
			'pot'
		)
	},
	{ weight: 2, arbitrary: fc.string({ unit: 'binary', maxLength: 40 }) },
	{ weight: 1, arbitrary: fc.json({ maxDepth: 2 }) },
	{ weight: 1, arbitrary: fc.double().map(String) },
	{ weight: 1, arbitrary: fc.integer().map(String) },
	{
		weight: 1,
		arbitrary: fc.constantFrom('x'.repeat(20_000), '1\n'.repeat(5_000), '['.repeat(3000))
	}
);
const ids = fc.oneof(
	{ weight: 5, arbitrary: fc.constantFrom('1', '2') },
	{ weight: 1, arbitrary: fc.constantFrom('0', '-1', '999999', '2147483648', '9e9', 'x') }
);

/** What this process has worked so far: on a busy machine the clock on the wall says more of the others than of it, ms. */
const workedMs = (): number => {
	const { user, system } = process.cpuUsage();
	return (user + system) / 1000;
};

/** What is computed in a worker's thread keeps nobody waiting: it does not count as the server's time. */
let computedMs = 0;
const timedCompute: typeof inlineCompute = async (job, asked, watch) => {
	const from = workedMs();
	try {
		return await inlineCompute(job, asked, watch);
	} finally {
		computedMs += workedMs() - from;
	}
};

function eventOf(
	target: Target,
	asked: { id: string; code: number; form: [number, string][]; query: [number, string][] }
) {
	const known = target.fields;
	const nameAt = (n: number) => (known.length ? known[n % known.length] : 'x');
	const form = new FormData();
	for (const [n, value] of asked.form) form.set(nameAt(n), value === '#code' ? codes[0] : value);
	const url = new URL('http://127.0.0.1:4780/');
	for (const [n, value] of asked.query) url.searchParams.set(nameAt(n), value);
	plainAddress(url);
	const code = codes[asked.code % codes.length] ?? 'ZZZZZ';
	const text = asked.form[0]?.[1] ?? '';
	const headers = new Headers({ 'content-type': 'application/json' });
	// an address whose number is none does not come this far
	const id = matchesId(asked.id) ? asked.id : '999999';
	return {
		params: { id, code, figure: 'made', token: 'x' },
		url,
		route: { id: `/${target.route}` },
		request: {
			formData: async () => plainForm(form),
			json: async () => JSON.parse(text) as unknown,
			text: async () => text,
			headers,
			signal: new AbortController().signal,
			body: null,
			method: target.posts ? 'POST' : 'GET'
		},
		cookies: { get: () => undefined, set: () => undefined },
		setHeaders: () => undefined,
		getClientAddress: () => '127.0.0.1',
		depends: () => undefined,
		untrack: <T>(f: () => T) => f(),
		parent: async () => ({}),
		isDataRequest: false,
		locals: {
			db,
			device: 'x',
			compute: timedCompute,
			readPasted: async () => ({ recipes: [], problems: [] }),
			access: householdAccess(accessDir, undefined),
			addresses: ['http://192.168.1.20:4780'],
			install: null,
			hasRoom: async () => true,
			freeBytes: async () => 1e9,
			trial: { preparedDump: 'build/prepared/empty.tar.gz', migrationsDir: 'drizzle' },
			readExported: async (text: string) => readBackup(text),
			copies: {
				list: async () => [],
				make: async () => ({ name: '', madeAtMs: 0, bytes: 0 }),
				path: (name: string) => name
			}
		}
	};
}

const input = fc.record({
	at: fc.nat(),
	id: ids,
	code: fc.nat(3),
	form: fc.array(fc.tuple(fc.nat(), nasty), { maxLength: 12 }),
	query: fc.array(fc.tuple(fc.nat(), nasty), { maxLength: 4 })
});

before(async () => {
	({ db, client } = await openTestDb());
	const nowMs = Date.now();
	const today = dayIn(nowMs, 'UTC');
	await saveHousehold(db, { settledAtMs: nowMs });
	await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
	const dishId = await writeDish(db, aDish(), nowMs);
	const pack = { dishId, count: 3, servings: 2, container: 'bag-1l', massKg: 0.6 } as const;
	await packDish(db, inlineCompute, { ...pack, packedOn: today, shelfId: 1 }, nowMs);
	const pot = { lengthM: 0.24, volumeL: 4, startC: 90, lid: false, stirred: false };
	await startCooling(db, { dishId, name: 'Dal', vessel: 'pot', place: 'counter', ...pot }, nowMs);
	const dayId = await addDay(db, today, nowMs);
	await addDayDish(db, { dayId, dishId, portions: [{ to: 'freezer', packs: 1, servings: 4 }] });
	codes = (await frozenPacks(db)).map(({ code }) => code);
});
after(async () => {
	await client.close();
	rmSync(accessDir, { recursive: true });
});

describe('anything may be sent to any page', () => {
	it('it is taken or refused in words, in time; nothing breaks, and what is stored reads back', async () => {
		const all = await targets();
		const skip = /live|probes|\/reading|order|label-printer|printer/i;
		const tried = all.filter(({ name }) => !skip.test(name));
		const broken = new Map<string, string>();
		const slow = new Map<string, number>();
		for (const asked of fc.sample(input, { numRuns: inputs, seed })) {
			const target = tried[asked.at % tried.length];
			const from = workedMs();
			computedMs = 0;
			try {
				const answer = (await target.handler(eventOf(target, asked))) as unknown;
				if (answer && typeof answer === 'object')
					for (const value of Object.values(answer)) if (value instanceof Promise) await value;
			} catch (thrown) {
				const { status } = thrown as { status?: number };
				if (typeof status !== 'number' || status >= 500)
					broken.set(
						target.name,
						`${String(thrown).slice(0, 200)} ${JSON.stringify(asked).slice(0, 300)} ${(thrown as Error).stack?.split('\n').slice(1, 6).join('|')}`
					);
			}
			const took = workedMs() - from - computedMs;
			if (took > 1000) slow.set(target.name, Math.max(took, slow.get(target.name) ?? 0));
		}
		if (process.env.FUZZ_SHOW) for (const [n, e] of broken) console.log(n, '\n   ', e);
		if (process.env.FUZZ_SHOW) console.log(slow);
		assert.deepEqual([...broken.keys()], []);
		assert.deepEqual([...slow.keys()], [], 'more than a second of work');
		const read = readBackup(backupText(await exportAll(db, 0)));
		assert.ok(read.ok, read.ok ? '' : read.message);
	});
});
