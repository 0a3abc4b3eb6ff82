import assert from 'node:assert/strict';
import { cpSync } from 'node:fs';
import { mkdtemp, rm, truncate, open as openFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import type { PGlite } from '@electric-sql/pglite';
import { openDatabase } from '../open.ts';
import { rawRows } from '../raw-rows.ts';
import { aDish, openTestDb } from '../../testing/index.ts';
import { writeDish } from '../../services/dishes/write-dish.ts';
import { addFreezer } from '../../writes/household.ts';
import { checkRows } from './index.ts';

const open = (dataDir: string) =>
	openDatabase({
		dataDir,
		migrationsDir: 'drizzle',
		preparedDump: 'build/prepared/empty.tar.gz'
	});
const filesOf = async (client: PGlite, kind: 'r' | 'i') =>
	(
		await client.query<{ name: string; path: string; rows: number; bytes: number }>(
			`select c.relname as name, pg_relation_filepath(c.oid) as path, greatest(c.reltuples, 0)::int as rows, pg_relation_size(c.oid)::int as bytes
			from pg_class c join pg_namespace n on n.oid = c.relnamespace where n.nspname = 'public' and c.relkind = $1 order by 1`,
			[kind]
		)
	).rows;

/** Each of these by one kind of damage or another. */
const tried = ['dishes', 'household', 'row_counts', 'shelves'];
const triedOf = { emptied: [0, 2], 'a page zeroed': [1], 'a byte turned': [3] } as const;

describe('a database is sound, or does not start', () => {
	let dir: string;
	let sound: string;
	let tables: { name: string; path: string }[];
	let indexes: { name: string; path: string }[];
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-sound-'));
		sound = join(dir, 'sound');
		const opened = await open(sound);
		for (const name of ['Red lentil dal', 'Plain rice'])
			await writeDish(opened.db, aDish({ name }), 0);
		await addFreezer(opened.db, {
			name: 'chest',
			volumeL: 200,
			setC: -18,
			shelves: ['top', 'floor']
		});
		await opened.client.exec('analyze');
		tables = (await filesOf(opened.client, 'r')).filter(({ name }) => tried.includes(name));
		assert.equal(tables.length, tried.length);
		indexes = (await filesOf(opened.client, 'i')).filter(({ bytes }) => bytes > 8192);
		await opened.close();
	});
	after(() => rm(dir, { recursive: true }));

	const hurt = async (path: string, how: 'emptied' | 'a page zeroed' | 'a byte turned') => {
		const folder = join(dir, 'hurt');
		await rm(folder, { recursive: true, force: true });
		cpSync(sound, folder, { recursive: true });
		const file = join(folder, 'pg', path);
		if (how === 'emptied') await truncate(file, 0);
		else {
			const handle = await openFile(file, 'r+');
			const bytes = Buffer.alloc(
				how === 'a byte turned' ? 1 : 8192,
				how === 'a byte turned' ? 0xa5 : 0
			);
			await handle.write(bytes, 0, bytes.length, how === 'a byte turned' ? 8100 : 0);
			await handle.close();
		}
		return folder;
	};

	// a zeroed page passes PostgreSQL's own check: its rows are simply gone
	for (const how of ['emptied', 'a page zeroed', 'a byte turned'] as const)
		it(`no table that is ${how} is taken for sound`, async () => {
			for (const { name, path } of tables.filter(({ name }) =>
				triedOf[how].some((i) => tried[i] === name)
			)) {
				const folder = await hurt(path, how);
				await assert.rejects(
					open(folder),
					({ name: kind, message }: Error) =>
						(kind === 'DatabaseUnsound' || kind === 'DatabaseDamaged') &&
						/npm run doctor/.test(message),
					`${name} ${how}`
				);
			}
		});

	it('an index that is damaged is made anew, and nothing is missing', async () => {
		for (const { path, name } of indexes.slice(0, 1)) {
			const folder = await hurt(path, 'a byte turned');
			const opened = await open(folder);
			assert.deepEqual((await checkRows(opened.db)).unsound, [], name);
			await opened.close();
		}
	});

	it('what is lost can be accepted, once and by whoever starts it', async () => {
		const folder = await hurt(tables.find(({ name }) => name === 'dishes')!.path, 'emptied');
		process.env.ALMACEN_ACCEPT_LOSS = 'yes';
		try {
			await (await open(folder)).close();
		} finally {
			delete process.env.ALMACEN_ACCEPT_LOSS;
		}
		await (await open(folder)).close();
	});

	it('a database older than it was is not started on', async () => {
		const folder = join(dir, 'older');
		cpSync(sound, folder, { recursive: true });
		const later = await open(folder);
		await writeDish(later.db, aDish({ name: 'Goulash' }), 0);
		await later.close();
		await rm(join(folder, 'pg'), { recursive: true });
		cpSync(join(sound, 'pg'), join(folder, 'pg'), { recursive: true });
		await assert.rejects(open(folder), { name: 'DatabaseBehind' });
	});
});

it('rows are counted by whatever moves them: any statement, undone or not, any number of them (property)', async () => {
	const { db, client } = await openTestDb();
	const deed = fc.oneof(
		fc.record({
			kind: fc.constant('in' as const),
			n: fc.integer({ min: 0, max: 4 }),
			undone: fc.boolean()
		}),
		fc.record({
			kind: fc.constant('out' as const),
			n: fc.integer({ min: 0, max: 4 }),
			undone: fc.boolean()
		}),
		fc.record({ kind: fc.constant('all' as const), n: fc.constant(0), undone: fc.boolean() })
	);
	await fc.assert(
		fc.asyncProperty(fc.array(deed, { maxLength: 8 }), async (deeds) => {
			for (const { kind, n, undone } of deeds)
				await db
					.transaction(async (tx) => {
						if (kind === 'in')
							await tx.execute(
								sql`insert into freezers (name, volume_l, set_c) select 'chest', 200, -18 from generate_series(1, ${n}::int)`
							);
						// its shelves go with a freezer
						else if (kind === 'out')
							await tx.execute(
								sql`delete from freezers where id in (select id from freezers limit ${n}::int)`
							);
						else await tx.execute(sql`truncate freezers cascade`);
						if (undone) tx.rollback();
					})
					.catch((error: Error) => assert.match(error.message, /Rollback/i));
			assert.deepEqual((await checkRows(db)).unsound, []);
			const [{ n }] = await rawRows<{ n: number }>(
				db,
				sql`select n::float8 as n from row_counts where name = 'freezers'`
			);
			assert.equal((await checkRows(db)).counts.freezers, n);
		}),
		{ numRuns: 8 }
	);
	await client.close();
});
