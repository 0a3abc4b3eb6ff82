import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { admit, configuredOrigins, type Asking } from './admit.ts';

const asking = (more: Partial<Asking>): Asking => ({
	method: 'POST',
	host: '127.0.0.1:4780',
	origin: 'http://127.0.0.1:4780',
	contentType: 'application/json',
	localAddress: '127.0.0.1',
	...more
});
const configured = configuredOrigins('https://kitchen.example, http://pi:4780');
const outcome = (more: Partial<Asking>) => {
	const admission = admit(asking(more), configured);
	return admission.outcome === 'refused' ? admission.status : admission.scheme;
};

// RFC 9110, 15.5.20 (421: not the server for this authority); RFC 6454, 7 (Origin)
describe('who is answered', () => {
	it('laptop and phone both save, each by the name it calls the server', () => {
		for (const [host, localAddress] of [
			['127.0.0.1:4780', '127.0.0.1'],
			['localhost:4780', '127.0.0.1'],
			['[::1]:4780', '::1'],
			['192.168.1.20:4780', '::ffff:192.168.1.20'],
			['[fd00::5]:4780', 'fd00::5'],
			['pi:4780', '192.168.1.20'],
			['LOCALHOST:4780', '127.0.0.1']
		])
			assert.equal(
				outcome({ host, origin: `http://${host.toLowerCase()}`, localAddress }),
				'http',
				host
			);
		assert.equal(outcome({ host: 'kitchen.example', origin: 'https://kitchen.example' }), 'https');
	});

	it('a name that was made to point here reads nothing', () => {
		for (const host of [
			'rebound.example',
			'127.0.0.1.rebound.example',
			'192.168.1.20:4780',
			'localhost@rebound.example',
			'localhost/../x',
			'',
			undefined
		])
			for (const method of ['GET', 'HEAD', 'OPTIONS', 'POST'])
				assert.equal(outcome({ host, method, origin: `http://${host}` }), 421, String(host));
	});

	it('a page of another site writes nothing, nor does one that does not say where it is from', () => {
		for (const origin of [
			'http://rebound.example',
			'http://127.0.0.1:4781',
			'https://127.0.0.1:4780',
			'http://localhost:4780',
			'null',
			undefined
		])
			for (const method of ['POST', 'PUT', 'PATCH', 'DELETE'])
				assert.equal(outcome({ origin, method }), 403, String(origin));
		assert.equal(outcome({ method: 'GET', origin: undefined }), 'http');
	});

	it('what a form of another site can send without asking is no JSON', () => {
		assert.equal(outcome({ contentType: 'text/plain' }), 415);
		assert.equal(outcome({ contentType: 'application/jsonp' }), 415);
		assert.equal(outcome({ contentType: 'application/json; charset=utf-8' }), 'http');
		assert.equal(outcome({ contentType: 'image/x-portable-bitmap' }), 'http');
		assert.equal(outcome({ contentType: 'multipart/form-data; boundary=x' }), 'http');
	});

	it('settings that are no addresses are told at the start', () => {
		assert.throws(() => configuredOrigins('kitchen.example'), /write addresses such as/);
		assert.throws(() => configuredOrigins('ftp://pi'), /ALMACEN_ORIGIN/);
		assert.deepEqual(configuredOrigins(undefined), []);
	});
});
