import { spawn } from 'node:child_process';
import { awake, expect, test } from './household';

test.use({ house: { name: 'menu-shop', from: 'settled' } });

// one household, its days and lists one after the other
test.describe.configure({ mode: 'serial' });

const recipe = (name: string, ingredients: string[], more = {}) => ({
	'@context': 'https://schema.org',
	'@type': 'Recipe',
	name,
	recipeYield: 'Serves 8',
	recipeIngredient: ingredients,
	recipeInstructions: [
		{
			'@type': 'HowToStep',
			text: 'Simmer until done. Cook on low for 6 to 8 hours. Cool and freeze.'
		}
	],
	...more
});

test('recipes are read in, with progress and a report of what was not understood', async ({
	page
}) => {
	await page.goto('/menu/import');
	await page.getByRole('button', { name: 'Read them in' }).click();
	await expect(page.getByText('Paste something, or choose a file.')).toBeVisible();
	const many = Array.from({ length: 12 }, (_, i) =>
		recipe(`Bean stew ${i + 1}`, ['2 x 400 g cans white beans', '2 onions, diced', 'moon dust'])
	);
	many.push(
		recipe('Creamy parsnip soup', ['1 kg parsnips', '200 ml cream', '1 onion, diced', '1 l stock'])
	);
	await page.getByLabel('Paste here').fill(JSON.stringify(many));
	await page.getByRole('button', { name: 'Read them in' }).click();
	await expect(page.getByText('13 of 13 recipes')).toBeVisible({ timeout: 30_000 });
	// what is doubtful stands first, each line with its answers
	const stew = page
		.getByRole('listitem')
		.filter({ has: page.getByRole('link', { name: 'Bean stew 3' }) });
	await stew
		.getByRole('group', { name: /moon dust/ })
		.getByRole('button', { name: /vegetable/ })
		.click();
	await stew.getByRole('button', { name: /Keep these answers/ }).click();
	await expect(stew.getByText('Kept.')).toBeVisible();
	await expect(stew.getByRole('group', { name: /moon dust/ })).toBeHidden();
	await page.getByRole('link', { name: 'Creamy parsnip soup' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Creamy parsnip soup');
	await expect(page.getByText('8 servings').first()).toBeVisible();
});

test('freezer check: one tap keeps the cream back, and it can be taken back', async ({ page }) => {
	await page.goto('/menu');
	await page.getByRole('link', { name: 'Creamy parsnip soup' }).click();
	await expect(page.getByText('separates and turns grainy')).toBeVisible();
	await page.getByRole('button', { name: 'Keep it back for the day' }).first().click();
	await expect(page.getByText('Nothing in the pack freezes badly')).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText('separates and turns grainy')).toBeVisible();
	await page.getByRole('button', { name: 'Keep it back for the day' }).first().click();
	await page.getByLabel('What to do otherwise next time').fill('more pepper');
	await page.getByRole('button', { name: 'Keep the note' }).click();
	await expect(page.getByText('“more pepper”').first()).toBeVisible();
	await page.getByLabel('Servings', { exact: true }).fill('16');
	await expect(page.getByText('For 16 servings')).toBeVisible();
	const file = await page.request.get(`${page.url()}/recipe.json`);
	expect(((await file.json()) as { name: string }).name).toBe('Creamy parsnip soup');
});

test('a packing day: totals move with it, what goes well says why, a dish comes back after undo', async ({
	page
}) => {
	await page.goto('/menu');
	await page.getByLabel('Day', { exact: true }).fill('soonish');
	await page.getByRole('button', { name: 'Plan a packing day' }).click();
	await expect(page.getByText(/Day: write a day such as/)).toBeVisible();
	await page.getByLabel('Day', { exact: true }).fill('today');
	await page.getByRole('button', { name: 'Plan a packing day' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText(/day \d/);
	await page.getByLabel('Put a dish on it').selectOption({ label: 'Creamy parsnip soup' });
	await page.getByRole('button', { name: 'Put it on', exact: true }).click();
	await expect(page.getByText('2 packs, 8 servings')).toBeVisible();
	await expect(page.getByText('“more pepper”')).toBeVisible();
	await page.getByRole('button', { name: 'Creamy parsnip soup: once more' }).click();
	await expect(page.getByText('8 servings are not placed yet')).toBeVisible();
	await page.getByRole('button', { name: 'Another kind of portion' }).click();
	await expect(page.getByText('every serving is placed')).toBeVisible();
	await expect(page.getByText('3 packs, 16 servings')).toBeVisible();
	await page.getByLabel('Creamy parsnip soup: go').last().selectOption('given away');
	await expect(page.getByText('every serving is placed')).toBeVisible();
	await page.getByRole('button', { name: 'Put it on: Bean stew 1', exact: true }).click();
	await expect(page.getByText(/chopped in one go: onion, diced/).first()).toBeVisible();
	await expect(page.getByRole('heading', { level: 2, name: /Bean stew 1/ })).toBeVisible();
	await page.getByRole('button', { name: 'Take Bean stew 1 off this day' }).click();
	await expect(page.getByRole('heading', { level: 2, name: /Bean stew 1/ })).toBeHidden();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByRole('heading', { level: 2, name: /Bean stew 1/ })).toBeVisible();
});

test('price book and cupboard: bad lines are said, good ones kept', async ({ page }) => {
	await page.goto('/shop/pantry');
	await page
		.getByLabel('Paste the file’s lines')
		.fill(
			'item,pack,weight,price,shop\nonion,net,1 kg,1.90,\nmoon dust,jar,100 g,3,\npotato,bag,2 kg,3.40,\ncream,carton,200 g,1.70,'
		);
	await page.getByRole('button', { name: 'Read it in' }).click();
	await expect(page.getByText('3 packs were read in.')).toBeVisible();
	await expect(page.getByText(/Line 3: Item: the catalogue does not know it/)).toBeVisible();
	await page.locator('#stock-item').fill('onions');
	await page.getByLabel('Amount', { exact: true }).fill('0.1 kg');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(page.getByText('onion 100 g')).toBeVisible();
});

test('the shopping list: merged, cheapest packs, ticks kept while there is no connection and seen by a second device', async ({
	browser
}) => {
	const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
	const page = awake(await phone.newPage());
	await page.goto('/shop');
	await expect(page.getByRole('heading', { level: 1 })).toContainText(/^For /);
	// two soups and one stew: 2 + 2 onions of 110 g, 100 g at home
	const onion = page.getByRole('listitem').filter({ hasText: 'onion' }).first();
	await expect(onion).toContainText('1 × net');
	await expect(onion).toContainText('(340 g)');
	await expect(onion).toContainText('100 g from home');
	await expect(
		page.getByRole('listitem').filter({ has: page.getByRole('checkbox', { name: /^cream/ }) })
	).toContainText('buy that week');
	const csv = async () => (await page.request.get(`${page.url()}/list.csv`)).text();
	expect(await csv()).toContain('greens,onion,340,100,1 × net');
	await phone.setOffline(true);
	await page.getByRole('checkbox', { name: /onion/ }).check();
	await expect(page.getByText(/1 tick waits for the connection/)).toBeVisible();
	await phone.setOffline(false);
	await expect(page.getByText(/1 tick waits for the connection/)).toBeHidden({ timeout: 20_000 });
	const laptop = await (await browser.newContext()).newPage();
	await laptop.goto(page.url());
	await expect(laptop.getByRole('checkbox', { name: /onion/ })).toBeChecked();
	// what is got leaves the list that goes out of the house
	expect(await csv()).not.toContain('greens,onion');
	await phone.close();
});

test('the simulated shop fills the price book and answers an order; silent, it is said so', async ({
	page,
	baseURL
}) => {
	await page.goto('/shop/pantry');
	await page.getByRole('button', { name: 'Fill it from the shop' }).click();
	await expect(page.getByText('The shop does not answer.')).toBeVisible({ timeout: 10_000 });
	const port = Number(new URL(baseURL ?? '').port) + 50;
	const shop = spawn(process.execPath, ['stand-ins/shop.mjs', String(port)]);
	try {
		await expect
			.poll(
				async () => (await fetch(`http://127.0.0.1:${port}/offers`).catch(() => null))?.status ?? 0
			)
			.toBe(200);
		await page.getByRole('button', { name: 'Fill it from the shop' }).click();
		await expect(page.getByText(/\d+ packs were read in\./)).toBeVisible();
		await page.goto('/shop');
		await page.getByRole('button', { name: 'Send to the shop' }).click();
		await expect(page.getByRole('heading', { name: 'What the shop says' })).toBeVisible();
		await expect(
			page.getByText(/not there|only as|only \d|Everything is there/).first()
		).toBeVisible();
	} finally {
		shop.kill();
	}
});
