import { Counter, Gauge, Histogram, Registry, collectDefaultMetrics } from 'prom-client';

/** What is measured of this process, in the usual text format; nothing of it says who asked for what. */
const registry = new Registry();
collectDefaultMetrics({ register: registry, prefix: 'almacen_' });

const requests = new Histogram({
	name: 'almacen_request_seconds',
	help: 'Time to answer, by route, method and class of status',
	labelNames: ['route', 'method', 'status'] as const,
	buckets: [0.01, 0.03, 0.1, 0.3, 1, 3, 10],
	registers: [registry]
});
const failures = new Counter({
	name: 'almacen_failures_total',
	help: 'Requests that ended in an error of this application',
	registers: [registry]
});
const copyAge = new Gauge({
	name: 'almacen_newest_copy_age_seconds',
	help: 'Age of the newest safe copy; NaN without one',
	registers: [registry]
});
const room = new Gauge({
	name: 'almacen_disk_free_bytes',
	help: 'Room left where the data folder lies',
	registers: [registry]
});

export function countRequest(
	route: string | null,
	method: string,
	status: number,
	seconds: number
): void {
	requests.observe(
		{ route: route ?? 'none', method, status: `${Math.floor(status / 100)}xx` },
		seconds
	);
	if (status >= 500) failures.inc();
}

/** Everything measured, as text, and what kind of text. */
export async function metricsText(now: {
	copyAgeS: number;
	freeBytes: number;
}): Promise<{ text: string; contentType: string }> {
	copyAge.set(now.copyAgeS);
	room.set(now.freeBytes);
	return { text: await registry.metrics(), contentType: registry.contentType };
}
