import assert from 'node:assert/strict';
import { chmod, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it } from 'node:test';
import { makeCopy } from '../copies/copy-folder.ts';
import { openDatabase } from '../db/open.ts';
import { saveHousehold } from '../writes/household.ts';
import { examine } from './examine.ts';

it('says in words what is well and what wants a hand', async () => {
	const dataDir = await mkdtemp(join(tmpdir(), 'almacen-doctor-'));
	try {
		const nowMs = Date.UTC(2026, 10, 24);
		const empty = await examine(dataDir, nowMs);
		assert.ok(empty.some((f) => !f.good && /no database/.test(f.says)));

		const opened = await openDatabase({
			dataDir,
			migrationsDir: 'drizzle',
			preparedDump: 'build/prepared/empty.tar.gz'
		});
		await makeCopy(opened.client, dataDir, nowMs);
		await opened.close();
		assert.deepEqual(
			(await examine(dataDir, nowMs)).filter((f) => !f.good),
			[]
		);

		const again = await openDatabase({ dataDir, migrationsDir: 'drizzle' });
		await saveHousehold(again.db, { limits: { dangerH: 9 } });
		await again.close();
		await chmod(dataDir, 0o755);
		const ill = (await examine(dataDir, nowMs + 30 * 86_400_000)).filter((f) => !f.good);
		const says = ill.map((f) => f.says).join('\n');
		assert.match(says, /looser than adopted/);
		assert.match(says, /30 days ago/);
		assert.match(says, /chmod 700/);
	} finally {
		await rm(dataDir, { recursive: true });
	}
});
