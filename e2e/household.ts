import { cpSync, rmSync } from 'node:fs';
import { test as base, type Page } from '@playwright/test';
import { server } from './server';
import { templates } from './templates';

/** What the household of a file's journeys starts from; a file of its own name has a server and a data folder of its own. */
export interface House {
	name: string;
	from: keyof typeof templates | 'empty';
	/** the file its clock is put forward by */
	shiftFile?: string;
}

/** A data folder like a template, or none yet. */
export function freshData(dir: string, from: House['from']): string {
	rmSync(dir, { recursive: true, force: true });
	if (from !== 'empty') cpSync(templates[from], dir, { recursive: true });
	return dir;
}

/**
 * Tests with a household of their own: `test.use({ house: { name, from } })` at the top of a file. No file depends on what another
 * left behind, so two of them run beside each other.
 */
export const test = base.extend<object, { house: House; home: { base: string } }>({
	house: [
		{ name: 'empty', from: 'empty' },
		{ option: true, scope: 'worker' }
	],
	home: [
		async ({ house }, use, info) => {
			const port = 4900 + info.parallelIndex * 10;
			const running = server(port, freshData(`test-results/${house.name}-data`, house.from), {
				// where the simulated shop answers while a test runs it
				ALMACEN_SHOP: `http://127.0.0.1:${port + 50}`,
				...(house.shiftFile && { ALMACEN_SHIFT_FILE: house.shiftFile })
			});
			await running.answers();
			await use({ base: `http://127.0.0.1:${port}` });
			running.child.kill('SIGTERM');
			await running.ended;
		},
		{ scope: 'worker', auto: true, timeout: 60_000 }
	],
	baseURL: async ({ home }, use) => use(home.base),
	page: async ({ page }, use) => use(awake(page))
});

/** A page that is taken as open only once it has come alive: a busy machine needs its time, and no test guesses how much. */
export function awake(page: Page): Page {
	const alive = () => page.locator('html[data-alive]').waitFor({ state: 'attached' });
	const [goto, reload] = [page.goto.bind(page), page.reload.bind(page)];
	page.goto = async (...where) => {
		const answer = await goto(...where);
		await alive();
		return answer;
	};
	page.reload = async (...how) => {
		const answer = await reload(...how);
		await alive();
		return answer;
	};
	return page;
}
export { expect, type Page } from '@playwright/test';
