import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { TriedServer } from './tried-server.ts';
import type { Row } from './row.ts';

/** The same form sent twice at once, as a double tap does. */
export async function doubleTaps(template: string, pairs: number): Promise<Row> {
	const root = mkdtempSync(join(tmpdir(), 'almacen-soak-'));
	const dataDir = join(root, 'data');
	cpSync(template, dataDir, { recursive: true });
	const server = new TriedServer(dataDir, 4841);
	await server.start();
	const tap = (n: number) => {
		const form = new URLSearchParams({
			name: `Tapped ${n}`,
			servings: '4',
			kind: 'pulse-soup',
			state: 'cooked',
			lines: '300 g red lentils'
		});
		return fetch(`${server.base}/menu/new`, {
			method: 'POST',
			body: form,
			headers: {
				origin: server.base,
				cookie: 'almacen-device=tapped',
				'x-sveltekit-action': 'true',
				accept: 'application/json'
			}
		}).then((answer) => answer.text());
	};
	for (let n = 0; n < pairs; n++) await Promise.all([tap(n), tap(n)]);
	const file = (await (await fetch(`${server.base}/export.json`)).json()) as {
		tables: { dishes: { name: string }[] };
	};
	const made = file.tables.dishes.filter(({ name }) => name.startsWith('Tapped')).length;
	await server.end('SIGTERM');
	rmSync(root, { recursive: true });
	return {
		tried: 'double taps on a new dish, both at once',
		times: `${pairs} pairs`,
		survived: `${made} dishes made`,
		lost: made === pairs ? 'nothing' : `${Math.abs(pairs - made)} too many or too few`
	};
}
