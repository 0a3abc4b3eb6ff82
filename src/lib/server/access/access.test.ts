import assert from 'node:assert/strict';
import { mkdtemp, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it } from 'node:test';
import { Attempts } from './attempts.ts';
import { gateOf, placeWithin } from './gate.ts';
import { addProgram, listPrograms, programOf, removeProgram } from './programs.ts';
import {
	accessFile,
	finishPairing,
	hasPassphrase,
	isSignedIn,
	pairingOf,
	setPassphrase,
	signedInDevices,
	signIn,
	signOutDevice,
	signOutEverywhere,
	startPairing
} from './household-passphrase.ts';

const dayMs = 86_400_000;

it('a device signs in by the passphrase, stays for half a year, and out everywhere', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-access-'));
	assert.equal(hasPassphrase(dir), false);
	await assert.rejects(setPassphrase(dir, 'short'));
	await setPassphrase(dir, 'red lentils on tuesday');
	assert.equal(await signIn(dir, 'red lentils on wednesday', 'phone', 0), null);
	const token = await signIn(dir, 'red lentils on tuesday', 'phone', 0);
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

it('a code lets one device in, once, for five minutes; a device is listed by its name and sent out by itself', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-pair-'));
	assert.equal(await startPairing(dir, 'tablet', 0), null, 'without a passphrase nobody is let in');
	await setPassphrase(dir, 'red lentils on tuesday');
	const late = (await startPairing(dir, 'late', 0))!;
	const code = (await startPairing(dir, 'Kitchen tablet', 0))!;
	assert.equal(await pairingOf(dir, code, 1), 'Kitchen tablet');
	const [one, two] = await Promise.all([finishPairing(dir, code, 1), finishPairing(dir, code, 1)]);
	assert.ok(one && two === null, 'two at once: one of them');
	assert.equal(await finishPairing(dir, late, 5 * 60_000), null);
	assert.equal(await finishPairing(dir, 'x', 1), null);
	const phone = (await signIn(dir, 'red lentils on tuesday', 'phone', 2))!;
	const listed = await signedInDevices(dir, phone, 3);
	assert.deepEqual(
		listed.map(({ name, isThis }) => [name, isThis]),
		[
			['phone', true],
			['Kitchen tablet', false]
		]
	);
	await signOutDevice(dir, listed[1].id);
	assert.deepEqual([await isSignedIn(dir, one, 4), await isSignedIn(dir, phone, 4)], [false, true]);
	assert.ok(!(await readFile(accessFile(dir), 'utf8')).includes(one));
	await rm(dir, { recursive: true });
});

it('a program has a token of its own until it is taken away', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-programs-'));
	const token = (await addProgram(dir, 'weather station', 5))!;
	assert.equal((await programOf(dir, `Bearer ${token}`))?.name, 'weather station');
	for (const said of [null, token, `Bearer ${token}x`, 'Bearer ', `Basic ${token}`])
		assert.equal(await programOf(dir, said), null);
	const [one] = await listPrograms(dir);
	assert.ok(!JSON.stringify(one).includes(token) && !('hash' in one));
	await removeProgram(dir, one.id);
	assert.equal(await programOf(dir, `Bearer ${token}`), null);
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
