import assert from 'node:assert/strict';
import { mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it } from 'node:test';
import { Attempts } from './attempts.ts';
import { gateOf, placeWithin } from './gate.ts';
import {
	accessFile,
	hasPassphrase,
	isSignedIn,
	setPassphrase,
	signIn,
	signOutEverywhere
} from './household-passphrase.ts';

const dayMs = 86_400_000;

it('a device signs in by the passphrase, stays for half a year, and out everywhere', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-access-'));
	assert.equal(hasPassphrase(dir), false);
	await assert.rejects(setPassphrase(dir, 'short'));
	await setPassphrase(dir, 'red lentils on tuesday');
	assert.equal(await signIn(dir, 'red lentils on wednesday', 0), null);
	const token = await signIn(dir, 'red lentils on tuesday', 0);
	assert.ok(token);
	assert.ok(await isSignedIn(dir, token, 100 * dayMs));
	assert.ok(!(await isSignedIn(dir, token, 200 * dayMs)));
	assert.ok(!(await isSignedIn(dir, `${token}x`, 0)) && !(await isSignedIn(dir, undefined, 0)));
	// neither can be read off the disk
	const kept = await readFile(accessFile(dir), 'utf8');
	assert.ok(!kept.includes(token) && !kept.includes('lentils'));
	assert.equal((await stat(accessFile(dir))).mode & 0o077, 0);
	await signOutEverywhere(dir);
	assert.ok(!(await isSignedIn(dir, token, 1)));
	await rm(dir, { recursive: true });
});

it('guessing ends after a few tries, for one address and for all', () => {
	const attempts = new Attempts();
	const tries = (from: string, n: number, atMs: number) =>
		Array.from({ length: n }, () => attempts.allow(from, atMs)).filter(Boolean).length;
	assert.equal(tries('a', 9, 0), 5);
	assert.equal(tries('b', 1, 0), 1);
	assert.equal(tries('a', 1, 16 * 60_000), 1);
	let all = 0;
	for (let i = 0; i < 50; i++) all += tries(`c${i}`, 1, 17 * 60_000);
	assert.ok(all < 30);
	attempts.clear('a');
	assert.equal(tries('a', 1, 40 * 60_000), 1);
});

it('who is asked: every device but the machine itself; a helper’s link and the calendar open what they open', () => {
	const ask = (more: Partial<Parameters<typeof gateOf>[0]>) =>
		gateOf({
			hasPassphrase: true,
			signedIn: false,
			pathname: '/freezer',
			method: 'GET',
			hostname: '192.168.1.20',
			clientAddress: '192.168.1.31',
			...more
		});
	assert.equal(ask({}), 'sign-in');
	assert.equal(ask({ method: 'POST' }), 'refused');
	assert.equal(ask({ signedIn: true }), 'open');
	assert.equal(ask({ hasPassphrase: false }), 'open');
	assert.equal(ask({ hostname: '127.0.0.1', clientAddress: '127.0.0.1' }), 'open');
	// a name that is only said, and a proxy beside it
	assert.equal(ask({ hostname: '127.0.0.1' }), 'sign-in');
	assert.equal(ask({ hostname: 'kitchen.example', clientAddress: '::1' }), 'sign-in');
	for (const pathname of ['/sign-in', '/helper/x', '/calendar/y', '/health'])
		assert.equal(ask({ pathname }), 'open');
	for (const pathname of ['/helpers', '/healthy', '/menu/sign-in'])
		assert.equal(ask({ pathname }), 'sign-in');
	assert.equal(placeWithin('/table?by=18:30'), '/table?by=18:30');
	for (const to of ['//evil.example', '/\\evil.example', 'https://evil.example', null])
		assert.equal(placeWithin(to), '/');
});
