import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from '@playwright/test';

/** Every screen, found by walking the links of each station. */
async function addresses(page: Page): Promise<string[]> {
	const first = async (list: string, link: string) => {
		await page.goto(list);
		return page.locator(link).first().getAttribute('href');
	};
	const pack = await first('/freezer', 'td a');
	const packing = await first('/pack', 'table.ledger a[href^="/pack/"]');
	const found = [
		'/start?step=1',
		'/start?step=2',
		'/start?step=3',
		'/menu',
		await first('/menu', 'td a'),
		'/menu/new',
		'/menu/import',
		await first('/menu', 'a[href^="/menu/day/"]'),
		'/shop',
		'/shop/pantry',
		'/prep',
		`${(await first('/prep', 'a[href$="/run"]')) ?? ''}`,
		'/cool',
		await first('/cool', 'section a'),
		'/cool/new',
		'/pack',
		packing,
		`${packing}/fill`,
		'/freezer',
		pack,
		`/labels?codes=${pack?.split('/').at(-1)}`,
		'/freezer/already',
		'/freezer/count',
		'/freezer/scan',
		'/freezer/power?hours=30',
		'/freezer/temperatures',
		'/freezer/tables',
		'/household/containers',
		'/table',
		`/table/${pack?.split('/').at(-1)}`,
		'/household',
		'/household/rules',
		'/household/measure',
		'/nowhere'
	];
	for (const address of found) expect(address, found.join(' ')).toBeTruthy();
	return found as string[];
}

for (const colorScheme of ['light', 'dark'] as const)
	test(`axe (WCAG 2.2 A, AA) finds nothing on any screen, ${colorScheme}`, async ({ browser }) => {
		test.setTimeout(300_000);
		const context = await browser.newContext({ colorScheme });
		const page = await context.newPage();
		for (const address of await addresses(page)) {
			await page.goto(address);
			const axe = new AxeBuilder({ page });
			// dark differs in its colours only
			const { violations } = await (
				colorScheme === 'dark'
					? axe.withRules(['color-contrast'])
					: axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
			).analyze();
			const found = violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html).join(' ')}`);
			expect(found, address).toEqual([]);
		}
		await page.goto('/freezer');
		// keys are listened to once the page has come alive
		await expect(async () => {
			await page.keyboard.press('?');
			await expect(page.getByRole('dialog')).toBeVisible({ timeout: 500 });
		}).toPass();
		expect((await new AxeBuilder({ page }).analyze()).violations.map((v) => v.id)).toEqual([]);
		await context.close();
	});

test('nothing is wider than a phone', async ({ browser }) => {
	const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const page = await context.newPage();
	for (const address of await addresses(page)) {
		await page.goto(address);
		const width = await page.evaluate(() => document.documentElement.scrollWidth);
		expect(width, address).toBeLessThanOrEqual(390);
	}
	await context.close();
});
