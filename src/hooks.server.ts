import { w } from '$lib/present/wording';
import { randomUUID } from 'node:crypto';
import { env } from '$env/dynamic/private';
import { building } from '$app/environment';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { startCardWorker } from '$lib/server/card-worker';
import { DataFolderInUse } from '$lib/server/db/lock';
import { listCopies, makeCopy } from '$lib/server/copies/copy-folder';
import { copyDaily } from '$lib/server/copies/daily-copy';
import { openDatabase, type Opened } from '$lib/server/db/open';

let opened: Opened | undefined;
let cards: ReturnType<typeof startCardWorker> | undefined;
const dataDir = () => env.ALMACEN_DATA || 'data';

export const init: ServerInit = async () => {
	if (building) return;
	const startedMs = Date.now();
	try {
		opened = await openDatabase({
			dataDir: dataDir(),
			migrationsDir: 'drizzle',
			preparedDump: 'build/prepared/empty.tar.gz'
		});
	} catch (error) {
		if (!(error instanceof DataFolderInUse)) throw error;
		console.error(error.message);
		process.exit(3);
	}
	cards = startCardWorker();
	console.log(`Data folder open after ${Date.now() - startedMs} ms.`);
	const { client } = opened;
	const stopCopies = copyDaily(client, dataDir());
	process.once('sveltekit:shutdown', async () => {
		stopCopies();
		await cards?.stop();
		await makeCopy(client, dataDir(), Date.now()).catch((error) =>
			console.error('The safe copy at closing failed:', error)
		);
		await opened?.close();
		process.exit(0);
	});
};

export const handle: Handle = async ({ event, resolve }) => {
	if (opened && cards) {
		const { client, db } = opened;
		event.locals.db = db;
		event.locals.copies = {
			list: () => listCopies(dataDir()),
			make: () => makeCopy(client, dataDir(), Date.now())
		};
		event.locals.computeCard = cards.compute;
	}
	return resolve(event);
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { message: w.hooksServerAnswers.thereIsNothingAt };
	const reference = randomUUID().slice(0, 8);
	console.error(`[${reference}] ${event.request.method} ${event.url.pathname}: ${message}`, error);
	return {
		message: w.hooksServerAnswers.somethingWentWrongOn,
		reference
	};
};
