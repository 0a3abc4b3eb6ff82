import assert from 'node:assert/strict';
import { it } from 'node:test';
import { once } from './once.ts';

const post = (body: string | FormData, path = '/menu?/add') => {
	const text = typeof body === 'string';
	return new Request(`http://127.0.0.1:4780${path}`, {
		method: 'POST',
		body,
		headers: text
			? {
					'content-type': 'application/x-www-form-urlencoded',
					'content-length': String(body.length)
				}
			: { 'content-length': '200' }
	});
};

it('twenty pairs of taps have one effect each, and both get its answer; another form, page or device has its own', async () => {
	let effects = 0;
	const answer = async () => {
		const number = ++effects;
		await new Promise((resolve) => setImmediate(resolve));
		return new Response(String(number));
	};
	for (let pair = 1; pair <= 20; pair++) {
		const tap = (at: number) => once(post(`name=dal${pair}&saidAtMs=${at}`), 'a', answer);
		const [one, two] = await Promise.all([tap(1), tap(2)]);
		assert.deepEqual([await one.text(), await two.text()], [String(pair), String(pair)]);
		// just after it was answered, too
		assert.equal(await (await tap(3)).text(), String(pair));
		assert.equal(effects, pair);
	}
	const form = () => {
		const data = new FormData();
		data.set('name', 'soup');
		return post(data);
	};
	await Promise.all([once(form(), 'a', answer), once(form(), 'a', answer)]);
	assert.equal(effects, 21);
	// by another name of this machine it is the same tap; by another device it is not
	const byName = post('name=dal21').url.replace('127.0.0.1', 'localhost');
	await once(post('name=dal21'), 'a', answer);
	await once(new Request(byName, post('name=dal21')), 'a', answer);
	assert.equal(effects, 22);
	await once(post('name=dal1'), 'b', answer);
	await once(post('name=dal1', '/menu?/other'), 'a', answer);
	await once(post('name=dal99'), 'a', answer);
	assert.equal(effects, 25);
	// added, taken back, and added again in a moment
	for (const path of ['/menu?/add', '/undo?/take', '/menu?/add'])
		await once(post('name=dal7', path), 'a', answer);
	assert.equal(effects, 28);
});

it('what fails may be sent again', async () => {
	let tries = 0;
	const answer = async (): Promise<Response> => {
		if (++tries === 1) throw new Error('no disk');
		return new Response('kept');
	};
	await assert.rejects(once(post('name=x'), 'c', answer));
	// as the framework sends a form that was refused
	const refused = async () => Response.json({ type: 'failure', status: 503, data: '[]' });
	await once(post('name=y'), 'c', refused);
	await new Promise((resolve) => setImmediate(resolve));
	for (const name of ['x', 'y'])
		assert.equal(await (await once(post(`name=${name}`), 'c', answer)).text(), 'kept');
});
