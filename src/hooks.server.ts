import * as w from '$lib/present/wording';
import { randomUUID } from 'node:crypto';
import { env } from '$env/dynamic/private';
import { building } from '$app/environment';
import type { Handle, HandleServerError, ServerInit } from '@sveltejs/kit';
import { plainAddress, withPlainForm } from '$lib/server/access/clean-request';
import { startCoreWorker } from '$lib/server/core-worker';
import { DataFolderInUse } from '$lib/server/db/lock';
import { listCopies, makeCopy } from '$lib/server/copies/copy-folder';
import { copyDaily } from '$lib/server/copies/daily-copy';
import { DatabaseMissing, openDatabase, type Opened } from '$lib/server/db/open';
import { closeStreams, tellChange } from '$lib/server/live/changes';
import { followProbes } from '$lib/server/probes/follow-probes';
import { startReading } from '$lib/server/reading/read-pasted';
import { computeMissingCards } from '$lib/server/services/packs/cards-behind';
import { nowMs } from '$lib/server/now';

let opened: Opened | undefined;
let core: ReturnType<typeof startCoreWorker> | undefined;
let reading: ReturnType<typeof startReading> | undefined;
const deviceCookie = 'almacen-device';
const yearS = 365 * 86_400;
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
		if (!(error instanceof DataFolderInUse || error instanceof DatabaseMissing)) throw error;
		console.error(error.message);
		process.exit(error instanceof DataFolderInUse ? 3 : 4);
	}
	core = startCoreWorker();
	reading = startReading();
	console.log(`Data folder open after ${Date.now() - startedMs} ms.`);
	const { client } = opened;
	process.once('SIGTERM', closeStreams);
	process.once('SIGINT', closeStreams);
	void computeMissingCards(opened.db, core.compute);
	const stopProbes = followProbes(opened.db);
	const stopCopies = copyDaily(client, dataDir());
	process.once('sveltekit:shutdown', async () => {
		stopCopies();
		stopProbes();
		await core?.stop();
		await reading?.stop();
		await makeCopy(client, dataDir(), nowMs()).catch((error) =>
			console.error('The safe copy at closing failed:', error)
		);
		await opened?.close();
		process.exit(0);
	});
};

export const handle: Handle = async ({ event, resolve }) => {
	if (opened && core && reading) {
		const { client, db } = opened;
		event.locals.db = db;
		event.locals.copies = {
			list: () => listCopies(dataDir()),
			make: () => makeCopy(client, dataDir(), nowMs())
		};
		event.locals.compute = core.compute;
		event.locals.readPasted = reading.readPasted;
	}
	plainAddress(event.url);
	withPlainForm(event.request);
	const known = event.cookies.get(deviceCookie);
	const device = known ?? randomUUID();
	event.locals.device = device;
	// plain http in a kitchen's own network: a secure cookie would never come back
	if (!known) event.cookies.set(deviceCookie, device, { path: '/', maxAge: yearS, secure: false });
	const response = await resolve(event);
	// whatever was written may concern the clocks and undo lines on every other screen; a day's events tell for themselves
	const told = event.route.id === '/(kitchen)/prep/[id=id]/events';
	if (event.request.method === 'POST' && response.status < 400 && !told)
		tellChange({ topic: 'clocks', device });
	return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { message: w.hooksServerAnswers.notFound };
	const reference = randomUUID().slice(0, 8);
	console.error(`[${reference}] ${event.request.method} ${event.url.pathname}: ${message}`, error);
	return {
		message: w.hooksServerAnswers.unexpected,
		reference
	};
};
