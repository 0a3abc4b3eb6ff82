import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from './household';

/** Every screen, found by walking the links of each station. */
export async function addresses(page: Page): Promise<string[]> {
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
		await first('/menu', 'a.title'),
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
		`/freezer/trip?codes=${pack?.split('/').at(-1)}`,
		'/freezer/already',
		'/freezer/count',
		'/freezer/scan',
		'/freezer/power?from=2026-11-20T10:00&to=2026-11-21T20:00',
		'/pack/day/1',
		'/prep/1/after',
		'/freezer/temperatures',
		'/freezer/tables',
		'/household/containers',
		'/table',
		'/table/week',
		'/learn?span=year',
		'/learn/made?span=year',
		'/table/still-good',
		'/freezer/defrost',
		`/table/${pack?.split('/').at(-1)}`,
		'/household',
		'/household/appliances',
		'/household/freezers',
		'/household/copies',
		'/household/device',
		'/help/packing-day',
		'/household/rules',
		'/household/measure',
		'/pair/over',
		'/nowhere'
	];
	for (const address of found) expect(address, found.join(' ')).toBeTruthy();
	return found as string[];
}

/** Loads each screen once: axe (WCAG 2.2 A, AA) in light and dark, and its width on a phone. What was found. */
export async function faultsOf(page: Page, screens: readonly string[]): Promise<string[]> {
	const wide = { width: 1280, height: 800 };
	const faults: string[] = [];
	const look = async (address: string, axe: AxeBuilder) => {
		const { violations } = await axe.analyze();
		for (const { id, nodes } of violations) {
			// a bar of the day's ruler is as long as its minutes: WCAG 2.2, 2.5.8, where the presentation is essential
			const counted = nodes.filter(({ html }) => id !== 'target-size' || !/class="bar /.test(html));
			if (counted.length > 0)
				faults.push(`${address} ${id}: ${counted.map((node) => node.html).join(' ')}`);
		}
	};
	// no frames to look into: it needs no page of its own for them
	const axe = () => new AxeBuilder({ page }).setLegacyMode();
	for (const address of screens) {
		await page.setViewportSize(wide);
		await page.emulateMedia({ colorScheme: 'light' });
		await page.goto(address);
		await look(address, axe().withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa']));
		// dark differs in its colours only
		await page.emulateMedia({ colorScheme: 'dark' });
		await look(`${address} (dark)`, axe().withRules(['color-contrast']));
		await page.setViewportSize({ width: 390, height: 844 });
		// pictures draw themselves anew after the turn
		await expect
			.poll(() => page.evaluate(() => document.documentElement.scrollWidth), { message: address })
			.toBeLessThanOrEqual(390);
	}
	return faults;
}
