import assert from 'node:assert/strict';
import { it } from 'node:test';
import { sql } from 'drizzle-orm';
import { problem } from './log.ts';
import { openTestDb } from './testing/index.ts';

it('what somebody typed is not in what a database error is logged as, its code and place are', async () => {
	const { db, client } = await openTestDb();
	const typed = 'aunt Olga’s borscht';
	const failed = await db
		.execute(sql`select ${typed}::int, 1/0`)
		.then(() => assert.fail('it cannot be computed'))
		.catch((error: unknown) => error);
	// the error itself quotes it: there is something to keep out
	assert.ok(JSON.stringify([String(failed), String((failed as Error).cause)]).includes(typed));
	const said = JSON.stringify(problem(failed));
	assert.ok(!said.includes('Olga'), said);
	assert.match(said, /22P02/);
	assert.match(said, /log\.test/);
	await client.close();
});
