import { createServer } from 'node:http';

/**
 * A simulated thermometer with several probes, in the place of a real one: `node stand-ins/thermometer.mjs [PORT]`, 127.0.0.1
 * only. docs/thermometer.md describes what it speaks. Settings: ALMACEN_TIME_LAPSE (its time runs so many times faster, from
 * ALMACEN_TIME_FROM on), THERMOMETER_NOISE_K (0.4), THERMOMETER_DROPOUT (share of readings that are missing, 0.05).
 */
const port = Number(process.argv[2] ?? process.env.ALMACEN_THERMOMETER_PORT ?? 4791);
const lapse = Number(process.env.ALMACEN_TIME_LAPSE) || 1;
const fromMs = Number(process.env.ALMACEN_TIME_FROM) || Date.now();
const noiseK = Number(process.env.THERMOMETER_NOISE_K ?? 0.4);
const dropout = Number(process.env.THERMOMETER_DROPOUT ?? 0.05);
/** Time between two readings of a probe, and how long they are kept. */
const everyMs = 30_000;
const keptMs = 24 * 3_600_000;

const nowMs = () => fromMs + (Date.now() - fromMs) * lapse;
/** A number from 0 to 1 from a moment and a probe, the same whenever it is asked. */
function chance(probe, atMs, salt) {
	let state =
		(Math.floor(atMs / everyMs) * 7919 + probe.charCodeAt(0) * 104_729 + salt) % 2_147_483_647;
	for (let i = 0; i < 3; i++) state = (state * 48_271) % 2_147_483_647;
	return Math.abs(state) / 2_147_483_647;
}

const probes = new Map(
	['A', 'B', 'C', 'D'].map((id, i) => [
		id,
		{ id, name: `probe ${i + 1}`, sinceMs: nowMs(), startC: 21, ambientC: 21, tauMin: 40 }
	])
);

/** One more lies in a freezer: read every ten minutes, kept for a month; its compressor cycles, and every third day its door stands open. */
const freezer = { id: 'F', name: 'freezer', everyMs: 600_000, keptMs: 30 * 24 * 3_600_000 };
const hourMs = 3_600_000;
function freezerC(atMs) {
	const cycleC = -18.5 + 0.9 * Math.sin((2 * Math.PI * atMs) / (1.6 * hourMs));
	const sinceOpenH = (atMs % (72 * hourMs)) / hourMs;
	// an hour and a half with the door ajar, then cold again within half a day
	const warmK = sinceOpenH < 1.5 ? 9 * (sinceOpenH / 1.5) : 9 * Math.exp(-(sinceOpenH - 1.5) / 3);
	return Math.round((cycleC + warmK) * 10) / 10;
}

/** What a probe shows at a moment: Newton's law from where it was put in, with noise; null for a drop-out. */
function reading({ id, sinceMs, startC, ambientC, tauMin }, atMs) {
	if (chance(id, atMs, 1) < dropout) return null;
	const minutes = (atMs - sinceMs) / 60_000;
	const tempC = ambientC + (startC - ambientC) * Math.exp(-minutes / tauMin);
	return Math.round((tempC + (chance(id, atMs, 2) * 2 - 1) * noiseK) * 10) / 10;
}

const answer = (response, status, body) => {
	response.writeHead(status, { 'content-type': 'application/json' });
	response.end(JSON.stringify(body));
};

createServer((request, response) => {
	const url = new URL(request.url ?? '/', 'http://thermometer');
	if (request.method === 'GET' && url.pathname === '/probes')
		return answer(response, 200, {
			probes: [...probes.values(), freezer].map(({ id, name }) => ({ id, name }))
		});
	if (request.method === 'GET' && url.pathname === '/readings') {
		const now = nowMs();
		const since = Math.max(now - keptMs, Number(url.searchParams.get('since')) || 0);
		const readings = [];
		for (const probe of probes.values())
			for (
				let atMs = Math.ceil(Math.max(since, probe.sinceMs) / everyMs) * everyMs;
				atMs <= now;
				atMs += everyMs
			) {
				const tempC = reading(probe, atMs);
				if (tempC !== null) readings.push({ probe: probe.id, atMs, tempC });
			}
		const asked = Number(url.searchParams.get('since')) || 0;
		const firstMs = Math.max(asked, now - freezer.keptMs);
		for (
			let atMs = Math.ceil(firstMs / freezer.everyMs) * freezer.everyMs;
			atMs <= now;
			atMs += freezer.everyMs
		)
			readings.push({ probe: freezer.id, atMs, tempC: freezerC(atMs) });
		return answer(response, 200, { readings });
	}
	// only a simulated thermometer can be told what it lies in
	const put = /^\/probes\/([A-D])$/.exec(url.pathname);
	if (request.method === 'POST' && put) {
		let body = '';
		request.on('data', (part) => (body += part));
		request.on('end', () => {
			try {
				const { startC, ambientC, tauMin } = JSON.parse(body);
				const probe = probes.get(put[1]);
				Object.assign(probe, { startC, ambientC, tauMin, sinceMs: nowMs() });
				answer(response, 200, probe);
			} catch {
				answer(response, 400, { message: 'startC, ambientC and tauMin, as JSON' });
			}
		});
		return;
	}
	answer(response, 404, { message: 'GET /probes, GET /readings?since=MS, POST /probes/A' });
}).listen(port, '127.0.0.1', () =>
	console.log(`Simulated thermometer on http://127.0.0.1:${port}`)
);
