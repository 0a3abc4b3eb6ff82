import { demoFolder, dropFolders } from './demo-folder.ts';
import { answered, served } from './served.ts';
import { line, ms } from './timing.ts';

/** Packs of a packing, as a batch makes them. */
const each = 4;
const aimMs = 300;
const dirOf = (count: number) => `data-bench-table-${count}`;

/** The demo household with so many packs, four a packing, every packing with its own cook card. */
const stocked = (count: number): Promise<void> =>
	demoFolder(dirOf(count), async ({ known, there, addPacking }) => {
		for (let n = there; n < count; n += each)
			await addPacking(
				known[n % known.length],
				{},
				Array.from({ length: each }, () => ({ status: 'frozen' }) as const)
			);
	});

/** What can we eat by 18:30: 500 packs against 50, which the aim is twice. Needs `npm run build`. */
export async function benchTable(): Promise<void> {
	const found: number[] = [];
	for (const [count, port] of [
		[50, 4875],
		[500, 4876]
	]) {
		await stocked(count);
		const { base, stop } = await served(dirOf(count), port);
		found.push(await answered(`${base}/table?by=18:30`));
		await stop();
	}
	const [few, many] = found;
	line(
		'table, 500 packs against 50',
		`${ms(many)} (aim ${aimMs})`,
		`${(many / few).toFixed(2)} x`,
		'aim 2 x'
	);
	dropFolders([50, 500].map(dirOf));
}
