/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';

/**
 * Keeps the frame and the screens a kitchen works from usable when the connection is gone: what was last seen of them is shown.
 * What is entered meanwhile waits in the page itself and is sent once. Everything else goes to the household's computer as ever.
 */
const worker = self as unknown as ServiceWorkerGlobalScope;
const frame = `frame-${version}`;
const seen = `seen-${version}`;
/** Programs of a megabyte are fetched when they are wanted. */
const kept = [...build, ...files].filter((path) => !path.endsWith('.wasm'));
const keptPaths = new Set(kept);
/** Screens that are worked from: the day, filling, the list, cooling, a pack and its card. */
const screens = /^\/(menu|shop|prep|cool|pack|freezer|table)(\/|$)/;

worker.addEventListener('install', (event) => {
	event.waitUntil(
		caches
			.open(frame)
			.then((cache) => cache.addAll(kept))
			.then(() => worker.skipWaiting())
	);
});

worker.addEventListener('activate', (event) => {
	event.waitUntil(
		caches
			.keys()
			.then((names) =>
				Promise.all(
					names.filter((name) => name !== frame && name !== seen).map((name) => caches.delete(name))
				)
			)
			.then(() => worker.clients.claim())
	);
});

/** The data of a screen, whole; a part of it is no use for later. */
const isWhole = (url: URL) =>
	!(url.searchParams.get('x-sveltekit-invalidated') ?? '').includes('0');
const isScreen = (request: Request, url: URL) =>
	screens.test(url.pathname) &&
	(request.mode === 'navigate' || url.pathname.endsWith('/__data.json'));

/** As it is now; without a connection as it was last seen. What comes piece by piece is shown as it comes, and kept when it is whole. */
async function nowOrLast(
	request: Request,
	url: URL,
	meanwhile: (work: Promise<void>) => void
): Promise<Response> {
	const cache = await caches.open(seen);
	const key = url.origin + url.pathname;
	try {
		const answer = await fetch(request);
		if (answer.ok && !answer.redirected && isWhole(url))
			meanwhile(cache.put(key, answer.clone()).catch(notWhole));
		return answer;
	} catch (error) {
		const last = await cache.match(key);
		if (last) return last;
		throw error;
	}
}

/** A page that was left before all of it had come is not kept. */
function notWhole(error: unknown): void {
	if (!(error instanceof TypeError || error instanceof DOMException)) throw error;
}

/** A screen that came as a page is later asked for as data: that is kept beside it, so that losing the connection never loses the screen. */
async function keepData(url: URL): Promise<void> {
	const data = new URL(`${url.pathname.replace(/\/$/, '')}/__data.json${url.search}`, url.origin);
	try {
		const answer = await fetch(data);
		if (answer.ok) await (await caches.open(seen)).put(data.origin + data.pathname, answer);
	} catch (error) {
		// the connection went between the two: the page itself is kept
		if (!(error instanceof TypeError)) throw error;
	}
}

worker.addEventListener('fetch', (event) => {
	const { request } = event;
	const url = new URL(request.url);
	if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
	if (keptPaths.has(url.pathname))
		event.respondWith(
			caches.match(url.pathname, { cacheName: frame }).then((known) => known ?? fetch(request))
		);
	else if (isScreen(request, url)) {
		const keeping: Promise<void>[] = [];
		const answer = nowOrLast(request, url, (work) => keeping.push(work));
		event.waitUntil(
			answer.then(
				() => Promise.all(keeping),
				() => undefined
			)
		);
		event.respondWith(answer);
		if (request.mode === 'navigate')
			event.waitUntil(
				answer.then(
					({ ok, redirected }) => (ok && !redirected ? keepData(url) : undefined),
					() => undefined
				)
			);
	}
});
