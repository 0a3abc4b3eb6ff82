import assert from 'node:assert/strict';
import { X509Certificate } from 'node:crypto';
import { execFileSync } from 'node:child_process';
import { mkdtemp, readdir, rm, stat, writeFile } from 'node:fs/promises';
import { createServer, request } from 'node:https';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it } from 'node:test';
import { homeCertificate } from './authority.ts';

const dayMs = 86_400_000;
const called = { ips: ['192.168.1.20', 'fd00::5'], names: ['pantry.local', 'pantry'] };

/** Whether a client that knows the authority takes the server for the name it calls it by. */
function isTaken(port: number, ca: string, servername: string): Promise<boolean> {
	return new Promise((resolve) => {
		const asked = request({ host: '127.0.0.1', port, ca, servername, agent: false }, (answer) => {
			answer.resume();
			resolve(true);
		});
		asked.on('error', () => resolve(false));
		asked.end();
	});
}

it('one authority, a certificate for every name and address, made anew in time; others are not taken (Node’s TLS, openssl)', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-home-'));
	const nowMs = Date.now();
	const made = await homeCertificate(dir, called, nowMs);
	const again = await homeCertificate(dir, called, nowMs);
	assert.deepEqual(again, made);
	const certificate = new X509Certificate(made.cert);
	const authority = new X509Certificate(made.authority);
	assert.ok(certificate.verify(authority.publicKey) && certificate.checkIssued(authority));
	assert.equal(authority.fingerprint256, made.fingerprint);
	assert.ok(authority.ca && !certificate.ca);
	for (const ip of [...called.ips, '127.0.0.1']) assert.ok(certificate.checkIP(ip), ip);
	for (const name of [...called.names, 'localhost']) assert.ok(certificate.checkHost(name), name);
	assert.ok(!certificate.checkHost('elsewhere.example'));

	const server = createServer({ cert: made.cert, key: made.key }, (_, response) =>
		response.end('ok')
	);
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	const { port } = server.address() as AddressInfo;
	assert.equal(await isTaken(port, made.authority, 'pantry.local'), true);
	assert.equal(await isTaken(port, made.authority, 'elsewhere.example'), false);
	await new Promise((resolve) => server.close(resolve));

	// a move to another network, and a year later
	const moved = await homeCertificate(dir, { ...called, ips: ['10.0.0.7'] }, nowMs);
	assert.notEqual(moved.cert, made.cert);
	assert.equal(moved.authority, made.authority);
	const later = await homeCertificate(dir, { ...called, ips: ['10.0.0.7'] }, nowMs + 380 * dayMs);
	assert.ok(later.untilMs > nowMs + 700 * dayMs);
	for (const name of await readdir(dir))
		assert.equal((await stat(join(dir, name))).mode & 0o077, 0);

	// openssl's own check of the chain; outside the home the authority vouches for nothing
	const verify = (cert: string) =>
		execFileSync('openssl', ['verify', '-CAfile', join(dir, 'authority.crt'), cert], {
			encoding: 'utf8',
			stdio: 'pipe'
		});
	await writeFile(join(dir, 'moved.crt'), moved.cert);
	assert.match(verify(join(dir, 'moved.crt')), /OK/);
	const outside = await homeCertificate(dir, { ips: [], names: ['bank.example'] }, nowMs);
	await writeFile(join(dir, 'outside.crt'), outside.cert);
	assert.throws(() => verify(join(dir, 'outside.crt')), /permitted subtree violation/);
	await rm(dir, { recursive: true });
});
