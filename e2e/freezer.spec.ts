import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { readFileSync, readdirSync, rmSync } from 'node:fs';
import { connect } from 'node:net';
import { expect, test, type Page } from '@playwright/test';
import jsQR from 'jsqr';
import { awake, freshData } from './household';
import { server } from './server';

const port = 4841;
const printerPort = 4843;
const base = `http://127.0.0.1:${port}`;
const dataDir = 'test-results/freezer-data';
const printed = 'test-results/printed';
let running: ReturnType<typeof server>;
let printer: ChildProcess;
let page: Page;

/** Tells the simulated printer something and waits for its word. */
const tell = (line: string) =>
	new Promise<string>((resolve, reject) => {
		const socket = connect({ host: '127.0.0.1', port: printerPort }, () =>
			socket.write(`${line}\n`)
		);
		socket.on('data', (chunk) => {
			socket.destroy();
			resolve(chunk.toString().trim());
		});
		socket.on('error', reject);
	});

/** The code in a printed picture (PBM), read at the printer's own 203 dots to the inch. */
function codeIn(path: string): string | undefined {
	const bytes = readFileSync(path);
	const [, head, width, height] =
		/^(P4\n(\d+) (\d+)\n)/.exec(bytes.toString('latin1', 0, 40)) ?? [];
	const [w, h] = [Number(width), Number(height)];
	const row = Math.ceil(w / 8);
	const rgba = new Uint8ClampedArray(w * h * 4).fill(255);
	for (let y = 0; y < h; y++)
		for (let x = 0; x < w; x++)
			if ((bytes[head.length + y * row + (x >> 3)] >> (7 - (x & 7))) & 1)
				rgba.fill(0, (y * w + x) * 4, (y * w + x) * 4 + 3);
	return jsQR(rgba, w, h)?.data;
}

/** A batch is one row; its packs are shown one by one. */
const oneByOne = (p: Page) =>
	p
		.getByRole('button', { name: /^each of / })
		.first()
		.click();
const firstRow = (p: Page) => p.locator('tbody tr').first();
const count = async (p: Page) =>
	Number(
		/^\d+/.exec((await p.getByRole('heading', { level: 1 }).textContent())?.trim() ?? '')?.[0]
	);

test.beforeAll(async ({ browser }) => {
	test.setTimeout(120_000);
	rmSync(printed, { recursive: true, force: true });
	freshData(dataDir, 'demo');
	printer = spawn(process.execPath, [
		'stand-ins/label-printer.mjs',
		String(printerPort),
		printed,
		'1'
	]);
	running = server(port, dataDir, { ALMACEN_PRINTER: `127.0.0.1:${printerPort}` });
	await running.answers();
	const context = await browser.newContext({
		viewport: { width: 1280, height: 900 },
		baseURL: base
	});
	page = awake(await context.newPage());
});
test.afterAll(() => {
	running.child.kill('SIGKILL');
	printer.kill('SIGKILL');
});

test('what is there already: about March, unknown, the maker’s date; bad dates keep what was typed', async () => {
	await page.goto('/freezer/already');
	await expect(page.getByLabel('What is it')).toBeFocused();
	await page.getByLabel('What is it').fill('goat stew');
	await page.getByLabel('Frozen', { exact: true }).fill('when it rained');
	await page.getByRole('button', { name: 'Write it down' }).click();
	await expect(page.getByText('Frozen: write a day')).toBeVisible();
	await expect(page.getByLabel('What is it')).toHaveValue('goat stew');
	await page.getByLabel('Frozen', { exact: true }).fill('about March');
	await page.getByLabel('Keeps like').selectOption('soup-stew');
	await page.getByLabel('How many').fill('2');
	await page.keyboard.press('Enter');
	const list = page.getByRole('heading', { name: /^Written down now/ }).locator('..');
	await expect(list.getByRole('row')).toHaveCount(2);
	await expect(list.getByText(/1 May 20\d\d/).first()).toBeVisible();
	await expect(page.getByLabel('Keeps like'), 'each row is what it is').toHaveValue('');
	await page.getByLabel('What is it').fill('Суп из конины 馬');
	await page.getByLabel('Frozen', { exact: true }).fill('');
	await page.keyboard.press('Enter');
	await expect(list.getByRole('row')).toHaveCount(3);
	await expect(list.getByText('use first')).toBeVisible();
});

test('labels for them: what cannot be printed or has no room is told; the roll printer runs out of paper and prints nothing twice', async () => {
	await page.getByRole('link', { name: 'Print labels for these' }).click();
	await expect(page.getByText(/馬 cannot be printed/)).toBeVisible();
	await expect(page.getByRole('img', { name: /Page 1 of 1/ })).toBeVisible();
	await page.getByLabel('Paper').selectOption('roll-50x30');
	await expect(page.getByText(/No room on this paper for|no room for/).first()).toBeVisible();
	await page.getByLabel('Paper').selectOption('roll-102x76');
	await expect(page.getByRole('img', { name: /Page 3 of 3/ })).toBeVisible();
	const byHand = page.getByLabel('Only codes and lines to write on by hand');
	await byHand.check();
	expect(
		await page.getByRole('link', { name: 'Open the sheet (PDF)' }).getAttribute('href')
	).toContain('byhand');
	await byHand.uncheck();
	await page.getByRole('button', { name: 'Print on the roll printer' }).click();
	await expect(page.getByText('The printer is out of paper.')).toBeVisible({ timeout: 20_000 });
	expect(await tell('ROLL 10')).toBe('ok');
	await page.getByRole('button', { name: 'Go on' }).click();
	await expect(page.getByText('3 labels printed.')).toBeVisible({ timeout: 20_000 });
	const pictures = readdirSync(printed).sort();
	expect(pictures).toHaveLength(3);
	const codes = pictures.map((name) => codeIn(`${printed}/${name}`));
	const onPage = await page.locator('table.ledger td.tracking-wider').allInnerTexts();
	expect([...codes].sort()).toEqual([...onPage].sort());
});

test('the same label sent again is on paper once; a slow printer is waited for', async () => {
	const picture = Buffer.concat([Buffer.from('P4\n8 8\n'), Buffer.alloc(8, 0xff)]);
	const send = async () =>
		(
			await page.request.post('/labels/print?id=same-label-1', {
				data: picture,
				timeout: 20_000,
				headers: { 'content-type': 'image/x-portable-bitmap', origin: base }
			})
		).json();
	await tell('DELAY 9000');
	expect(await send()).toEqual({ outcome: 'slow' });
	await tell('DELAY 10');
	await expect.poll(async () => (await send()).outcome, { timeout: 15_000 }).toBe('already');
	expect(readdirSync(printed).filter((name) => name.includes('same-label'))).toHaveLength(1);
	const refused = await page.request.post('/labels/print?id=same-label-2', {
		data: 'no',
		headers: { 'content-type': 'image/x-portable-bitmap', origin: base }
	});
	expect(refused.status()).toBe(400);
});

test('search as you type, by best-by month and shelf; several moved at once and taken back', async () => {
	await page.goto('/freezer');
	const all = await count(page);
	await page.getByLabel('Search by dish, shelf or code').pressSequentially('dal');
	await expect(firstRow(page)).toContainText('Red lentil dal');
	await expect.poll(() => count(page)).toBe(3);
	await expect(page).toHaveURL(/q=dal/);
	await page.getByLabel('Search by dish, shelf or code').fill('nothing like it');
	await expect(page.getByText('Nothing in the freezer answers to that.')).toBeVisible();
	await page.getByRole('link', { name: 'Show everything' }).click();
	await expect.poll(() => count(page)).toBe(all);
	await page.getByLabel('Best by', { exact: true }).selectOption('none');
	await expect(firstRow(page)).toContainText('no date: use first');
	await page.goto('/freezer?q=dal');
	for (const box of await page.getByRole('checkbox', { name: /choose Red lentil dal/ }).all())
		await box.check();
	const below = page.getByRole('region', { name: 'With the ticked ones' });
	await below.getByRole('button', { name: 'Move' }).click();
	await below
		.getByRole('combobox', { name: 'Shelf' })
		.selectOption({ label: 'chest freezer, floor' });
	await below.getByRole('button', { name: 'Do it' }).click();
	await expect(page.getByText('3 done.')).toBeVisible();
	await expect(firstRow(page)).toContainText('floor');
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(firstRow(page)).toContainText('top drawer');
});

test('ticked packs go into a cool box: hours it holds, more with ice; what is no amount is said at its field', async () => {
	await page.goto('/freezer?q=dal');
	await page
		.getByRole('checkbox', { name: /choose Red lentil dal/ })
		.first()
		.check();
	const below = page.getByRole('region', { name: 'With the ticked ones' });
	// a search that finds nothing takes the list away, not what is ticked
	const search = page.getByRole('searchbox');
	await search.fill('nothing of the kind');
	await expect(below).toBeHidden();
	await search.fill('dal');
	await below.getByRole('link', { name: 'Cool box' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('in a cool box');
	const hold = page.getByRole('status').filter({ hasText: 'hard as a whole' });
	const longest = async () =>
		Number(/(\d+) h until/.exec((await hold.innerText()).replace(/\s+/g, ' '))?.[1]);
	const alone = await longest();
	await page.getByLabel('Ice or cold packs').fill('2 kg');
	await page.getByRole('button', { name: 'How long?' }).click();
	await expect(page).toHaveURL(/iceKg=2/);
	await expect.poll(longest).toBeGreaterThan(alone);
	await page.getByLabel('Ice or cold packs').fill('a bag');
	await page.getByRole('button', { name: 'How long?' }).click();
	await expect(page.getByText(/^Ice or cold packs: /)).toBeVisible();
	await expect(page.getByLabel('Ice or cold packs')).toHaveValue('a bag');
});

test('two devices take the same pack out: one does, the other is told; a second tap does nothing', async ({
	browser
}) => {
	await page.goto('/freezer?q=Ratatouille');
	const path = (await page.locator('td a').first().getAttribute('href')) as string;
	const other = await (await browser.newContext({ baseURL: base })).newPage();
	// the other device does not hear of it in time
	await other.route('**/live', (route) => route.abort());
	await page.goto(path);
	await other.goto(path);
	await page.getByRole('button', { name: 'Take it out to thaw' }).click();
	await expect(page.getByText(/Out since .*in the refrigerator/)).toBeVisible();
	await expect(page.getByRole('region', { name: 'Running clocks' })).toContainText(
		'Ratatouille · thawing'
	);
	await other.getByRole('button', { name: 'Mark it cooked' }).click();
	await expect(other.getByText('This pack changed meanwhile')).toBeVisible();
	await other.close();
	await expect(page.getByText('it may be frozen again without cooking')).toBeVisible();
	await page.getByRole('button', { name: 'Freeze it again' }).click();
	await expect(page.getByRole('button', { name: 'Take it out to thaw' })).toBeVisible();
	await expect(page.getByText('taken out to thaw: refrigerator')).toBeVisible();
});

test('a part is used, the rest split; both are taken back', async () => {
	await page.goto('/freezer?q=pork');
	await page.locator('td a').first().click();
	await page.getByText('Use a part, split, move, give away, discard').click();
	await page.getByLabel('Servings used').fill('99');
	await page.getByRole('button', { name: 'Use a part' }).click();
	await expect(page.getByText('Servings used: write a whole number')).toBeVisible();
	await page.getByLabel('Servings used').fill('2');
	await page.getByRole('button', { name: 'Use a part' }).click();
	await expect(page.getByText('6 servings').first()).toBeVisible();
	await page.getByLabel('Split into').fill('3');
	await page.getByRole('button', { name: 'Split it' }).click();
	await expect(page.getByText('2 servings').first()).toBeVisible();
	await page.goto('/freezer?q=pork');
	await expect.poll(() => count(page)).toBe(3);
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect.poll(() => count(page)).toBe(1);
});

test('a photo of a label opens its pack; a photo without one says what to do', async () => {
	await page.goto('/freezer?q=tagine');
	await oneByOne(page);
	const code = (await page.locator('tbody td.tracking-wider').first().innerText()).trim();
	const pdf = await page.request.get(`/labels.pdf?codes=${code}&paper=roll-76x51&start=1`);
	const photo = 'test-results/photo';
	const { writeFile } = await import('node:fs/promises');
	await writeFile(`${photo}.pdf`, await pdf.body());
	execFileSync('pdftoppm', ['-png', '-singlefile', '-r', '150', `${photo}.pdf`, photo]);
	await page.goto('/freezer/scan');
	const file = page.getByLabel('A photo of the code, or a picture file');
	await file.setInputFiles('docs/screenshots/menu.png');
	await expect(page.getByText('No pack code in this picture.')).toBeVisible({ timeout: 20_000 });
	await file.setInputFiles(`${photo}.png`);
	await expect(page).toHaveURL(`${base}/freezer/${code}`, { timeout: 20_000 });
	await expect(page.getByRole('link', { name: 'Cook it: card and times' })).toBeVisible();
});

test('counting up a shelf: what is missing leaves the list, what is found comes onto it', async () => {
	await page.goto('/freezer/count');
	const listed = await page.getByRole('checkbox').count();
	await page.getByRole('button', { name: 'Tick all' }).click();
	await page.getByRole('checkbox').first().uncheck();
	await page.goto('/freezer?q=bones');
	await oneByOne(page);
	const elsewhere = (await page.locator('tbody td.tracking-wider').first().innerText()).trim();
	await page.goto('/freezer/count');
	// what was ticked is still ticked
	await expect(page.getByText(`${listed - 1} of ${listed} seen`)).toBeVisible();
	await page.getByLabel('Code, or scan it').fill(elsewhere.toLowerCase());
	await page.getByRole('button', { name: 'It is there' }).click();
	await expect(page.getByText('1 seen here are not on this shelf’s list')).toBeVisible();
	await page.getByRole('button', { name: 'Settle the differences' }).click();
	await expect(
		page.getByText('Settled: 1 taken off the list, 0 put back on it, 1 moved')
	).toBeVisible();
	await expect(page.getByRole('checkbox')).toHaveCount(listed);
});

test('a power cut has a beginning and an end: within the hours keep; beyond, each is looked at; readings count as far as they reach', async () => {
	const rows = page.locator('tbody tr');
	/** Asks what a cut of so many hours did, that ended now. */
	const cut = async (freezer: string, hours: number) => {
		await page.goto('/freezer/power');
		await page.getByLabel('Freezer').selectOption({ label: freezer });
		const ended = await page.getByLabel('Power came back').inputValue();
		// the field's own text, reckoned with as if it were UTC
		const began = new Date(Date.parse(`${ended}Z`) - hours * 3600_000).toISOString().slice(0, 16);
		await page.getByLabel('Power went').fill(began);
		await page.getByRole('button', { name: 'Show what to do' }).click();
		await expect(rows.first()).toBeVisible();
	};
	await cut('kitchen', 1);
	await expect(
		page.getByText(/^\d+ keep, 0 freeze again, 0 cook now, 0 discard, 0 to look at$/)
	).toBeVisible();
	const ended = await page.getByLabel('Power came back').inputValue();
	await page.goto(`/freezer/power?freezer=1&from=${ended}&to=${ended}`);
	await expect(page.getByText('Power went: give the day and the time')).toBeVisible();
	await cut('kitchen', 60);
	await expect(rows.first()).toContainText('look at it');
	await rows.first().getByLabel('yes').check();
	await expect(rows.first()).toContainText('freeze again');
	const soup = rows.filter({ hasText: 'dal' }).first();
	await soup.getByLabel('no', { exact: true }).check();
	await expect(soup).toContainText('discard');
	// the chest freezer has a thermometer: it was cold all the time
	await cut('chest freezer', 60);
	await expect(page.getByText(/its readings cover (59|60)/)).toBeVisible();
	await expect(rows.first()).toContainText('keep');
});

test('left out on the counter is no way to thaw: it has two hours in all', async () => {
	await page.goto('/freezer');
	await page.locator('.slabs a').last().click();
	await expect(page.getByLabel('Where')).not.toContainText('counter');
	await page.getByText('Was it left out on the counter?').click();
	await page.getByLabel('For how many minutes by now').fill('30');
	await page.getByRole('button', { name: 'It stands on the counter' }).click();
	await expect(
		page.getByText(/Two hours in all: into the pot or the refrigerator by/)
	).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await expect(page.getByText('Was it left out on the counter?')).toBeVisible();
});

test('a warm spell from a thermometer’s file brings best-by days forward; taken back they are as before', async () => {
	await page.goto('/freezer/temperatures?freezer=1');
	const forward = page.locator('td', { hasText: /^−\d+ d$/ });
	const before = await forward.count();
	const hour = 3600_000;
	const lines = Array.from({ length: 73 }, (_, i) => {
		const at = new Date(Date.now() - (80 - i) * hour).toISOString();
		return `${at},${i > 10 && i < 60 ? -3 : -18}`;
	});
	await page.getByLabel('a column of times and one of temperatures').setInputFiles({
		name: 'freezer.csv',
		mimeType: 'text/csv',
		buffer: Buffer.from(`time,temp °C\n${lines.join('\n')}\nlater,cold`)
	});
	await page.getByRole('button', { name: 'Read it in' }).click();
	await expect(page.getByText('73 readings kept, 1 line could not be read.')).toBeVisible();
	await expect.poll(() => forward.count()).toBeGreaterThan(before);
	await page.getByRole('button', { name: 'Undo' }).first().click();
	await page.goto('/freezer/temperatures?freezer=1');
	await expect(forward).toHaveCount(before);
});

test('a table out reads back in: what is there is not written twice, bad lines are said by number', async () => {
	const csv = await (await page.request.get('/freezer/stock.csv')).text();
	const lines = csv.trim().split('\r\n');
	await page.goto('/freezer/tables');
	await page.getByRole('button', { name: 'Look at it' }).click();
	await expect(page.getByText('Paste a table first')).toBeVisible();
	await page
		.getByLabel('Table', { exact: true })
		.fill(
			[
				...lines,
				',plum jam,cooked,4,250,3,about June,,,',
				',ghost,cooked,1,200,1,2035-01-01,,,'
			].join('\n')
		);
	await page.getByRole('button', { name: 'Look at it' }).click();
	await expect(
		page.getByText(`1 line can be read, 1 cannot; in the freezer already: ${lines.length - 1}.`)
	).toBeVisible();
	await expect(page.getByText(`Line ${lines.length + 2}: Frozen: write a day`)).toBeVisible();
	await page.getByRole('button', { name: 'Write down 1 line' }).click();
	await expect(page.getByText('1 line written down.')).toBeVisible();
	await page.goto('/freezer?q=plum+jam');
	await expect.poll(() => count(page)).toBe(3);
});

test('labels first: packs are reserved, filled step by step with wet hands, weighed, and frozen on the day', async ({
	browser
}) => {
	const phone = awake(
		await (
			await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: base })
		).newPage()
	);
	await page.goto('/pack');
	await page.getByLabel('Dish').selectOption({ label: 'Lamb and apricot tagine' });
	await page.getByLabel('Packs', { exact: true }).fill('2');
	await page.getByLabel('Net weight of each').fill('850 g');
	await expect(page.getByText(/leave \d+ mm free/).first()).toBeVisible();
	await expect(page.getByRole('row', { name: /laid flat on a tray .* h .* fits/ })).toBeVisible({
		timeout: 20_000
	});
	await page.getByLabel('Labels first').check();
	await page.getByRole('button', { name: 'Pack them' }).click();
	await expect(page.getByRole('heading', { name: 'Filled now?' })).toBeVisible({ timeout: 30_000 });
	const address = page.url();
	await phone.goto(`${address}/fill`);
	const next = phone.getByRole('button', { name: 'Done, next' });
	for (let i = 0; i < 20 && (await next.isVisible()); i++) {
		const weights = phone.getByLabel(/^Pack [A-Z0-9]{5}$/);
		if ((await weights.count()) > 0) {
			await weights.nth(0).fill('800 g');
			await weights.nth(1).fill('950 g');
			await expect(phone.getByText('They differ by 17 %')).toBeVisible();
		}
		await next.click();
	}
	await phone.getByRole('button', { name: 'Mark them frozen' }).click();
	await expect(phone).toHaveURL(/\/pack\/\d+/);
	await page.goto(address);
	await expect(page.getByRole('heading', { name: 'Filled now?' })).toBeHidden();
	await page.getByRole('cell').getByRole('link').first().click();
	await expect(page.getByText('800 g').first()).toBeVisible();
	await expect(page.getByText('label printed ahead')).toBeVisible();
	await phone.close();
});
