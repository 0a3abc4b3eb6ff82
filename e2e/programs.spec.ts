import { expect, test } from './household';

test.use({ house: { name: 'programs', from: 'settled' } });

test('another program reads packs and writes readings and deeds with a token of its own, until it is taken away', async ({
	page,
	request,
	baseURL
}) => {
	const api = `${baseURL}/api/v1`;
	expect((await request.get(`${api}/packs`)).status()).toBe(401);
	// an address written otherwise is the same address
	expect((await request.get(api.replace('/api/', '/%61pi/') + '/packs')).status()).toBe(401);
	expect((await request.get(`${api}/openapi.json`)).ok()).toBe(true);
	await page.goto('/household/device');
	await page.getByRole('button', { name: 'Make a token' }).click();
	await expect(page.getByText('Name: what is it called here?')).toBeVisible();
	await page.getByLabel('Name').last().fill('Display in the hall');
	await page.getByRole('button', { name: 'Make a token' }).click();
	const token = (await page.getByText('It is shown this once').locator('code').textContent())!;
	const headers = { authorization: `Bearer ${token.trim()}` };
	const listed = (await (await request.get(`${api}/packs`, { headers })).json()) as {
		packs: { code: string; status: string; version: number }[];
		total: number;
	};
	expect(listed.total).toBeGreaterThan(0);
	const [pack] = listed.packs;
	const deeds = `${api}/packs/${pack.code}/deeds`;
	const deed = (data: object) => request.post(deeds, { headers, data });
	expect((await deed({ deed: 'eaten up' })).status()).toBe(422);
	expect((await deed({ deed: 'discarded' })).status()).toBe(422);
	expect((await deed({ deed: 'cooked', version: pack.version + 1 })).status()).toBe(409);
	expect((await deed({ deed: 'cooked', version: pack.version })).status()).toBe(200);
	const after = await (await request.get(`${api}/packs/${pack.code}`, { headers })).json();
	expect(after.status).toBe('cooked');
	const { freezers } = await (await request.get(`${api}/freezers`, { headers })).json();
	const readings = [{ atMs: Date.now() - 60_000, tempC: -18.5 }];
	const send = () =>
		request.post(`${api}/freezers/${freezers[0].id}/readings`, { headers, data: { readings } });
	expect(await (await send()).json()).toEqual({ added: 1 });
	expect(await (await send()).json()).toEqual({ added: 0 });
	const nowhere = await request.post(`${api}/freezers/99/readings`, {
		headers,
		data: { readings }
	});
	expect(nowhere.status()).toBe(404);
	const calendar = await (await request.get(`${api}/calendar.ics`, { headers })).text();
	expect(calendar).toContain('BEGIN:VCALENDAR');
	// what it did stands on the page like a deed of anybody
	await page.goto(`/freezer/${pack.code}`);
	await expect(page.getByText(/cooked/i).first()).toBeVisible();
	await page.goto('/household/device');
	await page.getByRole('button', { name: 'Take the token of Display in the hall away' }).click();
	await expect(page.getByText('Display in the hall')).toBeHidden();
	expect((await request.get(`${api}/packs`, { headers })).status()).toBe(401);
});

test('health says what wants a hand, metrics are for a collector on this machine', async ({
	request
}) => {
	expect(await (await request.get('/health')).json()).toMatchObject({
		status: 'ok',
		checks: { database: 'ok', disk: 'ok' }
	});
	const text = await (await request.get('/metrics')).text();
	expect(text).toMatch(
		/almacen_request_seconds_count\{route="\/health",method="GET",status="2xx"\} \d/
	);
	expect(text).not.toContain('Red lentil');
});
