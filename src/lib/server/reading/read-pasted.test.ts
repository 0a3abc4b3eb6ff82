import assert from 'node:assert/strict';
import { after, before, it } from 'node:test';
import { startReading } from './read-pasted.ts';

let reading: ReturnType<typeof startReading>;
before(() => (reading = startReading()));
after(() => reading.stop());

it('400 kB of nested tags are given up and told, and neither this thread nor the next paste waits for them', async () => {
	const began = performance.now();
	let turns = 0;
	const turn = setInterval(() => turns++, 20);
	const hostile = `<html>${'<div><p><b>'.repeat(400_000 / 11)}`;
	const [given, next] = await Promise.all([
		reading.readPasted(hostile, 'page'),
		reading.readPasted('Dal\nServes 4\n300 g red lentils', 'paste')
	]);
	clearInterval(turn);
	assert.equal(given.recipes.length, 0);
	assert.match(given.problems[0].message, /took too long|no schema.org Recipe/);
	assert.deepEqual(
		next.recipes.map(({ name }) => name),
		['Dal']
	);
	// this thread went on all the while
	assert.ok(turns > (performance.now() - began) / 200, `${turns} turns`);
});
