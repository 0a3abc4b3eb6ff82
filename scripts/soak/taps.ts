import type { Row } from './row.ts';
import type { TriedServer } from './tried-server.ts';

/** The same form sent twice at once, as a double tap does; to one process, or each to another. */
export async function doubleTaps(
	servers: readonly TriedServer[],
	pairs: number,
	where: string
): Promise<Row> {
	const [first, second = first] = servers;
	const tap = ({ base }: TriedServer, n: number) => {
		const form = new URLSearchParams({
			name: `Tapped ${n}`,
			servings: '4',
			kind: 'pulse-soup',
			state: 'cooked',
			lines: '300 g red lentils'
		});
		return fetch(`${base}/menu/new`, {
			method: 'POST',
			body: form,
			headers: {
				origin: base,
				cookie: 'almacen-device=tapped',
				'x-sveltekit-action': 'true',
				accept: 'application/json'
			}
		}).then((answer) => answer.text());
	};
	for (let n = 0; n < pairs; n++) await Promise.all([tap(first, n), tap(second, n)]);
	const file = (await (await fetch(`${first.base}/export.json`)).json()) as {
		tables: { dishes: { name: string }[] };
	};
	const made = file.tables.dishes.filter(({ name }) => name.startsWith('Tapped')).length;
	return {
		tried: `double taps on a new dish, both at once, ${where}`,
		times: `${pairs} pairs`,
		survived: `${made} dishes made`,
		lost: made === pairs ? 'nothing' : `${Math.abs(pairs - made)} too many or too few`
	};
}
