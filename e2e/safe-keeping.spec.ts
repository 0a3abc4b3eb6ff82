import { readFile, writeFile } from 'node:fs/promises';
import { awake, expect, test } from './household';

test.use({ house: { name: 'safe-keeping', from: 'settled' } });
/** Every screen is tried by a process that comes after all others: on a busy machine that takes minutes. */
const tried = { timeout: 290_000 };

test('export everything, change, read back: as it was; a damaged file changes nothing', async ({
	page
}) => {
	test.setTimeout(900_000);
	await page.goto('/household/copies');
	const [download] = await Promise.all([
		page.waitForEvent('download'),
		page.getByRole('link', { name: 'Export everything' }).click()
	]);
	expect(download.suggestedFilename()).toMatch(/^almacen-\d{4}-\d\d-\d\d\.json$/);
	const path = test.info().outputPath('everything.json');
	await download.saveAs(path);

	await page.goto('/menu');
	await page.getByRole('link', { name: 'Red lentil dal' }).click();
	await page.getByRole('button', { name: 'Take it off the menu' }).click();
	await expect(page.getByText('Red lentil dal is off the menu; its packs stay.')).toBeVisible();
	await expect(page.getByRole('link', { name: 'Red lentil dal' })).toBeHidden();

	await page.goto('/household/copies');
	const damaged = test.info().outputPath('damaged.json');
	await writeFile(damaged, (await readFile(path, 'utf8')).replace('"servings"', '"portions"'));
	await page.getByLabel(/^Read a file back/).setInputFiles(damaged);
	await page.getByRole('button', { name: 'See what it changes' }).last().click();
	await expect(page.getByRole('alert')).toContainText('The file is damaged at tables.');
	// reads well, and one page cannot show it
	const unshowable = JSON.parse(await readFile(path, 'utf8'));
	unshowable.tables.household[0].slowCooker = {};
	await writeFile(damaged, JSON.stringify(unshowable));
	await page.getByLabel(/^Read a file back/).setInputFiles(damaged);
	await page.getByRole('button', { name: 'See what it changes' }).last().click();
	await expect(page.getByRole('alert')).toContainText('cannot show', tried);
	await page.goto('/menu');
	await expect(page.getByRole('link', { name: 'Red lentil dal' })).toBeHidden();

	await page.goto('/household/copies');
	await page.getByLabel(/^Read a file back/).setInputFiles(path);
	await page.getByRole('button', { name: 'See what it changes' }).last().click();
	await expect(page.getByText('comes: Red lentil dal')).toBeVisible(tried);
	await page.getByRole('button', { name: 'Put it in place of what is here' }).click();
	await expect(page).toHaveURL('/freezer');
	await page.goto('/menu');
	await expect(page.getByRole('link', { name: 'Red lentil dal' })).toBeVisible();
	await page.goto('/household/copies');
	await expect(page.getByText(/The last one was made/)).toBeVisible();
});

test('a tighter limit moves the gate; a looser one is refused; the change can be taken back', async ({
	page
}) => {
	await page.goto('/household/rules');
	await page.getByLabel('First gate within').fill('3 h');
	await page.getByRole('button', { name: 'Save the rules' }).click();
	await expect(page.getByText(/tightened, not loosened/)).toBeVisible();
	await page.getByLabel('First gate within').fill('1 h 30');
	await page.getByRole('button', { name: 'Save the rules' }).click();
	await expect(page.getByText('The household is changed.')).toBeVisible();
	await page.goto('/cool');
	await page
		.getByRole('button', { name: /^At |^Not at / })
		.first()
		.click();
	await expect(page.getByRole('dialog')).toContainText('within 1 h 30');
	await page.keyboard.press('Escape');
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText('The household is changed.')).toBeHidden();
	await page.goto('/household/rules');
	await expect(page.getByLabel('First gate within')).toHaveValue('2 h');
});

test('a safe copy says what going back to it changes, and is put back from the screen', async ({
	page
}) => {
	test.setTimeout(900_000);
	await page.goto('/household/copies');
	await page.getByRole('button', { name: 'Make one now' }).click();
	await expect(page.getByText('Made.')).toBeVisible();
	await page.goto('/menu');
	await page.getByRole('link', { name: 'Red lentil dal' }).click();
	await page.getByRole('button', { name: 'Take it off the menu' }).click();
	await expect(page.getByText('Red lentil dal is off the menu; its packs stay.')).toBeVisible();
	await page.goto('/household/copies');
	await page.getByRole('button', { name: 'See what going back to the copy of' }).first().click();
	await expect(page.getByText('comes: Red lentil dal')).toBeVisible(tried);
	await page.getByRole('button', { name: 'Put it in place of what is here' }).click();
	await expect(page).toHaveURL('/freezer');
	await page.goto('/menu');
	await expect(page.getByRole('link', { name: 'Red lentil dal' })).toBeVisible();
});

test('two tabs on one form: the second is told what changed, keeps its text, and sent again it counts', async ({
	page,
	context
}) => {
	const other = awake(await context.newPage());
	await other.goto('/household');
	await page.goto('/household');
	await other.getByLabel('Kitchen', { exact: true }).fill('17 °C');
	await page.getByLabel('Kitchen', { exact: true }).fill('23 °C');
	await page.getByRole('button', { name: 'Save' }).click();
	await expect(page.getByText('Saved.')).toBeVisible();
	await other.getByRole('button', { name: 'Save' }).click();
	await expect(other.getByRole('alert')).toContainText('is “23 °C” now');
	await expect(other.getByLabel('Kitchen', { exact: true })).toHaveValue('17 °C');
	await other.getByRole('button', { name: 'Save' }).click();
	await expect(other.getByText('Saved.')).toBeVisible();

	for (const tab of [page, other]) {
		await tab.goto('/menu');
		await tab.getByRole('link', { name: 'Red lentil dal' }).click();
		await tab.getByRole('button', { name: 'Change', exact: true }).click();
		await expect(tab.getByLabel('Name', { exact: true })).toBeVisible();
	}
	await page.getByLabel('Servings', { exact: true }).first().fill('9');
	await page.getByRole('button', { name: 'Save' }).first().click();
	await expect(page.getByLabel('Name', { exact: true })).toBeHidden();
	await other.getByLabel('Name', { exact: true }).fill('Red lentil dal, hot');
	await other.getByRole('button', { name: 'Save' }).first().click();
	await expect(other.getByRole('alert')).toContainText('is “9” now');
	await expect(other.getByLabel('Name', { exact: true })).toHaveValue('Red lentil dal, hot');
});
