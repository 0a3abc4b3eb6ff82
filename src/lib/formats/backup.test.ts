import assert from 'node:assert/strict';
import { readFileSync, readdirSync } from 'node:fs';
import { describe, it } from 'node:test';
import { exportAll } from '../server/queries/backup.ts';
import { importAll } from '../server/writes/backup.ts';
import { openTestDb } from '../server/testing/index.ts';
import { backupText, readBackup, type Backup } from './backup.ts';
import { backupVersion } from './backup-versions.ts';

const dir = 'src/lib/formats/fixtures/exports';
const fixture = (name: string) => readFileSync(`${dir}/${name}`, 'utf8');

describe('exports of earlier releases, written by them (a few rows of the demo household are kept)', () => {
	for (const name of readdirSync(dir)) {
		const was = JSON.parse(fixture(name)) as Backup;
		it(`version ${was.version} is read, kept, and written again with nothing lost`, async () => {
			assert.ok(was.version < backupVersion);
			const read = readBackup(fixture(name));
			assert.ok(read.ok, read.ok ? '' : read.message);
			const { db, client } = await openTestDb();
			await importAll(db, read.backup);
			const again = await exportAll(db, 0);
			for (const [table, rows] of Object.entries(was.tables)) {
				const now = again.tables[table as keyof Backup['tables']] as object[];
				// what was there is there, beside what came since
				assert.equal(now.length, rows.length, table);
				for (const [i, row] of rows.entries())
					assert.deepEqual({ ...now[i], ...row }, now[i], table);
			}
			await client.close();
		});
	}
});

/** What a first export was like (docs/export-format.md): before appliances, days and events. */
it('version 1, as its format was described, is read', () => {
	const [oldest] = readdirSync(dir).filter((name) => name.endsWith('-5.json'));
	const file = JSON.parse(fixture(oldest)) as { version: number; tables: Record<string, unknown> };
	file.version = 1;
	const first = [
		'household',
		'freezers',
		'shelves',
		'dishes',
		'ingredientLines',
		'coolingRuns',
		'coolingReadings',
		'packings',
		'packs'
	];
	file.tables = Object.fromEntries(first.map((name) => [name, file.tables[name]]));
	for (const row of file.tables.household as Record<string, unknown>[]) delete row.oven;
	const read = readBackup(JSON.stringify(file));
	assert.ok(read.ok, read.ok ? '' : read.message);
	assert.deepEqual(read.backup.tables.household[0].oven, {});
	assert.deepEqual(read.backup.tables.cooks, []);
});

it('what no form would take is refused with its place: numbers, days, time zones, names, nesting', () => {
	const good = JSON.parse(fixture('version-11.json')) as Backup;
	const bad: [RegExp, (tables: Backup['tables']) => void][] = [
		[/no time zone/, (t) => (t.household[0].timeZone = 'Mars/Base')],
		[/massKg is -1/, (t) => (t.packings[0].massKg = -1)],
		[/coreC is 4000/, (t) => (t.packings[0].coreC = 4000)],
		[/no day/, (t) => (t.packings[0].packedOn = '2026-02-30')],
		[/createdAtMs/, (t) => (t.dishes[0].createdAtMs = 9e15)],
		[/too long/, (t) => (t.dishes[0].name = 'x'.repeat(300_000))],
		[/no text holds/, (t) => (t.dishes[0].name = 'a\0b')],
		[/is no name/, (t) => (t.household[0].oven = JSON.parse('{"__proto__":{"a":1}}') as object)],
		[
			/nested too deep/,
			(t) => (t.household[0].oven = JSON.parse('{"a":'.repeat(40) + '1' + '}'.repeat(40)) as object)
		]
	];
	for (const [says, change] of bad) {
		const file = structuredClone(good);
		change(file.tables);
		const read = readBackup(backupText(file));
		assert.match(read.ok ? 'read' : read.message, says);
	}
});
