import { spawn } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { awake, freshData } from './household';
import { server } from './server';

/** Time runs so many times faster, on the server, in its thermometer and so on every page: at first slowly enough to look at rows. */
const lapse = { atFirst: 10, later: 400 };
const port = 4831;
const base = `http://127.0.0.1:${port}`;
const dataDir = 'test-results/packing-day-data';

const now = (page: Page) =>
	page.locator('section', { has: page.getByRole('heading', { name: 'Now' }) });
const doneCount = async (page: Page) => {
	const text = await page.locator('summary', { hasText: /^Done/ }).textContent();
	return Number(/\d+/.exec(text ?? '')?.[0] ?? 0);
};

test('the demo’s packing day from prep to all packs filled: phone and laptop, late events, no connection, kill -9, a probe', async ({
	browser
}) => {
	test.setTimeout(300_000);
	freshData(dataDir, 'demo');
	const env = {
		ALMACEN_TIME_LAPSE: String(lapse.later),
		ALMACEN_TIME_FROM: String(Date.now()),
		ALMACEN_THERMOMETER: `http://127.0.0.1:${port + 1}`
	};
	const thermometer = spawn(process.execPath, ['stand-ins/thermometer.mjs', String(port + 1)], {
		env: { ...process.env, ...env }
	});
	let running = server(port, dataDir, { ...env, ALMACEN_TIME_LAPSE: String(lapse.atFirst) });
	try {
		await running.answers();
		const phone = awake(
			await (
				await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })
			).newPage()
		);
		const laptop = awake(
			await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
		);

		// prep: ticked on the phone, seen on the laptop
		await laptop.goto(`${base}/prep`);
		await phone.goto(`${base}/prep`);
		await expect(phone.getByText(/onions?, diced:/)).toBeVisible();
		await expect(async () => {
			await phone.getByRole('checkbox', { name: /onions?, diced/ }).check();
			await expect(laptop.getByRole('checkbox', { name: /onions?, diced/ })).toBeChecked();
		}).toPass();

		// planned on the laptop; bad times are refused in words and nothing typed is lost
		await laptop.getByRole('link', { name: 'Run sheet' }).click();
		await laptop.getByText('Kitchen and times today').click();
		await laptop.getByLabel('Begin at').fill('quarter past');
		await laptop.getByLabel('Ice baths').fill('2');
		await laptop.getByRole('button', { name: 'Plan the day' }).click();
		await expect(laptop.getByText('Write a time of day')).toBeVisible();
		await expect(laptop.getByLabel('Begin at')).toHaveValue('quarter past');
		await laptop.getByLabel('Begin at').fill('9:00');
		await laptop.getByLabel('To be done by').fill('11:00');
		await laptop.getByRole('button', { name: 'Plan the day' }).click();
		await expect(laptop.getByText(/^Done by \d/)).toBeVisible({ timeout: 30_000 });
		await expect(laptop.getByText('It cannot be under')).toBeVisible();
		await expect(laptop.getByText('past your time.')).toBeVisible();
		await expect(laptop.getByRole('heading', { name: 'Timeline' })).toBeVisible();

		// begun on the phone, followed by the laptop
		await phone.goto(await laptop.url());
		await phone.getByRole('button', { name: 'Begin the day' }).click();
		await expect(laptop.getByRole('heading', { name: 'Now' })).toBeVisible();
		await now(phone).locator('[data-begin]').first().click();
		await expect(now(phone).locator('[data-finish]').first()).toBeVisible();
		const first = await now(phone).locator('.what').first().textContent();
		await expect(
			now(laptop)
				.getByText(first?.trim().split(/\s{2,}|\n/)[0] ?? '')
				.first()
		).toBeVisible();

		// late, slow and left out
		await now(phone).getByRole('button', { name: '15 min late' }).first().click();
		await phone.getByRole('button', { name: 'Oven is slow' }).click();
		await expect(laptop.getByRole('button', { name: 'Oven is as planned' })).toBeVisible();
		await laptop.getByRole('button', { name: 'Leave out' }).first().click();
		// the onions were ticked on the prep list: they are done here, too
		await expect.poll(() => doneCount(phone)).toBe(2);

		// without a connection what is tapped is kept, and sent when it is back
		await phone.context().setOffline(true);
		await now(phone).locator('[data-finish]').first().click();
		await expect(phone.getByText('1 not sent yet')).toBeVisible();
		await expect(phone.getByText('Waits on this device')).toBeVisible();
		expect(await doneCount(phone)).toBe(3);
		expect(await doneCount(laptop)).toBe(2);
		await phone.context().setOffline(false);
		await expect.poll(() => doneCount(laptop), { timeout: 10_000 }).toBe(3);
		await expect(phone.getByText('not sent yet')).toBeHidden();

		// the server is killed in mid-session: at restart everything is there, and the pages find it again
		running.child.kill('SIGKILL');
		await running.ended;
		running = server(port, dataDir, env);
		await running.answers();
		await phone.reload();
		await expect.poll(() => doneCount(phone)).toBe(3);

		// the cook does what the phone says until nothing is left; a pot that cools is followed by a probe
		let probed = false;
		await expect(async () => {
			for (let i = 0; i < 6; i++) {
				const finish = now(phone).locator('[data-finish]');
				const begin = now(phone).locator('[data-begin]');
				if (await phone.getByText('Everything is done.').isVisible()) break;
				const cooling = now(phone).locator('li.running', {
					has: phone.locator('.what', { hasText: /^\s*Cool / })
				});
				if (!probed && (await cooling.count()) > 0) {
					const path = await cooling.getByRole('link').first().getAttribute('href');
					await fetch(`http://127.0.0.1:${port + 1}/probes/A`, {
						method: 'POST',
						body: JSON.stringify({ startC: 90, ambientC: 1, tauMin: 12 })
					});
					await laptop.goto(base + path);
					await laptop.getByLabel('Follow a probe').selectOption('A');
					probed = true;
				}
				if ((await begin.count()) > 0) await begin.first().click();
				else if ((await finish.count()) > 0) await finish.first().click();
				await phone.waitForTimeout(60);
			}
			await expect(phone.getByText('Everything is done.')).toBeVisible({ timeout: 50 });
		}).toPass({ timeout: 120_000, intervals: [20] });
		expect(probed).toBe(true);
		await expect(laptop.getByRole('heading', { name: /^Readings \(\d/ })).toBeVisible();
		await expect(laptop.getByText(/^Readings \(0\)/)).toBeHidden();
		await phone.getByRole('button', { name: 'The day is done' }).click();
		await expect(phone.getByText('The day took')).toBeVisible();
		// all of it is packed at once, from the bar that leads through the day; After knows what it took
		await laptop.goto(`${base}/prep`);
		const bar = laptop.getByRole('navigation', { name: /^Packing day/ });
		await bar.getByRole('link', { name: /^Pack / }).click();
		// what was filled, closed and labelled on the run sheet is packed: nothing is asked again
		await expect(bar.getByRole('link', { name: /^Pack all packed/ })).toBeVisible();
		await expect(laptop.getByRole('link', { name: 'Print all their labels' })).toBeVisible();
		await bar.getByRole('link', { name: /^After/ }).click();
		const made = await laptop.getByText(/^\d+ of \d+ planned packs were made\.$/).textContent();
		const [packs, planned] = (made ?? '').match(/\d+/g) ?? [];
		expect(packs).toBe(planned);
		expect(Number(planned)).toBeGreaterThan(5);
		await expect(laptop.getByText(/^Planned .*, took /)).toBeVisible();
		const wide = await phone.evaluate(() => document.documentElement.scrollWidth);
		expect(wide).toBeLessThanOrEqual(390);
	} finally {
		running.child.kill('SIGKILL');
		thermometer.kill('SIGKILL');
	}
});
