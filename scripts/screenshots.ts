import { chromium } from '@playwright/test';

/** Takes a picture of each main view from a running demo: `npm run screenshots -- [FOLDER] [only,these]`. */
const folder = process.argv[2] ?? 'docs/screenshots';
const only = process.argv[3]?.split(',');
const base = process.env.ALMACEN_URL ?? 'http://127.0.0.1:4780';
const browser = await chromium.launch({
	executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
	args: ['--no-sandbox', '--disable-dev-shm-usage']
});
const desktop = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const scout = await (await browser.newContext()).newPage();
const first = async (list: string, link: string) => {
	await scout.goto(base + list);
	// what is not there has no picture
	const found = scout.locator(link).first();
	return (await found.count()) > 0 ? found.getAttribute('href') : null;
};
const chicken = await first('/freezer', 'td a:has-text("Chicken")');
const packing = await first('/pack', 'table.ledger a[href^="/pack/"]:has-text("Pork")');
const dish = await first('/menu', 'a.title:has-text("Chicken")');
const day = await first('/menu', 'a[href^="/menu/day/"]');
const dayId = day?.split('/').at(-1);
const sheet = await first('/table', 'a[href^="/table/sheet/"]');
const code = chicken?.split('/').at(-1);

const views = [
	{ name: 'menu', path: '/menu', size: desktop },
	{ name: 'dish', path: dish, size: desktop },
	{ name: 'day', path: day, size: desktop },
	{ name: 'shop', path: '/shop', size: desktop },
	{ name: 'prep', path: '/prep', size: desktop },
	{ name: 'run-sheet', path: `/prep/${dayId}/run`, size: desktop },
	{ name: 'run-sheet-phone', path: `/prep/${dayId}/run`, size: phone },
	{ name: 'cool', path: '/cool', size: desktop },
	{ name: 'cool-phone', path: '/cool', size: phone },
	{ name: 'pack', path: '/pack?dish=1', size: desktop, fill: { massKg: '900 g', count: '3' } },
	{ name: 'labels', path: `/labels?packing=${packing?.split('/').at(-1)}`, size: desktop },
	{ name: 'fill-phone', path: `${packing}/fill`, size: phone },
	{ name: 'freezer', path: '/freezer', size: desktop },
	{ name: 'freezer-phone', path: '/freezer', size: phone },
	{ name: 'table', path: '/table', size: desktop },
	{ name: 'cook-card', path: `/table/${code}`, size: desktop },
	{ name: 'week', path: '/table/week', size: desktop },
	{ name: 'learn', path: '/learn?span=year', size: desktop },
	{ name: 'cook-sheet-phone', path: sheet, size: phone }
];
for (const view of views) {
	if (!view.path || (only && !only.includes(view.name))) continue;
	const page = await (await browser.newContext({ viewport: view.size })).newPage();
	page.on(
		'console',
		(message) => message.type() === 'error' && console.log(view.name, message.text())
	);
	page.on('pageerror', (error) => console.log(view.name, String(error)));
	await page.goto(base + view.path);
	await page.waitForLoadState('load');
	// what is still being drawn is waited for
	await page.getByText('Drawing the pages').first().waitFor({ state: 'hidden' });
	await page.waitForTimeout(900);
	if ('fill' in view && view.fill) {
		for (const [id, text] of Object.entries(view.fill)) await page.fill(`#${id}`, text);
		await page.waitForTimeout(2500);
		await page.evaluate(() => scrollTo(0, 0));
	}
	await page.screenshot({ path: `${folder}/${view.name}.png` });
	await page.close();
}
await browser.close();
