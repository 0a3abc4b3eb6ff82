import { expect, test } from './household';

test.use({ house: { name: 'offline', from: 'demo' }, serviceWorkers: 'allow' });

test('without a connection the kitchen’s screens open as last seen; a reading waits and is sent once', async ({
	page,
	context
}) => {
	await page.goto('/cool');
	await page.evaluate(() => navigator.serviceWorker.ready);
	// seen once with the worker in charge
	await page.reload();
	await page.locator('h2 a').first().click();
	await expect(page.getByRole('heading', { name: /^Readings/ })).toBeVisible();
	await page.reload();
	const readings = page.getByRole('heading', { name: /^Readings \(\d+\)/ });
	const before = Number(/\d+/.exec((await readings.textContent()) ?? '')?.[0]);

	await context.setOffline(true);
	await page.reload();
	await expect(readings).toBeVisible();
	await page.getByLabel('Reading in the middle').fill('31');
	await page.getByRole('button', { name: 'Note it' }).click();
	await expect(page.getByText('One entry waits on this device')).toBeVisible();
	await page.goto('/cool');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('cooling');
	await page.goBack();

	await context.setOffline(false);
	await expect(page.getByText('One entry waits on this device')).toBeHidden();
	await expect(page.getByRole('heading', { name: `Readings (${before + 1})` })).toBeVisible();
});

test('without a connection a pack is cooked and written about; all is sent once', async ({
	page,
	context
}) => {
	await page.goto('/table');
	await page.evaluate(() => navigator.serviceWorker.ready);
	await page.reload();
	await page
		.getByRole('link', { name: /Red lentil dal/ })
		.first()
		.click();
	const cooked = page.getByRole('button', { name: 'Mark it cooked' });
	await expect(cooked).toBeVisible();
	await page.reload();
	const card = page.url();

	await context.setOffline(true);
	await page.reload();
	await cooked.click();
	await expect(page.getByText('One entry waits on this device')).toBeVisible();
	await page.getByText('Time, core, a line for next time').click();
	await page.getByLabel('Cooked in').selectOption({ index: 1 });
	await page.getByLabel('Time really taken').fill('25 min');
	await page.getByLabel('Note for next time').fill('thinner than last time');
	await page.getByRole('button', { name: 'Keep it' }).click();
	await expect(page.getByText('2 entries wait on this device')).toBeVisible();

	await context.setOffline(false);
	await expect(page.getByText(/wait on this device/)).toBeHidden();
	await page.goto(card);
	await expect(page.getByText('“thinner than last time”')).toHaveCount(1);
	await expect(cooked).toBeHidden();
});

test('an entry waits through answers that say nothing of it, and one that is refused is shown until it is let go', async ({
	page,
	context
}) => {
	await page.goto('/cool');
	await page.locator('h2 a').first().click();
	const readings = page.getByRole('heading', { name: /^Readings \(\d+\)/ });
	await expect(readings).toBeVisible();
	const before = Number(/\d+/.exec((await readings.textContent()) ?? '')?.[0]);
	const waits = page.getByText('One entry waits on this device');
	let isOnline = false;
	const note = async (tempC: string) => {
		isOnline = false;
		await page.getByLabel('Reading in the middle').fill(tempC);
		await page.getByRole('button', { name: 'Note it' }).click();
		await expect(waits).toBeVisible();
	};
	const answers: { status: number; body: string }[] = [];
	const sent: number[] = [];
	await context.route(/\/cool\/\d+\?\/reading/, (route) => {
		if (!isOnline) return route.abort('internetdisconnected');
		const answer = answers[sent.length];
		sent.push(answer?.status ?? 200);
		return answer ? route.fulfill(answer) : route.fallback();
	});

	// a proxy, a sign-out elsewhere, a full disk as a form hears of it: none is the entry's fault
	answers.push(
		{ status: 502, body: '<html>bad gateway</html>' },
		{ status: 401, body: 'Sign in first.' },
		{
			status: 200,
			body: '{"type":"failure","status":507,"data":"[{\\"message\\":1},\\"The disk is full.\\"]"}'
		}
	);
	await note('31');
	isOnline = true;
	await expect(waits).toBeHidden({ timeout: 60_000 });
	expect(sent).toEqual([502, 401, 200, 200]);
	await expect(page.getByRole('heading', { name: `Readings (${before + 1})` })).toBeVisible();

	answers.length = sent.length;
	answers.push({
		status: 200,
		body: '{"type":"failure","status":400,"data":"[{\\"message\\":1},\\"That was no temperature.\\"]"}'
	});
	await note('30');
	isOnline = true;
	await expect(
		page.getByRole('alert').filter({ hasText: 'That was no temperature. It was: 30' })
	).toBeVisible();
	await expect(waits).toBeHidden();
	await page.reload();
	await page.getByRole('button', { name: 'Let it go' }).click();
	await expect(page.getByText('was not taken')).toBeHidden();
});
