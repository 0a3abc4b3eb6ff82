import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from './household';

test.use({ house: { name: 'screens', from: 'demo' } });

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

test('every screen, loaded once: axe (WCAG 2.2 A, AA) finds nothing in light or dark, and nothing is wider than a phone', async ({
	page
}) => {
	test.setTimeout(300_000);
	const wide = { width: 1280, height: 800 };
	const faults: string[] = [];
	const look = async (address: string, axe: AxeBuilder) => {
		const { violations } = await axe.analyze();
		for (const { id, nodes } of violations)
			faults.push(`${address} ${id}: ${nodes.map((node) => node.html).join(' ')}`);
	};
	for (const address of await addresses(page)) {
		await page.setViewportSize(wide);
		await page.emulateMedia({ colorScheme: 'light' });
		await page.goto(address);
		await look(
			address,
			new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
		);
		// dark differs in its colours only
		await page.emulateMedia({ colorScheme: 'dark' });
		await look(`${address} (dark)`, new AxeBuilder({ page }).withRules(['color-contrast']));
		await page.setViewportSize({ width: 390, height: 844 });
		// pictures draw themselves anew after the turn
		await expect
			.poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: address })
			.toBeLessThanOrEqual(390);
	}
	expect(faults).toEqual([]);
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
