import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { PGlite } from '@electric-sql/pglite';
import { exportAll } from '../../queries/backup.ts';
import { aDish } from '../../testing/index.ts';
import type { Db } from '../../db/db.ts';
import { migrated } from '../../db/open.ts';
import { openDump } from '../../db/open-dump.ts';
import { writeDish } from '../dishes/write-dish.ts';
import { howFar, proveApart } from './prove-apart.ts';

/** The built application renders; what is shown is decided by it, not by this test. */
describe('a household is proven by a process of its own', () => {
	let db: Db;
	let client: PGlite;
	before(async () => {
		// what is proven is opened in memory, wherever it came from
		client = await openDump('build/prepared/empty.tar.gz');
		db = await migrated(client, 'drizzle');
		await writeDish(db, aDish({ name: 'Dal' }), 5);
	});
	after(() => client.close());

	it('every page of a sound one is rendered, it says how far it is, and this thread goes on meanwhile', async () => {
		const backup = await exportAll(db, 7);
		let longestWaitMs = 0;
		let last = performance.now();
		const seen = new Set<number>();
		const turn = setInterval(() => {
			longestWaitMs = Math.max(longestWaitMs, performance.now() - last);
			last = performance.now();
			seen.add(howFar()?.shown ?? -1);
		}, 10);
		const began = performance.now();
		const outcome = await proveApart({ backup });
		clearInterval(turn);
		assert.ok(outcome.ok);
		assert.equal(outcome.page, null);
		assert.ok(seen.size > 5, `${seen.size} steps were told`);
		// a thread that rendered itself would hold everything up for most of that time
		const tookMs = performance.now() - began;
		assert.ok(longestWaitMs < tookMs / 4, `${longestWaitMs} of ${tookMs} ms`);
		assert.equal(howFar(), null);
	});

	it('one that a page cannot show, and one that no database holds, are told', async () => {
		const backup = await exportAll(db, 7);
		const broken = structuredClone(backup);
		Object.assign(broken.tables.household[0], { slowCooker: {} });
		const shown = await proveApart({ backup: broken });
		assert.ok(shown.ok && shown.page !== null);
		const twice = structuredClone(backup);
		twice.tables.dishes.push(twice.tables.dishes[0]);
		const kept = await proveApart({ backup: twice });
		assert.match(kept.ok ? '' : kept.why, /duplicate key/);
	});
});
