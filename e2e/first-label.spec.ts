import { expect, test } from './household';
import type { Locator } from '@playwright/test';

test.use({ house: { name: 'first-label', from: 'empty' } });

const mostTaps = 25;

test('a new household comes from its first screen to its first label in few taps besides typing', async ({
	page
}) => {
	let taps = 0;
	const tap = async (where: Locator) => {
		taps += 1;
		await where.click();
	};
	/** a list opened and one of it chosen */
	const choose = async (label: string, option: string) => {
		taps += 2;
		await page.getByLabel(label, { exact: true }).selectOption(option);
	};
	/** a field is tapped before it is written in */
	const write = async (label: string, text: string) => {
		await tap(page.getByLabel(label, { exact: true }));
		await page.keyboard.type(text);
	};
	await page.goto('/');
	await tap(page.getByRole('button', { name: 'Next: appliances' }));
	await tap(page.getByRole('button', { name: 'Next: freezer' }));
	await write('Room', '200 L');
	await tap(page.getByRole('button', { name: 'Done: write the first dish' }));
	await expect(page).toHaveURL('/menu/new');
	await write('Name', 'Red lentil dal');
	await write('Servings', '6');
	await choose('Goes into the freezer', 'cooked');
	await choose('Kind', 'pulse-soup');
	await write('Ingredients, one a line', '400 g red lentils\n2 onions, chopped\n2 tins tomatoes');
	await tap(page.getByRole('button', { name: 'Save the dish' }));
	await tap(page.getByRole('link', { name: 'Pack it' }));
	await write('Packs', '3');
	await write('Net weight of each', '600 g');
	await tap(page.getByText('zip bag, 1 L'));
	await tap(page.getByRole('button', { name: 'Pack them' }));
	await expect(page.getByRole('heading', { level: 2, name: 'Labels' })).toBeVisible();
	await tap(page.getByRole('link', { name: /label/i }).first());
	expect(taps, `${taps} taps`).toBeLessThanOrEqual(mostTaps);
});
