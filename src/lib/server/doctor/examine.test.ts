import assert from 'node:assert/strict';
import { cpSync, rmSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { makeCopy } from '../copies/copy-folder.ts';
import { openDatabase } from '../db/open.ts';
import { aDish } from '../testing/index.ts';
import { damages, marksOf, type Marks } from '../testing/damage.ts';
import { writeDish } from '../services/dishes/write-dish.ts';
import { saveHousehold } from '../writes/household.ts';
import { examine } from './examine.ts';

const nowMs = Date.UTC(2026, 10, 24);

describe('a data folder looked over', () => {
	let dir: string;
	let sound: string;
	let marks: Marks;
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-doctor-'));
		sound = join(dir, 'sound');
		const opened = await openDatabase({
			dataDir: sound,
			migrationsDir: 'drizzle',
			preparedDump: 'build/prepared/empty.tar.gz'
		});
		for (const name of ['Red lentil dal', 'Plain rice'])
			await writeDish(opened.db, aDish({ name }), nowMs);
		marks = await marksOf(opened.client);
		await makeCopy(opened, sound, nowMs);
		await opened.close();
	});
	after(() => rm(dir, { recursive: true }));

	const bad = async (dataDir: string, atMs = nowMs) =>
		(await examine(dataDir, atMs)).filter((finding) => !finding.good).map(({ says }) => says);

	it('is well', async () => assert.deepEqual(await bad(sound), []));

	// `npm run soak` tries the others as well; each opens a database in a process of its own
	const inside = ['newest copy changed', 'dishes cut off', 'log overwritten'];
	for (const { name, says, outside, apply } of damages) {
		if (!outside && !inside.includes(name)) continue;
		it(`says what it is: ${name}`, async () => {
			const hurt = join(dir, 'hurt');
			cpSync(sound, hurt, { recursive: true });
			await apply(hurt, marks);
			const said = (await bad(hurt)).join('\n');
			rmSync(hurt, { recursive: true });
			assert.match(said, says!);
			if (/Put a copy back/.test(said)) assert.match(said, /npm run restore|no sound copy/i);
		});
	}

	it('says what does not make sense', async () => {
		const again = await openDatabase({ dataDir: sound, migrationsDir: 'drizzle' });
		await saveHousehold(again.db, { limits: { dangerH: 9 } });
		await again.close();
		const said = (await bad(sound, nowMs + 30 * 86_400_000)).join('\n');
		assert.match(said, /looser than adopted/);
		assert.match(said, /30 days ago/);
	});
});
