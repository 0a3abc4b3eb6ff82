import { createServer, get, type RequestListener } from 'node:http';
import { mkdtemp, rm } from 'node:fs/promises';
import { setPriority, tmpdir } from 'node:os';
import { join } from 'node:path';
import { startProof, type Asked, type Outcome, type Told } from './lib/server/proof.ts';

/**
 * A process of its own that reads a household into memory and renders every page from it with the built application, behind the
 * household's own server and out of its way. Asked by one message, it answers by messages (`Told`) and ends.
 */
const laterThanOthers = 5;

const tell = (told: Told) =>
	new Promise<void>((resolve) => process.send?.(told, () => resolve()) ?? resolve());

/** Asks for one page; whether it was answered whole and without a failure of the server. */
const isShown = (socketPath: string, path: string) =>
	new Promise<boolean>((resolve) => {
		get({ socketPath, path, headers: { host: 'localhost' } }, (response) => {
			response.on('end', () => resolve((response.statusCode ?? 500) < 500));
			response.on('error', () => resolve(false));
			response.resume();
		}).on('error', () => resolve(false));
	});

async function prove(asked: Asked, socketPath: string): Promise<Outcome> {
	const proof = startProof(asked);
	const built = new URL('../handler.js', import.meta.url).href;
	const { handler } = (await import(/* @vite-ignore */ built)) as { handler: RequestListener };
	const { refused, copied, pages } = proof;
	if (refused !== undefined) return { ok: false, why: refused };
	// in a folder only this user reads: what is proven is not for others of the machine
	const server = createServer(handler).listen(socketPath);
	for (const [i, page] of pages.entries()) {
		await tell({ shown: i, of: pages.length });
		if (!(await isShown(socketPath, page)) || proof.failed) return { ok: true, copied, page };
	}
	server.close();
	return { ok: true, copied, page: null };
}

process.once('message', async (asked: Asked) => {
	setPriority(laterThanOthers);
	const dir = await mkdtemp(join(tmpdir(), 'almacen-prove-'));
	const outcome = await prove(asked, join(dir, 'pages')).finally(() =>
		rm(dir, { recursive: true, force: true })
	);
	await tell({ outcome });
	process.exit(0);
});
// whoever asked is gone
process.once('disconnect', () => process.exit(1));
