import { readFile, writeFile } from 'node:fs/promises';
import { awake, expect, test, type Page } from './household';
import { pdfText, qrCodeIn } from './pdf';

test.use({ house: { name: 'first-slice', from: 'empty' } });

test.describe.configure({ mode: 'serial' });

let page: Page;
test.beforeAll(async ({ browser }) => {
	page = awake(await browser.newPage());
});
test.afterAll(() => page.close());

const lines = [
	'800 g chicken thighs, in pieces',
	'2 leeks, sliced',
	'1 tbsp mustard',
	'200 ml chicken stock',
	'a whisper of moonlight',
	'120 ml cream, on the day'
];
let packAddress = '';
let code = '';

test('settling in: three steps, with what is usual filled in', async () => {
	await page.goto('/');
	await expect(page).toHaveURL('/start');
	await page.getByLabel('Altitude').fill('1450 m');
	await page.getByLabel('Time zone').fill('Europe/Zurich');
	await expect(page.getByText('water boils at 95 °C there')).toBeVisible();
	await page.getByRole('button', { name: 'Next: appliances' }).click();
	await page.getByLabel('Pressure cooker holds').fill('6 L');
	await page.getByRole('button', { name: 'Next: freezer' }).click();
	await page.getByLabel('Name', { exact: true }).fill('chest freezer');
	await page.getByLabel('Room').fill('200 L');
	await page.getByLabel('Shelves or baskets').fill('top basket\nfloor');
	await page.getByRole('button', { name: 'Done: write the first dish' }).click();
	await expect(page).toHaveURL('/menu/new');
	// nothing frozen yet: as soon as possible has no answer, and says so
	await page.goto('/table?by=soon');
	await expect(page.getByText('Nothing is frozen yet.')).toBeVisible();
});

test('1 dish: pasted lines are understood or marked, the instruction is kept', async () => {
	await page.goto('/menu/new');
	await page.getByLabel('Name').fill('Chicken with leek and tarragon');
	await page.getByLabel('Servings').fill('4');
	await page.getByLabel('Goes into the freezer').selectOption('raw');
	await page.getByLabel('Kind').selectOption('lean-pieces');
	await page.getByLabel('Ingredients').fill(lines.join('\n'));
	await page.getByLabel('To add on the day').fill('120 mL cream, stirred in at the end');
	await page.getByLabel('Appliance').selectOption('pressure-cooker');
	await page.getByLabel('From', { exact: true }).selectOption('thawed');
	await page.getByLabel('Time from').fill('10 min');
	await page.getByLabel('to', { exact: true }).fill('12 min');
	await page.getByRole('button', { name: 'Save the dish' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(
		'Chicken with leek and tarragon'
	);
	await expect(page.getByRole('cell', { name: 'a whisper of moonlight' })).toBeVisible();
	for (const allergen of ['celery', 'milk', 'mustard'])
		await expect(page.getByText(allergen, { exact: true }).first()).toBeVisible();
	await expect(page.getByText('74 °C').first()).toBeVisible();
	// nobody knows what is in it until the one question is answered, by its digit
	await expect(page.getByText('not all known', { exact: true })).toBeVisible();
	const asked = page.getByRole('group', { name: /a whisper of moonlight/ });
	await asked.getByRole('button', { name: /seasoning/ }).focus();
	await page.keyboard.press('2');
	await page.getByRole('button', { name: 'Keep these answers' }).click();
	await expect(page.getByText('not all known', { exact: true })).toBeHidden();
});

test('a draft of a dish, its answers among it, survives a reload and Back, and can be thrown away', async () => {
	await page.goto('/menu/new');
	await page.getByLabel('Name').fill('Moonroot stew');
	await page.getByLabel('Ingredients').fill('2 glarks of moonroot\n1 kg carrots');
	const asked = page.getByRole('group', { name: /moonroot/ });
	await asked.getByRole('button', { name: /raw poultry/ }).click();
	await page.getByLabel('Servings').fill('6');
	await page.reload();
	await awake(page);
	await expect(page.getByText('What you had typed here is back')).toBeVisible();
	await expect(page.getByLabel('Ingredients')).toHaveValue('2 glarks of moonroot\n1 kg carrots');
	await expect(page.getByLabel('Servings')).toHaveValue('6');
	await expect(asked).toBeHidden();
	await page.goto('/menu');
	await page.goBack();
	await expect(page.getByLabel('Name')).toHaveValue('Moonroot stew');
	await page.getByRole('button', { name: 'Start afresh' }).click();
	await expect(page.getByLabel('Name')).toHaveValue('');
});

test('2 cool: forecast, gates, verdict, readings; the clock is in the strip on every screen', async () => {
	await page.goto('/menu/new');
	await page.getByLabel('Name').fill('Red lentil dal');
	await page.getByLabel('Servings').fill('6');
	await page.getByLabel('Goes into the freezer').selectOption('cooked');
	await page.getByLabel('Kind').selectOption('pulse-soup');
	await page
		.getByLabel('Ingredients')
		.fill('400 g red lentils\n2 onions, diced\n1 L vegetable stock');
	await page.getByRole('button', { name: 'Save the dish' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Red lentil dal');
	await page.goto('/cool/new');
	await page.getByLabel('Dish').selectOption({ label: 'Red lentil dal' });
	await page.getByLabel('What is cooling').fill('Dal, big pot');
	await page.getByLabel('Temperature now').fill('90');
	await page.getByLabel('Vessel').selectOption('pot');
	await page.getByLabel('Diameter inside').fill('24');
	await page.getByLabel('or its amount').fill('4 L');
	await page.getByLabel('Stands in or on').selectOption('counter');
	await page.getByRole('button', { name: 'Start the clock' }).click();
	await expect(page.getByText('fails as it stands').first()).toBeVisible();
	await expect(page.getByRole('img', { name: /Dal, big pot/ })).toBeVisible();
	await page.getByLabel('Reading in the middle').fill('88');
	await page.getByRole('button', { name: 'Note it' }).click();
	await expect(page.getByRole('cell', { name: '88 °C' })).toBeVisible();
	await page.getByRole('button', { name: 'Take out' }).click();
	const back = page.getByRole('status', { name: 'What can be taken back' });
	await expect(back).toContainText('88 °C');
	await back.getByRole('button', { name: 'Undo' }).click();
	await expect(page.getByRole('cell', { name: '88 °C' })).toBeVisible();
	const strip = page.getByRole('region', { name: 'Running clocks' });
	await expect(strip).toContainText('gate in');
	for (const path of ['/menu', '/freezer', '/table', '/household']) {
		await page.goto(path);
		await expect(strip).toContainText('Dal, big pot');
	}
	await page.reload();
	await expect(strip).toContainText('Dal, big pot');
});

test('3 pack: block, best-by with its source, codes', async () => {
	await page.goto('/pack');
	await page.getByLabel('Dish').selectOption({ label: 'Chicken with leek and tarragon' });
	await page.getByLabel('Packs').fill('2');
	await page.getByLabel('Net weight of each').fill('950 g');
	await page.getByText('zip bag, 3 L').click();
	await expect(page.getByText(/^1\d mm thick$/)).toBeVisible();
	await page.getByText('The block, if it differs from what is computed').click();
	await page.getByLabel('Length').fill('18');
	await page.getByLabel('Width').fill('15');
	await page.getByLabel('Thickness').fill('34 mm');
	await expect(page.getByText('34 mm thick')).toBeVisible();
	await page.getByRole('button', { name: 'Pack them' }).click();
	await expect(page.getByRole('heading', { level: 2, name: 'Labels' })).toBeVisible();
	packAddress = page.url();
	await expect(page.getByText('ruled by vegetables, raw')).toBeVisible();
	await page.getByRole('button', { name: /20\d\d$/ }).click();
	await expect(page.getByRole('dialog')).toContainText(
		'National Center for Home Food Preservation'
	);
	await page.keyboard.press('Escape');
	code = (await page.getByRole('cell').getByRole('link').first().innerText()).trim();
	expect(code).toMatch(/^[34679ACDEFGHJKMNPQRTWXY]{5}$/);
});

// Sheets sold everywhere, millimetres (common practice, from memory): the last row's labels.
const lastRow = {
	'a4-2x4': [4.65, 106.25].map((xMm) => ({
		xMm,
		yMm: 13.1 + 3 * 67.7,
		widthMm: 99.1,
		heightMm: 67.7
	})),
	'letter-2x3': [4, 110.4].map((xMm) => ({
		xMm,
		yMm: 12.7 + 2 * 84.7,
		widthMm: 101.6,
		heightMm: 84.7
	}))
};
for (const [sheet, start, pageCount] of [
	['a4-2x4', 7, 1],
	['letter-2x3', 6, 2]
] as const)
	test(`4 label: ${sheet} from position ${start}, text and QR codes read back`, async () => {
		const answer = await page.request.get(
			`/labels.pdf?packing=${packAddress.split('/').at(-1)}&paper=${sheet}&start=${start}`
		);
		expect(answer.headers()['content-type']).toBe('application/pdf');
		const path = test.info().outputPath('labels.pdf');
		await writeFile(path, await answer.body());
		const pages = await pdfText(new Uint8Array(await readFile(path)));
		expect(pages.length).toBe(pageCount);
		const text = pages.map((p) => p.text).join(' ');
		for (const words of [
			'Chicken with leek and tarragon',
			'1 of 2',
			'2 of 2',
			'best by',
			'4 servings',
			'950 g',
			'RAW',
			code,
			// what is good comes first; of five ways the paper has room for four
			'Pressure',
			'Oven 165 °C',
			'Hob, medium',
			'Slow low',
			'frozen',
			'thawed',
			'120 mL cream',
			'celery, milk, mustard',
			'74 °C'
		])
			expect(text.replace(/\s+/g, ' ')).toContain(words);
		// no label stands on a place that was used before: the first is in the last row
		expect(Math.max(...pages[0].items.map((item) => item.y))).toBeLessThan(pages[0].heightPt / 3);
		const codes = lastRow[sheet].map((region) => qrCodeIn(path, region));
		expect(codes).toContain(code);
		expect(codes.filter((found) => found === null)).toHaveLength(pageCount - 1);
	});

test('4 label: the page shows the sheet as it will print, from the first free label on', async () => {
	await page.goto(packAddress);
	await page.getByRole('link', { name: 'Print labels' }).click();
	await expect(page.getByRole('img', { name: 'As it will print, Page 1 of 1' })).toBeVisible();
	await page.getByRole('radio', { name: '8' }).check({ force: true });
	const link = page.getByRole('link', { name: 'Open the sheet (PDF)' });
	expect(await link.getAttribute('href')).toContain('start=8');
	await expect(page.getByText('Goes on over 2 sheets.')).toBeVisible();
	await expect(page.getByRole('img', { name: 'As it will print, Page 2 of 2' })).toBeVisible();
	// five ways and what is kept back: the paper says what it has no room for
	await expect(page.getByText(/ways of cooking that are not the best/)).toBeVisible();
});

test('5 freezer: use-first list, open by code however it is typed', async () => {
	await page.goto('/freezer');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('2 packs, 8 servings');
	const search = page.getByLabel('Search by dish, shelf or code');
	await search.fill('ZZZZZ');
	await search.press('Enter');
	await expect(page.getByText('Nothing in the freezer answers to that.')).toBeVisible();
	await search.fill(` ${code.toLowerCase()} `);
	await search.press('Enter');
	await expect(page).toHaveURL(`/freezer/${code}`);
});

test('5 freezer: a pack is discarded only with a reason, and is back by one tap', async ({
	page
}) => {
	await page.goto('/freezer');
	await page.locator('td a').first().click();
	await page.getByText('Use a part, split, move, give away, discard').click();
	await expect(async () => {
		await page.getByRole('button', { name: 'Discard it', exact: true }).click();
		await expect(page.getByText('Say in a word or two why')).toBeVisible();
	}).toPass();
	await page.getByLabel('Why is it discarded?').fill('freezer-burnt');
	await page.getByRole('button', { name: 'Discard it', exact: true }).click();
	await expect(page.getByText('Why: freezer-burnt.')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByRole('link', { name: 'Cook it: card and times' })).toBeVisible();
});

test('6 table: every appliance from both states, when to start, cooked and undone', async () => {
	await page.goto(`/table/${code}?by=18:30`);
	await page.getByText('Every way, by every route').click();
	for (const route of [
		'straight from frozen',
		'cold water until it bends',
		'thawed in the refrigerator'
	]) {
		await page.getByText(route, { exact: true }).click();
		for (const way of [
			'slow cooker, low',
			'slow cooker, high',
			'pressure cooker',
			'oven 165 °C, covered',
			'hob, medium'
		])
			// best first, the others a tap away
			await expect(async () => {
				const others = page.locator('details').filter({ has: page.getByText(/other ways?$/) });
				for (const one of await others.all())
					if ((await one.getAttribute('open')) === null)
						await one.locator('summary').first().click();
				await expect(page.getByRole('heading', { level: 2, name: way, exact: true })).toBeVisible({
					timeout: 500
				});
			}).toPass();
	}
	await expect(page.getByText('Out of the freezer by').first()).toBeVisible();
	await page.getByRole('button', { name: 'Mark it cooked' }).click();
	await expect(page.getByText('is out of the freezer')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByRole('button', { name: 'Mark it cooked' })).toBeVisible();
});

test('wrong input: a clear message, nothing typed is lost', async () => {
	await page.goto('/menu/new');
	await page.getByLabel('Name').fill('Endless soup');
	await page.getByLabel('Servings').fill('400');
	await page.getByLabel('Ingredients').fill('\n');
	await page.getByRole('button', { name: 'Save the dish' }).click();
	await expect(page.getByText('Servings: at most 100.')).toBeVisible();
	await expect(page.getByText('Ingredients: paste or type at least one line.')).toBeVisible();
	await expect(page.getByLabel('Name')).toHaveValue('Endless soup');
	await page.getByLabel('Ingredients').evaluate((area: HTMLTextAreaElement) => {
		area.value = '200 g lentils\n'.repeat(150_000);
		area.dispatchEvent(new Event('input', { bubbles: true }));
	});
	// the browser itself needs seconds to lay out that many lines
	await page.getByRole('button', { name: 'Save the dish' }).click({ timeout: 40_000 });
	await expect(page.getByText(/more than one recipe/)).toBeVisible({ timeout: 20_000 });
	await expect(page.getByLabel('Name')).toHaveValue('Endless soup');

	await page.goto('/pack');
	await page.getByLabel('Dish').selectOption({ label: 'Chicken with leek and tarragon' });
	await page.getByLabel('Packs').fill('2');
	await page.getByLabel('Net weight of each').fill('-3 kg');
	await page.getByLabel('Best by').fill('Jan 1 2024');
	await page.getByRole('button', { name: 'Pack them' }).click();
	await expect(page.getByText('Weight of each: at least')).toBeVisible();
	await expect(page.getByText(/Best by: that day/)).toBeVisible();
	await expect(page.getByLabel('Net weight of each')).toHaveValue('-3 kg');

	await page.goto('/cool/new');
	await page.getByLabel('Temperature now').fill('300 °C');
	await page.getByRole('button', { name: 'Start the clock' }).click();
	await expect(page.getByText('Temperature now: at most 105 °C.')).toBeVisible();
	await expect(page.getByLabel('Temperature now')).toHaveValue('300 °C');
});

test('the server refuses what the browser would have, and keeps the text', async ({ browser }) => {
	const context = await browser.newContext({ javaScriptEnabled: false });
	const plain = await context.newPage();
	await plain.goto('/cool/new');
	await plain.getByLabel('What is cooling').fill('Lava');
	await plain.getByLabel('Temperature now').fill('300 °C');
	await plain.getByRole('button', { name: 'Start the clock' }).click();
	await expect(plain.getByText('Temperature now: at most 105 °C.')).toBeVisible();
	await expect(plain.getByLabel('What is cooling')).toHaveValue('Lava');
	await context.close();
});

test('an address that is none says so', async () => {
	for (const path of ['/cool/999', '/cool/soup', '/table/ZZZZZ', '/menu/99999999999']) {
		const answer = await page.goto(path);
		expect(answer?.status()).toBe(404);
		await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
	}
});
