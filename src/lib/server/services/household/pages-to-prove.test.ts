import assert from 'node:assert/strict';
import { readdirSync } from 'node:fs';
import { it } from 'node:test';
import { writeDish } from '../dishes/write-dish.ts';
import { aDish, openTestDb } from '../../testing/index.ts';
import { addDay } from '../../writes/days.ts';
import { pagesToProve } from './pages-to-prove.ts';

/** Pages that need what this test does not make (a pack, a cooling run, a cook sheet), or nothing of the household. */
const elsewhere = /\[code\]|labels|pack\/\[id=id\]|cool\/\[id=id\]|sheet|helper|sign-in/;

it('every screen there is has an address to be proven', async () => {
	const { db, client } = await openTestDb();
	await writeDish(db, aDish(), 0);
	await addDay(db, '2026-11-28', 0);
	const asked = await pagesToProve(db);
	const screens = readdirSync('src/routes', { recursive: true, encoding: 'utf8' })
		.filter((name) => /\+page(@.*)?\.svelte$/.test(name))
		.map((name) => `/${name.replace('(kitchen)/', '').replace(/\/?\+page(@.*)?\.svelte$/, '')}`);
	assert.ok(screens.length > 40);
	for (const screen of screens.filter((name) => !elsewhere.test(name))) {
		const pattern = new RegExp(`^${screen.replaceAll(/\[[^\]]+\]/g, '[\\w-]+')}(\\?.*)?$`);
		assert.ok(
			asked.some((path) => pattern.test(path)),
			screen
		);
	}
	await client.close();
});
