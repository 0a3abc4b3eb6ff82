import assert from 'node:assert/strict';
import { it } from 'node:test';
import { openDump } from './open-dump.ts';
import { migrated } from './open.ts';
import { tidyTables } from './tidy.ts';

it('room of rows that are gone is used again, and the planner knows how many there are (PostgreSQL 24.1)', async () => {
	const client = await openDump('build/prepared/empty.tar.gz');
	await migrated(client, 'drizzle');
	const bytes = async () => {
		const { rows } = await client.query<{ n: number }>(
			`select pg_table_size('packing_days')::int as n`
		);
		return rows[0].n;
	};
	const fill = () =>
		client.exec(
			`insert into packing_days (on_day, created_at_ms) select '2026-11-28', n from generate_series(1, 5000) n`
		);
	await fill();
	const once = await bytes();
	for (let i = 0; i < 4; i++) {
		await client.exec('delete from packing_days');
		await tidyTables(client);
		await fill();
	}
	await tidyTables(client);
	assert.ok((await bytes()) < once * 1.5, `${await bytes()} of ${once} bytes`);
	const { rows } = await client.query<{ n: number }>(
		`select reltuples::int as n from pg_class where relname = 'packing_days'`
	);
	assert.equal(rows[0].n, 5000);
	await client.close();
});
