import assert from 'node:assert/strict';
import { it } from 'node:test';
import { dishesOfDay } from '../../queries/days.ts';
import { aDish, openTestDb } from '../../testing/index.ts';
import { addDay } from '../../writes/days.ts';
import { writeDish } from '../dishes/write-dish.ts';
import { putDishOn, setPlannedDish } from './change-day.ts';

it('portions that were changed elsewhere meanwhile are not written over', async () => {
	const { db, client } = await openTestDb();
	const dayId = await addDay(db, '2027-03-06', 0);
	await putDishOn(db, dayId, await writeDish(db, aDish(), 0));
	const [row] = await dishesOfDay(db, dayId);
	const portions = row.portions.map(({ to, packs, servings }) => ({ to, packs, servings }));
	const shown = (batches: number) => JSON.stringify({ batches, portions });
	const set = (batches: number, seen?: string) =>
		setPlannedDish(db, row.id, { batches, portions }, seen);
	const opened = shown(row.batches);
	assert.equal(await set(2, opened), 'set');
	assert.equal(await set(3, opened), 'changed');
	assert.equal((await dishesOfDay(db, dayId))[0].batches, 2);
	assert.equal(await set(3, shown(2)), 'set');
	assert.equal(await setPlannedDish(db, 99_999, { batches: 1, portions }), 'gone');
	await client.close();
});
