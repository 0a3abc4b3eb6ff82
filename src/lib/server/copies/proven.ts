import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { changeKept, readKept } from '../kept-file.ts';
import { workerThread } from '../worker-thread.ts';

/** Copies that were opened and read to the last row, and when. */
type Proven = Record<string, { atMs: number }>;

const file = (copies: string) => join(copies, 'proven.json');
/** Opening a household of years and reading it all takes seconds. */
const deadlineMs = 120_000;

/** The names of those of a folder of copies. */
export async function provenOf(copies: string): Promise<ReadonlySet<string>> {
	return new Set(Object.keys((await readKept<Proven>(file(copies))) ?? {}));
}

/** Opens a copy in a thread of its own and reads it to the last row; why it is not whole, or null. */
export async function troubleInside(path: string): Promise<string | null> {
	const thread = workerThread('build/node/check-copy.js');
	try {
		await thread.ask({ file: path }, { deadlineMs });
		return null;
	} catch (error) {
		return (error as Error).message;
	} finally {
		await thread.stop();
	}
}

/** Proves a copy and keeps that it is; throws when it is not whole. */
export async function proveCopy(copies: string, name: string, nowMs: number): Promise<void> {
	const trouble = await troubleInside(join(copies, name));
	if (trouble) throw new Error(`The safe copy ${name} is not whole: ${trouble}`);
	await changeKept<Proven, void>(file(copies), async (proven) => {
		const still = Object.entries(proven ?? {}).filter(([old]) => existsSync(join(copies, old)));
		return {
			content: { ...Object.fromEntries(still), [name]: { atMs: nowMs } },
			answer: undefined
		};
	});
}
