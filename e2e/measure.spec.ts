import { expect, test } from './household';

test.use({ house: { name: 'measure', from: 'settled' } });

test('the water test corrects the slow cooker; nonsense is refused; the change can be taken back', async ({
	page
}) => {
	await page.goto('/household/measure');
	await page.getByLabel('It is now at').fill('17 °C');
	await page.getByRole('button', { name: 'Use it' }).first().click();
	await expect(page.getByText(/no slow cooker of this size does that/)).toBeVisible();
	await expect(page.getByLabel('It is now at')).toHaveValue('17 °C');
	await page.getByLabel('It is now at').fill('140 °F');
	await page.getByRole('button', { name: 'Use it' }).first().click();
	await expect(page.getByText(/On low it puts \d+ W into the pot/)).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText(/On low it puts/)).toBeHidden();
});

test('a pack as if it were thicker: computed at once, and back', async ({ page }) => {
	await page.goto('/table');
	await page
		.getByRole('link', { name: /Chicken with leek/ })
		.first()
		.click();
	await page.getByText('Every way, by every route').click();
	await expect(
		page.getByRole('heading', { level: 2, name: 'pressure cooker', exact: true })
	).toBeVisible();
	const slowLow = page.locator('section', {
		has: page.getByRole('heading', { level: 2, name: 'slow cooker, low' })
	});
	// the best ways stand first, the others are a tap away
	await page.getByText(/other ways?$/).click();
	await expect(slowLow.last()).toContainText('caution');
	await page.getByText('As if it were', { exact: true }).first().click();
	await page.getByLabel(/^Thickness/).fill('70');
	await page.getByLabel(/^Weight/).fill('2.5 kg');
	await expect(
		page.getByText(/As if 1 × 70 mm thick and 2\.\d+ kg: not what the label says\./)
	).toBeVisible();
	await expect(slowLow.last()).toContainText('refused', { timeout: 20_000 });
	await expect(slowLow.last()).toContainText('A better way takes', { timeout: 20_000 });
	await page.getByRole('button', { name: 'As it was packed' }).click();
	await expect(slowLow.last()).toContainText('caution');
});

test('an oven that runs cool: the card is computed anew and says where the label differs', async ({
	page
}) => {
	await page.goto('/household/measure');
	await page.getByLabel('The thermometer says').fill('155 °C');
	await page.getByRole('button', { name: 'Use it' }).last().click();
	await expect(page.getByText('Its air is −25 °C against what is set.')).toBeVisible();
	await page.goto('/table');
	await page
		.getByRole('link', { name: /Chicken with leek/ })
		.first()
		.click();
	await expect(page.getByText(/Computed with your appliances and limits/)).toBeVisible({
		timeout: 20_000
	});
	await page.getByText('Every way, by every route').click();
	for (const more of await page.getByText(/other ways?$/).all()) await more.click();
	const oven = page
		.locator('section', { has: page.getByRole('heading', { level: 2, name: /^oven/ }) })
		.last();
	await expect(oven).toContainText('The label says');
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText(/Computed with your appliances and limits/)).toBeHidden();
});

test('an assumption is kept for one pack, and taken back', async ({ page }) => {
	await page.goto('/table');
	await page
		.getByRole('link', { name: /Chicken with leek/ })
		.first()
		.click();
	await page.getByText('Every way, by every route').click();
	await page.getByText('As if it were', { exact: true }).first().click();
	await page.getByLabel(/^Thickness/).fill('60');
	await page.getByRole('button', { name: 'Keep for this pack' }).click();
	await expect(page.getByText(/^Kept for this pack/)).toBeVisible({ timeout: 20_000 });
	await page.reload();
	await expect(page.getByLabel(/^Thickness/)).toHaveValue('60');
	await expect(page.getByText(/^Kept for this pack/)).toBeVisible({ timeout: 20_000 });
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText(/^Kept for this pack/)).toBeHidden();
});

test('how a cook went is written down, and the oven learns from it', async ({ page }) => {
	await page.goto('/table');
	await page
		.getByRole('link', { name: /Chicken with leek/ })
		.first()
		.click();
	await page.getByRole('button', { name: 'Mark it cooked' }).click();
	await page.getByText('Time, core, a line for next time').click();
	await page.getByLabel('Time really taken').fill('soon');
	await page.getByRole('button', { name: 'not done yet' }).click();
	await expect(page.getByText(/^Time really taken: /)).toBeVisible();
	await page.getByLabel('Cooked in').selectOption({ label: 'oven 165 °C, covered' });
	await page.getByLabel('Time really taken').fill('1 h 20');
	await page.getByLabel('Core temperature then').fill('70');
	await page.getByRole('button', { name: 'not done yet' }).click();
	await expect(page.getByText('Written down; cooked 1 so far.')).toBeVisible();
	await page.getByRole('button', { name: 'enough', exact: true }).click();
	await expect(page.getByText('Was it enough?')).toBeHidden();
	await page.goto('/household/measure');
	await expect(page.getByText(/oven: 1 cook with a measured core/)).toBeVisible({
		timeout: 20_000
	});
	await page.goto('/table');
	await page.getByRole('button', { name: /can be taken back$/ }).click();
	for (let i = 0; i < 2; i++) {
		const lines = await page.getByRole('button', { name: 'Undo' }).count();
		await page.getByRole('button', { name: 'Undo' }).first().click();
		await expect(page.getByRole('button', { name: 'Undo' })).toHaveCount(lines - 1);
	}
	await expect(page.getByRole('link', { name: /Chicken with leek/ }).first()).toBeVisible();
});
