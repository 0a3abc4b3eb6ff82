import assert from 'node:assert/strict';
import { it } from 'node:test';
import { copyAgeS, health } from './health.ts';
import { openTestDb } from './testing/index.ts';

it('says what wants a hand, and when nothing is answered', async () => {
	const { db, client } = await openTestDb();
	const well = { hasRoom: true, copyAgeS: 60, upS: 1e6, thermometerAnswers: true };
	assert.deepEqual((await health(db, well)).status, 'ok');
	const ill = { hasRoom: false, copyAgeS: 3 * 86_400, thermometerAnswers: false };
	for (const [name, value] of Object.entries(ill)) {
		const { status, checks } = await health(db, { ...well, [name]: value });
		assert.equal(status, 'degraded');
		assert.equal(Object.values(checks).filter((check) => check !== 'ok').length, 1, name);
	}
	assert.equal(
		(await health(db, { ...well, copyAgeS: copyAgeS([], 0) })).checks.copies,
		'degraded'
	);
	assert.equal((await health(db, { ...well, copyAgeS: NaN, upS: 60 })).status, 'ok');
	await client.close();
	assert.equal((await health(db, well)).status, 'down');
});
