import { rmSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { awake } from './household';
import { server } from './server';

const dataDir = 'test-results/keyboard-data';
const address = 'http://127.0.0.1:4861';

/** What a screen reader would call the focused thing. */
const focusedName = (page: Page) =>
	page.evaluate(() => {
		const element = document.activeElement as HTMLInputElement | null;
		return (
			element?.getAttribute('aria-label') ??
			element?.labels?.[0]?.innerText ??
			element?.innerText ??
			''
		).trim();
	});

/** Presses Tab until the thing with this name has the focus, and sees that the focus shows. */
async function tabTo(page: Page, name: string | RegExp): Promise<void> {
	const names: string[] = [];
	for (let i = 0; i < 90; i++) {
		await page.keyboard.press('Tab');
		const now = await focusedName(page);
		names.push(now);
		if (typeof name === 'string' ? now === name : name.test(now)) {
			const outline = await page.evaluate(
				() => getComputedStyle(document.activeElement as Element).outlineStyle
			);
			expect(outline, `${now} shows that it has the focus`).not.toBe('none');
			return;
		}
	}
	throw new Error(`Tab never came to ${name}: ${names.join(' | ')}`);
}

async function fill(page: Page, name: string | RegExp, text: string): Promise<void> {
	await tabTo(page, name);
	await page.keyboard.press('Control+A');
	await page.keyboard.type(text);
}

async function press(page: Page, name: string | RegExp): Promise<void> {
	await tabTo(page, name);
	await page.keyboard.press('Enter');
}

test('settling in and the whole path by keyboard alone: US units, dark, on a phone', async ({
	browser
}) => {
	rmSync(dataDir, { recursive: true, force: true });
	const running = server(4861, dataDir);
	try {
		await running.answers();
		const context = await browser.newContext({
			viewport: { width: 390, height: 844 },
			colorScheme: 'dark',
			timezoneId: 'America/Denver'
		});
		const page = awake(await context.newPage());
		const heading = page.getByRole('heading', { level: 1 });

		await page.goto(address);
		await expect(page).toHaveURL(`${address}/start`);
		await tabTo(page, 'Units');
		await page.keyboard.type('pounds');
		await fill(page, 'Altitude', '4,760 ft');
		await page.keyboard.press('Enter');
		await expect(heading).toHaveText('Settling in: appliances');
		await fill(page, 'Pressure cooker holds', '6 qt');
		await page.keyboard.press('Enter');
		await expect(heading).toHaveText('Settling in: freezer');
		await fill(page, 'Room', '7 gal');
		await press(page, 'Done: write the first dish');
		await expect(heading).toHaveText('Write a dish');

		await fill(page, 'Name', 'Beef and barley goulash');
		await fill(page, 'Servings', '6');
		await tabTo(page, 'Goes into the freezer');
		await page.keyboard.type('cooked');
		await tabTo(page, 'Kind');
		await page.keyboard.type('Meat in');
		await tabTo(page, /^Ingredients/);
		for (const line of [
			'2 lb beef chuck, in cubes',
			'3 onions, diced',
			'1 cup barley',
			'800 g canned tomatoes'
		]) {
			await page.keyboard.type(line);
			await page.keyboard.press('Enter');
		}
		await press(page, 'Save the dish');
		await expect(heading).toHaveText('Beef and barley goulash');
		await expect(page.getByText('165 °F').first()).toBeVisible();
		await expect(page.getByRole('cell', { name: '2 lb' })).toBeVisible();
		await expect(page.getByRole('cell', { name: '1 lb 12 oz' })).toBeVisible();

		await press(page, 'Cool it');
		await fill(page, 'Temperature now', '198');
		await fill(page, 'Diameter inside', '10 in');
		await fill(page, 'or its amount', '3 qt');
		await press(page, 'Start the clock');
		await expect(page.getByText('fails as it stands').first()).toBeVisible();
		await expect(page.getByText(/at most 1.2 in deep/)).toBeVisible();
		await fill(page, 'Reading in the middle', '190');
		await page.keyboard.press('Enter');
		await expect(page.getByRole('cell', { name: '190 °F' })).toBeVisible();
		await press(page, 'End the run');
		await expect(page.getByText('The cooling of Beef and barley goulash is ended.')).toBeVisible();
		await page.keyboard.press('6');
		await expect(heading).toHaveText('The freezer is empty');
		await expect(page.getByText('The cooling of Beef and barley goulash is ended.')).toBeVisible();
		await page.keyboard.press('u');
		await expect(page.getByText('The cooling of Beef and barley goulash is ended.')).toBeHidden();

		await page.keyboard.press('5');
		await tabTo(page, 'Dish');
		await page.keyboard.type('Beef');
		await fill(page, 'Packs', '2');
		await fill(page, 'Net weight of each', '2½ lb');
		await press(page, 'Pack them');
		await expect(page.getByRole('heading', { level: 2, name: 'Labels' })).toBeVisible({
			timeout: 20_000
		});
		await expect(page.getByText('2 × 2 lb 8 oz')).toBeVisible();
		const code = (await page.getByRole('cell').getByRole('link').first().innerText()).trim();
		await press(page, 'Print labels');
		await expect(page).toHaveURL(/\/labels/);
		await expect(page.getByRole('link', { name: 'Open the sheet (PDF)' })).toBeVisible();
		await tabTo(page, 'Open the sheet (PDF)');
		const href = await page.evaluate(() => (document.activeElement as HTMLAnchorElement).href);
		expect(href).toContain('paper=letter-2x3');
		expect((await page.request.get(href)).headers()['content-type']).toBe('application/pdf');

		await page.keyboard.press('f');
		await expect(heading).toHaveText('2 packs, 8 servings');
		await expect.poll(() => focusedName(page)).toBe('Search by dish, shelf or code');
		await page.keyboard.type(code.toLowerCase());
		await page.keyboard.press('Enter');
		await expect(page).toHaveURL(`${address}/freezer/${code}`);

		await press(page, 'Cook it: card and times');
		await fill(page, 'On the table by', '7:15 pm');
		await page.keyboard.press('Enter');
		await expect(page).toHaveURL(/by=7%3A15/);
		await expect(
			page
				.getByText(/7:15 pm/)
				.filter({ visible: true })
				.first()
		).toBeVisible();
		await press(page, 'Mark it cooked');
		await expect(page.getByText(/cooked, out of the freezer/)).toBeVisible();
		await page.keyboard.press('1');
		await expect(heading).toHaveText('1 dish');
		await press(page, 'Undo');
		await expect(page.getByText(/cooked, out of the freezer/)).toBeHidden();
		await page.keyboard.press('6');
		await expect(heading).toHaveText('2 packs, 8 servings');

		await page.keyboard.press('?');
		await expect(page.getByRole('dialog')).toContainText('Undo the last thing');
		await page.keyboard.press('Escape');
		await expect(page.getByRole('dialog')).toBeHidden();
		await context.close();
	} finally {
		running.child.kill('SIGKILL');
	}
});
