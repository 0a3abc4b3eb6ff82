import assert from 'node:assert/strict';
import { it } from 'node:test';
import { fateOf } from './fate.ts';

// RFC 9110, 15: 4xx is the request's own fault, 5xx the server's; 401, 408, 421, 425 and 429 say nothing of what was sent
it('an entry leaves a device when it was taken, or when it itself was refused; else it waits', () => {
	for (const status of [200, 204, 303]) assert.equal(fateOf(status), 'taken');
	for (const status of [400, 404, 409, 413, 422]) assert.equal(fateOf(status), 'refused');
	for (const status of [401, 408, 421, 429, 500, 502, 503, 507, 0])
		assert.equal(fateOf(status), 'later');
});
