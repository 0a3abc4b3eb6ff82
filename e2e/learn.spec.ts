import { expect } from '@playwright/test';
import { test } from './household';

test.use({ house: { name: 'learn', from: 'demo' } });

test('what is worth changing is done by one tap, seen on the card, and taken back', async ({
	page
}) => {
	await page.goto('/learn?span=year');
	const slow = page.getByRole('listitem').filter({ hasText: 'The slow cooker is slower' });
	await expect(slow).toBeVisible({ timeout: 30_000 });
	await slow.getByRole('button', { name: 'Use it' }).click();
	await expect(page.getByText(/^slow cooker: 1\d\d % of the computed time/)).toBeVisible();
	await expect(slow).toBeHidden();
	await page.goto('/table');
	await page
		.getByRole('link', { name: /Lamb and apricot/ })
		.first()
		.click();
	await expect(page.getByText(/your own cooks have taught it something/)).toBeVisible();
	await page.getByText('Every way, by every route').click();
	await page
		.getByText(/other ways?$/)
		.first()
		.click();
	await expect(
		page
			.getByText(/As your own appliance cooks/)
			.filter({ visible: true })
			.first()
	).toBeVisible({ timeout: 30_000 });
	await page.goto('/learn');
	await page.getByRole('button', { name: 'As computed again' }).click();
	await expect(page.getByText('Nothing learned is in use')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText(/^slow cooker: 1\d\d % of the computed time/)).toBeVisible();
});

test('a dish says what follows where it is chosen again; not now is not asked again', async ({
	page
}) => {
	await page.goto('/menu');
	await page.getByRole('link', { name: 'Red lentil dal', exact: true }).first().click();
	const gone = page.getByRole('listitem').filter({ hasText: /gone within \d+ days, 4 times/ });
	await gone.getByRole('button', { name: 'Not now' }).click();
	await expect(gone).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await gone.getByRole('button', { name: 'Twice' }).click();
	await expect(gone).toBeHidden();
	await page.goto('/learn');
	await expect(page.getByText('Red lentil dal: 2 batches a day')).toBeVisible();
});

test('each figure opens its packs, each chart is a table, at phone width too', async ({ page }) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto('/learn?span=year');
	await page.getByRole('link', { name: /thrown away/ }).click();
	await expect(page.getByRole('cell', { name: 'freezer burnt' })).toHaveCount(2);
	await page.getByRole('link', { name: 'Back to Learn' }).click();
	await expect(page).toHaveURL(/span=year/);
	await page
		.locator('section', { has: page.getByRole('heading', { name: 'Best by, month by month' }) })
		.getByText('Its packs')
		.click();
	await page
		.getByRole('link', { name: /, packs in the freezer: \d+$/ })
		.first()
		.click();
	await expect(page.getByRole('heading', { name: 'Best by' })).toBeVisible();
	for (const of of ['flow', 'forecast', 'months', 'costs']) {
		const csv = await page.request.get(`/learn/chart.csv?of=${of}&span=year`);
		expect(csv.headers()['content-type']).toContain('text/csv');
		expect((await csv.text()).split('\r\n').length).toBeGreaterThan(3);
	}
	expect((await page.request.get('/learn/nothing')).status()).toBe(404);
});
