import { TriedServer, pauseMs } from './tried-server.ts';
import type { Row } from './row.ts';

const pages = [
	'/freezer',
	'/table',
	'/menu',
	'/cool',
	'/prep',
	'/shop',
	'/learn',
	'/pack',
	'/table/week',
	'/household'
];
/** A cook looks at a page for a while before going on, ms. */
const lookMs = { least: 2000, most: 6000 };

const at = (sorted: readonly number[], share01: number) =>
	Math.round(sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share01))] ?? 0);

/** Many users at once for a while, on one process or several: every one opens a page, looks, opens the next; one in eight writes. */
export async function load(
	servers: readonly TriedServer[],
	users: number,
	seconds: number,
	on: string
): Promise<Row> {
	const readMs: number[] = [];
	const writeMs: number[] = [];
	let errors = 0;
	const untilMs = Date.now() + seconds * 1000;
	// a sequence of its own for every user: the same in every run
	const user = async (number: number) => {
		const server = servers[number % servers.length];
		let state = number + 1;
		const random01 = () => ((state = (state * 48_271) % 2_147_483_647), state / 2_147_483_647);
		await pauseMs(random01() * lookMs.most);
		for (let n = 0; Date.now() < untilMs; n++) {
			const from = performance.now();
			const writes = random01() < 1 / 8;
			const status = writes
				? await server.write(Date.UTC(2021, 0, 1) + number * 86_400_000 + n * 1000)
				: await fetch(server.base + pages[Math.floor(random01() * pages.length)]).then(
						async (answer) => (await answer.text(), answer.status),
						() => 0
					);
			(writes ? writeMs : readMs).push(performance.now() - from);
			if (status !== 200) errors++;
			await pauseMs(lookMs.least + random01() * (lookMs.most - lookMs.least));
		}
	};
	await Promise.all(Array.from({ length: users }, (_, number) => user(number)));
	const figures = (ms: number[]) => {
		const sorted = ms.sort((a, b) => a - b);
		return `p50 ${at(sorted, 0.5)} ms, p99 ${at(sorted, 0.99)} ms, most ${at(sorted, 1)} ms`;
	};
	return {
		tried: `${users} users for ${Math.round(seconds / 60)} minutes, ${on}`,
		times: `${readMs.length} pages, ${writeMs.length} writes`,
		survived: `pages ${figures(readMs)}; writes ${figures(writeMs)}`,
		lost: `${errors} errors`
	};
}
