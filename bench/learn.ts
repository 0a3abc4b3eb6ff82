import { addDays } from '../src/lib/core/units/index.ts';
import { cooks } from '../src/lib/server/db/schema/index.ts';
import { demoFolder, dropFolders } from './demo-folder.ts';
import { answered, served } from './served.ts';
import { line, ms } from './timing.ts';

const dayMs = 86_400_000;
/** In five years so many packs and cooks. */
const [years, packsInAll, cooksInAll] = [5, 1500, 2500];
const [halfDays, allDays] = [182, years * 365];
/** Packs of a packing, as a batch makes them, one eaten every so many days. */
const [each, everyDays] = [4, 9];
const dirOf = (days: number) => `data-bench-learn-${days}`;

/** The demo household with a history of so many days, as dense as five years of 1,500 packs and 2,500 cooks. */
const lived = (days: number): Promise<void> =>
	demoFolder(dirOf(days), async ({ db, known, addPacking }) => {
		const count = Math.round((packsInAll * days) / allDays);
		const today = new Date().toISOString().slice(0, 10);
		for (let n = 0; n < count; n += each) {
			const like = known[n % known.length];
			const agoDays = Math.round((days * (count - n)) / count);
			const outMs = (i: number) => Date.now() - Math.max(1, agoDays - (i + 1) * everyDays) * dayMs;
			const ids = await addPacking(
				like,
				{ packedOn: addDays(today, -agoDays) },
				Array.from({ length: each }, (_, i) => ({
					status: 'cooked' as const,
					cookedAtMs: outMs(i)
				}))
			);
			const options = like.card?.options ?? [];
			for (const [i, packId] of ids.entries()) {
				const { method } = options[(n + i) % options.length];
				const times = Math.round(cooksInAll / packsInAll + (i % 2));
				await db.insert(cooks).values(
					Array.from({ length: times }, (_, c) => ({
						packId,
						atMs: outMs(i) + c,
						method,
						route: 'frozen' as const,
						setMin: 60 + (n % 50),
						coreC: i === 0 ? 62 : null,
						outcome: n % 3 === 0 ? ('over' as const) : ('right' as const),
						enough: 'enough' as const
					}))
				);
			}
		}
	});

/** Learn with five years of history against half a year, which the aim is twice. Needs `npm run build`. */
export async function benchLearn(): Promise<void> {
	const found: number[] = [];
	for (const [days, port] of [
		[halfDays, 4877],
		[allDays, 4878]
	]) {
		await lived(days);
		const { base, stop } = await served(dirOf(days), port);
		found.push(await answered(`${base}/learn`));
		await stop();
	}
	const [half, five] = found;
	line('learn, 5 years against half a year', ms(five), `${(five / half).toFixed(2)} x`, 'aim 2 x');
	dropFolders([halfDays, allDays].map(dirOf));
}
