import { createWriteStream, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { parentPort } from 'node:worker_threads';
import { createGzip } from 'node:zlib';
import { Header } from 'tar';
import type { ThreadReply } from '../worker-thread.ts';
import type { ArchiveStep } from './archive-folder.ts';

/** An archive is made of blocks of so many bytes, and ends with two empty ones. */
const blockBytes = 512;

/** What the folder held when it was read. */
let read: { path: string; mode: number; mtime: Date; bytes: Buffer | null }[] = [];

function readFolder(folder: string): void {
	read = readdirSync(folder, { recursive: true, withFileTypes: true }).map((entry) => {
		const at = join(entry.parentPath, entry.name);
		const { mode, mtime } = statSync(at);
		const bytes = entry.isFile() ? readFileSync(at) : null;
		return { path: at.slice(folder.length + 1), mode: mode & 0o7777, mtime, bytes };
	});
}

function* archive(): Generator<Buffer> {
	for (const { bytes, ...entry } of read) {
		const size = bytes?.length ?? 0;
		const header = new Header({ ...entry, size, type: bytes ? 'File' : 'Directory' });
		const tooLong = header.encode();
		if (tooLong || !header.block) throw new Error(`${entry.path} does not go into an archive`);
		yield header.block;
		if (bytes) yield bytes;
		yield Buffer.alloc((blockBytes - (size % blockBytes)) % blockBytes);
	}
	yield Buffer.alloc(2 * blockBytes);
}

async function take(step: ArchiveStep): Promise<void> {
	if (step.step === 'read') readFolder(step.folder);
	if (step.step === 'write')
		await pipeline(
			Readable.from(archive()),
			createGzip({ level: 1 }),
			createWriteStream(step.file)
		);
}

parentPort?.on('message', (asked: { id: number } & ArchiveStep) => {
	const answer = (reply: ThreadReply) => parentPort?.postMessage(reply);
	take(asked).then(
		() => answer({ id: asked.id, ok: true, answer: null }),
		(error: Error) => answer({ id: asked.id, ok: false, message: error.message })
	);
});
