import assert from 'node:assert/strict';
import fs from 'node:fs';
import { mkdtemp } from 'node:fs/promises';
import { syncBuiltinESMExports } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it, mock } from 'node:test';
import { DiskFailed, openDurable } from './durable-fs.ts';

// fsync(2): after an error what was to be written may be gone, and a second call may say that all is well
for (const code of ['EIO', 'EROFS'])
	it(`a disk that fails with ${code} is told of before anything more is acknowledged`, async () => {
		const dir = await mkdtemp(join(tmpdir(), 'almacen-failed-'));
		let failed: Error | null = null;
		await (await openDurable(join(dir, 'pg'))).close();
		const client = await openDurable(join(dir, 'pg'), {}, (error) => {
			failed ??= error;
			// the process ends here, in the middle of the call: whoever asked hears nothing
			throw error;
		});
		await client.exec('create table proof (n int)');
		const fails = () => {
			throw Object.assign(new Error(`${code}: it failed`), { code });
		};
		for (const name of ['fdatasyncSync', 'fsyncSync'] as const) mock.method(fs, name, fails);
		syncBuiltinESMExports();
		try {
			const wasTold = () => (failed as unknown) instanceof DiskFailed;
			const answered = client.query('insert into proof values (1)').then(wasTold, wasTold);
			assert.ok(await answered);
		} finally {
			mock.restoreAll();
			syncBuiltinESMExports();
		}
	});
