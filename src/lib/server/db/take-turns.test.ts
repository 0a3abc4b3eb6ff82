import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { openDump } from './open-dump.ts';
import { takingTurns } from './take-turns.ts';

describe('a database within the process that is asked long questions', () => {
	it('leaves others their turn between two of them, and answers as it would', async () => {
		const plain = await openDump('build/prepared/empty.tar.gz');
		const long = 'select count(*)::int as n from generate_series(1, 400000)';
		/** turns somebody else had while eight long questions were asked one after the other */
		const turnsOf = async (client: typeof plain) => {
			let turns = 0;
			const other = setInterval(() => turns++, 0);
			for (let i = 0; i < 8; i++)
				assert.deepEqual((await client.query(long)).rows, [{ n: 400_000 }]);
			clearInterval(other);
			return turns;
		};
		assert.equal(await turnsOf(plain), 0);
		const turns = await turnsOf(takingTurns(plain));
		assert.ok(turns > 0, String(turns));
		await assert.rejects(plain.query('select from nowhere'), /nowhere/);
		await plain.close();
	});
});
