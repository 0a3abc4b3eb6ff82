import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './household';
import { addresses, faultsOf } from './screens';

test.use({ house: { name: 'accessibility-first', from: 'demo' } });

test('the first half of the screens, each loaded once: axe finds nothing in light or dark, and nothing is wider than a phone', async ({
	page
}) => {
	test.setTimeout(300_000);
	const mine = (await addresses(page)).filter((_, i) => i % 2 === 0);
	expect(await faultsOf(page, mine)).toEqual([]);
});

test('the list of keys opens by its key, and axe finds nothing in it', async ({ page }) => {
	await page.goto('/freezer');
	// keys are listened to once the page has come alive
	await expect(async () => {
		await page.keyboard.press('?');
		await expect(page.getByRole('dialog')).toBeVisible({ timeout: 500 });
	}).toPass();
	expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
});
