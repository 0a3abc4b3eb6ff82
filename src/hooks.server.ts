import * as w from '$lib/present/wording';
import { randomUUID } from 'node:crypto';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { env } from '$env/dynamic/private';
import { building } from '$app/environment';
import {
	error,
	json,
	redirect,
	text,
	type RequestEvent,
	type Handle,
	type HandleServerError,
	type ServerInit
} from '@sveltejs/kit';
import { plainAddress, withPlainForm } from '$lib/server/access/clean-request';
import { householdAccess } from '$lib/server/access/household-access';
import { gateOf, isLoopbackName } from '$lib/server/access/gate';
import { hasPassphrase, isSignedIn, setPassphrase } from '$lib/server/access/household-passphrase';
import { programOf } from '$lib/server/access/programs';
import { sessionCookie } from '$lib/server/access/session-cookie';
import { once } from '$lib/server/access/once';
import { log, logFailure, problem } from '$lib/server/log';
import { countRequest } from '$lib/server/metrics';
import { freeBytes, hasRoom } from '$lib/server/disk-room';
import { startCoreWorker } from '$lib/server/core-worker';
import { NewerDatabase } from '$lib/server/db/newer';
import { ServerUnreachable } from '$lib/server/db/server';
import { tidyDaily } from '$lib/server/db/tidy';
import { together } from '$lib/server/db/together';
import { DataFolderInUse, NoSoundLock } from '$lib/server/db/lock';
import { copiesDir, listCopies, makeCopy } from '$lib/server/copies/copy-folder';
import { copyDaily } from '$lib/server/copies/daily-copy';
import {
	DatabaseDamaged,
	DatabaseMissing,
	FolderUnwritable,
	openDatabase,
	openOnServer,
	type Opened
} from '$lib/server/db/open';
import { closeStreams, hearChanges, tellChange } from '$lib/server/live/changes';
import { DatabaseBehind, DatabaseUnsound } from '$lib/server/db/soundness';
import { proof } from '$lib/server/proof';
import { followProbes } from '$lib/server/probes/follow-probes';
import { startReading } from '$lib/server/reading/read-pasted';
import { thinDaily } from '$lib/server/services/household/thin-readings';
import { openToProve } from '$lib/server/services/household/open-to-prove';
import { proveApart } from '$lib/server/services/household/prove-apart';
import { computeMissingCards } from '$lib/server/services/packs/cards-behind';
import { nowMs } from '$lib/server/now';

let opened: Opened | undefined;
let core: ReturnType<typeof startCoreWorker> | undefined;
let reading: ReturnType<typeof startReading> | undefined;
const deviceCookie = 'almacen-device';
const yearS = 365 * 86_400;
/** As the build leaves them. */
const migrationsDir = 'drizzle';
const preparedDump = 'build/prepared/empty.tar.gz';
const dataDir = () => env.ALMACEN_DATA || 'data';

/** How the process ends when its folder cannot be opened for a reason that is the household's to mend; null: something else is wrong. */
function exitCodeOf(error: unknown): number | null {
	if (error instanceof DataFolderInUse || error instanceof NoSoundLock) return 3;
	if (error instanceof DatabaseMissing) return 4;
	if (error instanceof FolderUnwritable) return 5;
	if (error instanceof ServerUnreachable) return 7;
	if (error instanceof NewerDatabase) return 8;
	if (error instanceof DatabaseUnsound || error instanceof DatabaseBehind) return 9;
	return error instanceof DatabaseDamaged ? 6 : null;
}

export const init: ServerInit = async () => {
	if (building) return;
	const startedMs = Date.now();
	const proving = proof();
	if (proving) {
		opened = (await openToProve(proving, preparedDump, migrationsDir)) ?? undefined;
		core = startCoreWorker();
		reading = startReading();
		return;
	}
	try {
		// copies and the passphrase lie in it, whatever the database is
		if (env.DATABASE_URL) await mkdir(dataDir(), { recursive: true, mode: 0o700 });
		opened = env.DATABASE_URL
			? await openOnServer(env.DATABASE_URL, migrationsDir)
			: await openDatabase({ dataDir: dataDir(), migrationsDir, preparedDump });
	} catch (error) {
		const code = exitCodeOf(error);
		if (code === null) throw error;
		console.error((error as Error).message);
		process.exit(code);
	}
	// said at a start, it is the household's from then on
	if (env.ALMACEN_PASSPHRASE && !hasPassphrase(dataDir()))
		await setPassphrase(dataDir(), env.ALMACEN_PASSPHRASE);
	core = startCoreWorker();
	reading = startReading();
	const where = env.DATABASE_URL ? 'Database' : 'Data folder';
	console.log(`${where} open after ${Date.now() - startedMs} ms.`);
	const kept = opened;
	hearChanges();
	process.once('SIGTERM', closeStreams);
	process.once('SIGINT', closeStreams);
	void computeMissingCards(opened.db, core.compute);
	const stops = [
		together().inOneProcess('thermometer', () => followProbes(kept.db)),
		together().inOneProcess('copies', () => copyDaily(kept, dataDir())),
		together().inOneProcess('thinning', () => thinDaily(kept.db, dataDir()))
	];
	if (kept.tidy) stops.push(tidyDaily(kept.tidy, dataDir()));
	process.once('sveltekit:shutdown', async () => {
		for (const stop of stops) stop();
		await core?.stop();
		await reading?.stop();
		await makeCopy(kept, dataDir(), nowMs()).catch(logFailure('the safe copy at closing failed'));
		await kept.close();
		process.exit(0);
	});
};

/** What other devices call this server by: set at its start (ALMACEN_ADDRESSES), or as this page was called. */
function addressesOf(url: URL): string[] {
	const known = (env.ALMACEN_ADDRESSES || env.ALMACEN_ORIGIN || '').split(/[\s,]+/).filter(Boolean);
	const isOwn = isLoopbackName(url.hostname);
	return [...new Set([...(isOwn ? [] : [url.origin]), ...known])];
}

/** Whether this request is answered, where the household has a passphrase. */
async function gateFor(event: RequestEvent) {
	const token = event.cookies.get(sessionCookie.name);
	return gateOf({
		hasPassphrase: hasPassphrase(dataDir()),
		signedIn: await isSignedIn(dataDir(), token, Date.now()),
		pathname: event.url.pathname,
		method: event.request.method,
		hostname: event.url.hostname,
		clientAddress: event.getClientAddress()
	});
}

/** What is for other programs needs a token, also on this machine, however its address is written; only its description does not. */
const asksAsProgram = ({ route }: RequestEvent) =>
	(route.id ?? '').startsWith('/api/v1/') && route.id !== '/api/v1/openapi.json';

/** What a form that cannot be kept gets: what was typed stays where it is. */
function noRoom(request: Request): Response {
	const { diskFull } = w.hooksServerAnswers;
	// a form sent by a page's script gets its answer as every refused form does
	return request.headers.get('x-sveltekit-action') === 'true'
		? json({ type: 'failure', status: 507, data: JSON.stringify([{ message: 1 }, diskFull]) })
		: text(diskFull, { status: 507 });
}

/** Slower than this a request is worth a line, ms. */
const slowMs = 1000;

export const handle: Handle = async (asked) => {
	const from = performance.now();
	const response = await answer(asked);
	const { route, request } = asked.event;
	const ms = Math.round(performance.now() - from);
	countRequest(route.id, request.method, response.status, ms / 1000);
	const line = { route: route.id, method: request.method, status: response.status, ms };
	if (request.method === 'POST' || ms > slowMs) log.info(line, 'answered');
	else log.debug(line, 'answered');
	return response;
};

const answer: Handle = async ({ event, resolve }) => {
	if (opened && core && reading) {
		const { db } = opened;
		const kept = opened;
		event.locals.db = db;
		event.locals.copies = {
			list: () => listCopies(dataDir()),
			make: () => makeCopy(kept, dataDir(), nowMs()),
			path: (name) => join(copiesDir(dataDir()), name)
		};
		event.locals.prove = proveApart;
		event.locals.access = householdAccess(dataDir(), event.cookies.get(sessionCookie.name));
		event.locals.hasRoom = () => hasRoom(dataDir(), Date.now());
		event.locals.freeBytes = () => freeBytes(dataDir(), Date.now());
		event.locals.install = env.ALMACEN_INSTALL
			? { address: env.ALMACEN_INSTALL, fingerprint: env.ALMACEN_FINGERPRINT ?? '' }
			: null;
		event.locals.addresses = addressesOf(event.url);
		event.locals.compute = core.compute;
		event.locals.readPasted = reading.readPasted;
		event.locals.readExported = reading.readExported;
	}
	if (!plainAddress(event.url)) error(404, w.hooksServerAnswers.notFound);
	withPlainForm(event.request);
	const known = event.cookies.get(deviceCookie);
	const device = known ?? randomUUID();
	event.locals.device = device;
	// plain http in a kitchen's own network: a secure cookie would never come back
	if (!known) event.cookies.set(deviceCookie, device, { path: '/', maxAge: yearS, secure: false });
	// what is proven is asked for by its own process alone
	if (proof()) return resolve(event);
	const gate = await gateFor(event);
	if (gate === 'sign-in')
		redirect(303, `/sign-in?to=${encodeURIComponent(event.url.pathname + event.url.search)}`);
	if (
		asksAsProgram(event) &&
		!(await programOf(dataDir(), event.request.headers.get('authorization')))
	)
		return json(
			{ message: w.programAnswers.noToken },
			{ status: 401, headers: { 'www-authenticate': 'Bearer' } }
		);
	if (gate === 'refused') return text(w.signIn.needed, { status: 401 });
	if (event.request.method === 'POST' && !(await event.locals.hasRoom()))
		return noRoom(event.request);
	const from = known ?? `${event.getClientAddress()} ${event.request.headers.get('user-agent')}`;
	const response = await once(event.request, from, async () => resolve(event));
	// whatever was written may concern the clocks and undo lines on every other screen; a day's events tell for themselves
	const told = event.route.id === '/(kitchen)/prep/[id=id]/events';
	if (event.request.method === 'POST' && response.status < 400 && !told)
		tellChange({ topic: 'clocks', device });
	return response;
};

export const handleError: HandleServerError = ({ error, event, status, message }) => {
	if (status === 404) return { message: w.hooksServerAnswers.notFound };
	const proving = proof();
	if (proving) {
		proving.failed = true;
		return { message };
	}
	const reference = randomUUID().slice(0, 8);
	log.error(
		{ reference, route: event.route.id, method: event.request.method, status, ...problem(error) },
		'a request failed'
	);
	return {
		message: w.hooksServerAnswers.unexpected,
		reference
	};
};
