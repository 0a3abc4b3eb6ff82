import assert from 'node:assert/strict';
import { it } from 'node:test';
import { fateOf, formTold, toldBy, type FormAnswer } from './fate.ts';

// RFC 9110, 15: 4xx is the request's own fault, 5xx the server's; 401, 408, 421, 425 and 429 say nothing of what was sent
it('an entry leaves a device when it was taken, or when it itself was refused; else it waits', () => {
	for (const status of [200, 204, 303]) assert.equal(fateOf(status), 'taken');
	for (const status of [400, 404, 409, 413, 422]) assert.equal(fateOf(status), 'refused');
	for (const status of [401, 408, 421, 429, 500, 502, 503, 507, 0])
		assert.equal(fateOf(status), 'later');
});

it('what is no answer of the application never takes an entry, whatever its status', () => {
	const read = (text: string) => formTold(JSON.parse(text) as FormAnswer, 200);
	const told = (status: number, text: string) => toldBy(status, text, read).fate;
	assert.equal(told(200, '{"type":"success","status":200}'), 'taken');
	// the page of a network that wants somebody to sign in, a proxy's own words
	for (const text of [
		'<html>welcome</html>',
		'',
		'{"error":"overloaded"}',
		'{"message":"x"}',
		'{"ty'
	])
		for (const status of [200, 302, 429, 502, 503]) assert.equal(told(status, text), 'later');
	assert.equal(told(404, 'gone'), 'refused');
	// a form's own answer comes with 200, and names its status inside
	assert.equal(told(200, '{"type":"failure","status":507,"data":"The disk is full."}'), 'later');
	const refused = '{"type":"failure","status":400,"data":{"errors":{"tempC":"No temperature."}}}';
	assert.deepEqual(toldBy(200, refused, read), { fate: 'refused', says: 'No temperature.' });
});
