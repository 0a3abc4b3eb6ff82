import { mkdirSync, renameSync, writeFileSync } from 'node:fs';
import { Temporal } from 'temporal-polyfill';
import { awake, expect, test, type Page } from './household';

/** An evening after another, on a phone at the stove, with a clock of their own. */
const shiftFile = 'test-results/evening-clock';
const timeZone = 'Europe/Zurich';
const tomorrow = Temporal.Now.plainDateISO(timeZone).add({ days: 1 });

/** It is this time of that day. */
function itIs(plainTime: string): void {
	const atMs = tomorrow.toZonedDateTime({ timeZone, plainTime }).epochMilliseconds;
	mkdirSync('test-results', { recursive: true });
	// whole at once: the server may look at any moment
	writeFileSync(`${shiftFile}.part`, String(atMs - Date.now()));
	renameSync(`${shiftFile}.part`, shiftFile);
}
itIs('07:00');

test.use({ house: { name: 'evening', from: 'settled', shiftFile } });
test.describe.configure({ mode: 'serial' });

let page: Page;
test.beforeAll(async ({ browser }) => {
	page = awake(await browser.newPage({ viewport: { width: 390, height: 844 } }));
});
test.afterAll(() => page.close());

const chicken = /Chicken with leek/;
const now = () => page.locator('section.now');
const done = () => page.getByRole('button', { name: /^(Done|It is done already)$/ }).click();

async function openCard(): Promise<void> {
	await page.goto('/table?by=18:30');
	await page
		.getByRole('link', { name: /34 mm thick.*Chicken/ })
		.first()
		.click();
	await expect(page.getByRole('heading', { level: 1, name: chicken })).toBeVisible();
}

test('out of the house from 8 to 17:30: into the refrigerator before, or begun when back; nothing but a slow cooker is left on', async () => {
	itIs('07:00');
	await page.goto(`/table?by=18:30`);
	await page.getByText('Out of the house meanwhile').click();
	await page.getByLabel('Out from').fill('8:00');
	await page.getByLabel('back at').fill('17:30');
	await page.getByRole('button', { name: 'Look' }).click();
	await expect(page).toHaveURL(/outTo=17/);
	await page.getByRole('link', { name: chicken }).first().click();
	await expect(page).toHaveURL(/\/table\/\w+\?.*outTo=17/);
	const steps = page.locator('section.plate', { hasText: 'The way for' }).locator('li');
	await expect(steps.first()).toBeVisible();
	for (const text of await steps.allTextContents()) {
		const [, hour, minute] = /(\d{2}):(\d{2})/.exec(text) ?? [];
		const at = Number(hour) + Number(minute) / 60;
		expect(at <= 8 || at >= 17.5, text).toBe(true);
	}
	// half a time is no hours
	await page.goto(`/table?by=18:30&outFrom=8:00&outTo=soon`);
	await expect(page.getByText('Out from, back at: write two times of that day')).toBeVisible();
});

test('weeks: filled, moved by keys, a clash has a way out, a calendar reads it, taken back', async () => {
	itIs('09:00');
	await page.setViewportSize({ width: 1280, height: 800 });
	await page.goto(`/table/week`);
	await page.getByLabel('Who eats').fill('four');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(page.getByText('Who eats: write a whole number')).toBeVisible();
	await page.getByLabel('Who eats').fill('4');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await page.getByRole('button', { name: 'Fill the week' }).click();
	await expect(page.getByText(/1 evening filled/)).toBeVisible();
	const today = page.locator('li.day.today');
	const meal = page.getByRole('link', { name: chicken });
	await expect(today.getByRole('link', { name: chicken })).toBeVisible();
	await meal.focus();
	await page.keyboard.press('Alt+ArrowDown');
	await expect(today.getByRole('link', { name: chicken })).toHaveCount(0);
	await page.getByRole('link', { name: 'the week after' }).click();
	await expect(page.getByRole('link', { name: chicken })).toBeVisible();
	const file = await page.request.get(`/table/week/meals.ics`);
	expect(await file.text()).toContain('Chicken with leek and tarragon');
	await page.getByText('Calendar address').click();
	await page.getByRole('button', { name: 'Make an address' }).click();
	const address = (await page.locator('.address').textContent()) ?? '';
	expect((await page.request.get(address)).status()).toBe(200);
	expect((await page.request.get(`${address}x`)).status()).toBe(404);
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByRole('link', { name: chicken })).toHaveCount(0);
	await page.goto(`/table/week`);
	await expect(today.getByRole('link', { name: chicken })).toBeVisible();
	// a note, and the packs stay where they are
	await today.getByRole('button', { name: /^What to eat on/ }).click();
	await page.getByLabel('or a note').fill('choir, back late');
	await page.getByRole('button', { name: 'Put here' }).click();
	await expect(today.getByText('choir, back late')).toBeVisible();
	await page.setViewportSize({ width: 390, height: 844 });
});

test('still good, and a freezer to defrost: answers by the rules', async () => {
	itIs('10:00');
	await page.goto(`/table/still-good`);
	await page.getByLabel('What it is').selectOption('rice');
	await page.getByLabel('Where it was').selectOption('refrigerator');
	await page.getByLabel('For how long').fill('3');
	await page.getByRole('button', { name: 'Look' }).click();
	await expect(page.getByRole('heading', { name: 'No: throw it away' })).toBeVisible();
	await page.goto(`/freezer/defrost`);
	await expect(page.getByText(/so long the stack stays below/)).toBeVisible();
	await page.getByLabel('Blankets').fill('2 m');
	await page.getByRole('button', { name: 'Look' }).click();
	await expect(page.getByText(/at most 30 cm/)).toBeVisible();
});

test('packs of four, two and one', async () => {
	for (const [count, servings, massKg] of [
		['3', '4', '950 g'],
		['1', '2', '480 g'],
		['1', '1', '240 g']
	]) {
		await page.goto('/pack');
		await page.getByLabel('Dish').selectOption({ label: 'Chicken with leek and tarragon' });
		await page.getByLabel('Packs').fill(count);
		await page.getByLabel('Servings').fill(servings);
		await page.getByLabel('Net weight of each').fill(massKg);
		await page.getByRole('button', { name: 'Pack them' }).click();
		await expect(page.getByRole('heading', { level: 2, name: 'Labels' })).toBeVisible();
	}
});

test('never switched on: within two hours it goes on where it heats fast, after that it is thrown away', async () => {
	itIs('11:00');
	await openCard();
	await page.getByText('Every way, by every route').click();
	await page.getByText(/other ways?$/).click();
	await page.getByRole('button', { name: /^Cook it so: slow cooker, high, straight/ }).click();
	await done();
	itIs('12:30');
	await page.reload();
	await page.getByRole('button', { name: 'It was never on' }).click();
	await expect(page.getByText(/Until 13:0\d it may go on at once/)).toBeVisible();
	await expect(page.getByRole('button', { name: /Go on there: pressure cooker/ })).toBeVisible();
	await expect(page.getByRole('button', { name: /Go on there: slow cooker/ })).toHaveCount(0);
	itIs('13:30');
	await page.reload();
	await expect(page.getByText(/Throw it away, do not taste it/)).toBeVisible();
	await page.getByRole('button', { name: 'It is thrown away' }).click();
	await expect(page.getByText('This meal is over.')).toBeVisible();
	// a slip can be taken back
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByRole('button', { name: 'Undo' })).toHaveCount(0);
	await page.goto(`/freezer`);
	await expect(page.getByRole('link', { name: chicken }).first()).toBeVisible();
});

test('guests an hour early: what is not begun is begun earlier, what cooks slowly goes on under pressure from where it is', async () => {
	itIs('13:00');
	await openCard();
	await page.getByText('Every way, by every route').click();
	await page.getByText(/other ways?$/).click();
	await page.getByRole('button', { name: /^Cook it so: slow cooker, high, straight/ }).click();
	await expect(page).toHaveURL(/\/table\/sheet\/\d+$/);
	const inAt = page.locator('ol li', { hasText: 'Plastic off' }).locator('.at');
	const planned = await inAt.textContent();
	await page.getByText('When it is eaten').click();
	await page.getByLabel('On the table by').fill('17:30');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await expect(page.locator('.serve')).toContainText('17:30');
	await expect(inAt).not.toHaveText(planned ?? '');
	await done();
	itIs('15:30');
	await page.reload();
	await page.getByText('When it is eaten').click();
	await page.getByLabel('On the table by').fill('16:30');
	await page.getByRole('button', { name: 'Set', exact: true }).click();
	await page.getByRole('link', { name: 'Another pot' }).click();
	await page.getByRole('button', { name: 'Go on there: pressure cooker' }).click();
	await expect(now()).toContainText('From slow cooker, high into pressure cooker');
	await expect(page.locator('.serve')).toContainText('16:30');
	await page.getByRole('button', { name: 'Give this meal up' }).click();
	await expect(page.getByText('This meal is over.')).toBeVisible();
});

test('dinner for seven from packs of four, two and one: one pot, computed together, a helper gets the steps and nothing else', async () => {
	itIs('16:40');
	await page.goto(`/table?by=18:30&for=7`);
	const row = page.getByRole('link', { name: chicken }).first();
	await expect(row).toContainText('7 servings');
	await expect(row).toContainText('start', { timeout: 30_000 });
	await row.click();
	await expect(page.getByText(/(then|In with) the 3 blocks/)).toBeVisible({ timeout: 30_000 });
	await page.getByRole('button', { name: 'Cook it so' }).first().click();
	await expect(page).toHaveURL(/\/table\/sheet\/\d+$/);
	await expect(page.getByText('7 servings')).toBeVisible();
	await page.getByText('Link for a helper').click();
	const address = (await page.locator('a.helper').textContent()) ?? '';
	await page.goto(address);
	await expect(page.getByRole('heading', { level: 1, name: chicken })).toBeVisible();
	await expect(page.getByText(/(then|In with) the 3 blocks/).first()).toBeVisible();
	await expect(page.getByRole('navigation')).toHaveCount(0);
	await expect(page.getByText(/^Contains celery/)).toBeVisible();
	await page.goBack();
	await page.getByRole('button', { name: 'Give this meal up' }).click();
	await expect(page.getByText('This meal is over.')).toBeVisible();
	expect((await page.goto(address))?.status()).toBe(404);
});

test('forgot to thaw at 17:00: straight in under pressure, a reading that is too low, on the table, what is left has its day', async () => {
	itIs('17:00');
	await openCard();
	const plan = page.locator('section.plate', { hasText: 'The way for' }).first();
	await expect(plan).toContainText('pressure cooker, straight from frozen');
	await expect(plan).toContainText('water or broth, then the block');
	await expect(plan).toContainText('Measure: 74 °C');
	await page.getByRole('button', { name: 'Cook it so' }).first().click();
	await expect(page).toHaveURL(/\/table\/sheet\/\d+$/);
	await expect(now()).toContainText('Nothing to do. Then: Plastic off');
	const strip = page.getByRole('region', { name: 'Running clocks' });
	await expect(strip).toContainText('Chicken with leek');
	await done();
	await expect(now()).toContainText('At pressure');
	await done();
	itIs('17:35');
	await page.reload();
	await expect(now()).toContainText('Off the heat');
	await done();
	itIs('17:50');
	await page.reload();
	await expect(now()).toContainText('Measure');
	await now().getByLabel('Reading in the middle').fill('66');
	await page.getByRole('button', { name: 'Note it' }).click();
	await expect(page.getByText(/about \d+ min more/)).toBeVisible();
	itIs('18:05');
	await page.reload();
	await now().getByLabel('Reading in the middle').fill('81 °C');
	await page.getByRole('button', { name: 'Note it' }).click();
	await expect(page.getByText('hot enough')).toBeVisible();
	// cream goes in, then it is served
	for (let i = 0; i < 4 && !(await page.getByLabel('Servings left over').isVisible()); i++) {
		const before = await now().textContent();
		await done();
		await expect(now()).not.toHaveText(before ?? '');
	}
	await page.getByLabel('Servings left over').fill('1');
	await page.getByRole('button', { name: 'It is on the table' }).click();
	await expect(page.getByText('This meal is over.')).toBeVisible();
	await page.getByRole('link', { name: 'How was it?' }).click();
	await expect(page.getByText('How did it go?')).toBeVisible();
	await page.goto(`/table/week`);
	await expect(page.getByText('Chicken with leek and tarragon, 1 serving')).toBeVisible();
	await page.getByRole('button', { name: 'Eaten' }).click();
	await expect(page.getByText('Chicken with leek and tarragon, 1 serving')).toBeHidden();
});
