import { existsSync } from 'node:fs';
import { readFile, stat } from 'node:fs/promises';
import { writeWhole } from './whole-file.ts';

/** Files as they were read last, and when they were written: every request asks, and another process may have written. */
const read = new Map<string, { content: unknown; writtenMs: number }>();

/** What a small file of this application holds; null where there is none. */
export async function readKept<T>(path: string): Promise<T | null> {
	if (!existsSync(path)) return null;
	const { mtimeMs: writtenMs } = await stat(path);
	const known = read.get(path);
	if (known?.writtenMs === writtenMs) return known.content as T;
	const content = JSON.parse(await readFile(path, 'utf8')) as T;
	read.set(path, { content, writtenMs });
	return content;
}

/** Writes it, for its owner only; a cut leaves the old one or the new one. */
export async function writeKept(path: string, content: object): Promise<void> {
	await writeWhole(path, JSON.stringify(content));
	read.delete(path);
}

const turns = new Map<string, Promise<unknown>>();

/** Changes a file, one change after the other. */
export function changeKept<T, A>(
	path: string,
	change: (content: T | null) => Promise<{ content: (T & object) | null; answer: A }>
): Promise<A> {
	const before = turns.get(path) ?? Promise.resolve();
	const mine = before.then(async () => {
		const { content, answer } = await change(await readKept<T>(path));
		if (content) await writeKept(path, content);
		return answer;
	});
	turns.set(
		path,
		mine.catch(() => undefined)
	);
	return mine;
}
