import { chromium, expect, test } from '@playwright/test';
import { awake, freshData } from './household';
import { server } from './server';

const port = 4970;
const passphrase = 'red lentils on tuesday';
const outside = `https://pantry.local:${port}`;

test('at home: by https a device signs in, or is let in by a code; it is listed, and sent out', async () => {
	const running = server(port, freshData('test-results/at-home-data', 'settled'), {
		ALMACEN_HOME: '1',
		ALMACEN_HOST: '127.0.0.1',
		ALMACEN_PASSPHRASE: passphrase,
		ALMACEN_ORIGIN: outside
	});
	await expect
		.poll(() => running.said(), { timeout: 60_000 })
		.toContain('scan this within five minutes');
	// a name of the network leads here, as on a phone at home
	const browser = await chromium.launch({
		executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
		args: ['--no-sandbox', '--host-resolver-rules=MAP pantry.local 127.0.0.1']
	});
	const context = () => browser.newContext({ ignoreHTTPSErrors: true, serviceWorkers: 'block' });
	const [own, phoneContext] = [await context(), await context()];
	const desk = awake(await own.newPage());
	const phone = awake(await phoneContext.newPage());

	await phone.goto(`${outside}/freezer`);
	await expect(phone).toHaveURL(/\/sign-in\?to=/);
	await phone.getByLabel('Passphrase').fill('green lentils on tuesday');
	await phone.getByRole('button', { name: 'Open' }).click();
	await expect(phone.getByText('That is another passphrase')).toBeVisible();
	const status = await phone.evaluate(async () => {
		const body = new URLSearchParams({ name: 'x' });
		return (await fetch('/menu/new', { method: 'POST', body })).status;
	});
	expect(status).toBe(401);

	// this machine itself is never asked
	await desk.goto(`https://127.0.0.1:${port}/household/device`);
	await desk.getByLabel('Name').first().fill('Kitchen tablet');
	await desk.getByRole('button', { name: 'Show the code' }).click();
	const address = (await desk
		.getByText('Scan this with “Kitchen tablet”')
		.locator('..')
		.locator('code')
		.textContent())!;
	const { pathname } = new URL(address.trim());
	await phone.goto(outside + pathname);
	await expect(phone.getByRole('heading')).toHaveText('This device is “Kitchen tablet”');
	await phone.getByRole('button', { name: 'Come in' }).click();
	await expect(phone.getByRole('link', { name: 'Freezer' }).first()).toBeVisible();
	const [session] = (await phoneContext.cookies()).filter(({ name }) => name === 'almacen-session');
	expect(session).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Lax' });
	await phone.goto(outside + pathname);
	await expect(phone.getByRole('heading')).toHaveText('This code is not good any more');

	await desk.reload();
	await desk.getByRole('button', { name: 'Sign Kitchen tablet out' }).click();
	await expect(desk.getByRole('button', { name: 'Sign Kitchen tablet out' })).toBeHidden();
	await phone.goto(`${outside}/freezer`);
	await expect(phone).toHaveURL(/\/sign-in\?to=/);
	await phone.getByLabel('Passphrase').fill(passphrase);
	await phone.getByRole('button', { name: 'Open' }).click();
	await expect(phone).toHaveURL(`${outside}/freezer`);

	// a new passphrase, and everybody comes in anew
	await desk.getByLabel('The one until now').fill('not this one');
	await desk.getByLabel('The new one').fill('four words that differ');
	await desk.getByRole('button', { name: 'Set it' }).click();
	await expect(desk.getByText('That is another passphrase')).toBeVisible();
	await desk.getByLabel('The one until now').fill(passphrase);
	await desk.getByLabel('The new one').fill('four words that differ');
	await desk.getByRole('button', { name: 'Set it' }).click();
	await expect(desk.getByText('Every other device signs in anew')).toBeVisible();
	await phone.goto(`${outside}/freezer`);
	await expect(phone).toHaveURL(/\/sign-in\?to=/);

	await browser.close();
	running.child.kill('SIGTERM');
	expect(await running.ended).toBe(0);
});
