import { performance } from 'node:perf_hooks';
import {
	convertCook,
	predictCooling,
	simulateInSurroundings,
	type ConvertInput
} from '../src/lib/core/index.ts';
import { defaultCompositions } from '../src/lib/core/tables/default-compositions.ts';

/** Times the core against a baseline of plain arithmetic in the same run: the ratio is what counts, milliseconds vary by machine. */
const food = { composition: defaultCompositions['meat-in-sauce'], mobility: 2 };
const brick = { kind: 'brick', lengthM: 0.22, widthM: 0.18, heightM: 0.035 } as const;
const air = { side: 8, bottom: 8, top: 8 };
const chicken: ConvertInput = {
	kind: 'lean-pieces',
	food: { ...food, mobility: 1.5 },
	massKg: 1.2,
	block: brick,
	content: 'raw-meat',
	coreC: 73.9,
	liquidKg: 0.25,
	known: null,
	kitchen: { altitudeM: 1450, roomC: 21 }
};

const jobs: Record<string, () => unknown> = {
	'freezing a flat bag': () =>
		simulateInSurroundings({
			food,
			shape: brick,
			startC: 5,
			stages: [{ durationMin: 600, ambientC: -18, surface: air }]
		}),
	'cooling forecast of a pot': () =>
		predictCooling({
			food,
			shape: { kind: 'cylinder', diameterM: 0.24, heightM: 0.09 },
			startC: 92,
			places: [{ place: 'refrigerator' }]
		}),
	'one way, slow cooker': () =>
		convertCook({ ...chicken, methods: [{ appliance: 'slow-cooker', setting: 'low' }] }),
	'one way, pressure cooker': () =>
		convertCook({ ...chicken, methods: [{ appliance: 'pressure-cooker' }] }),
	'a whole cook card': () => convertCook(chicken)
};

/** Median of five, ms, after one run to warm up. */
function medianMs(job: () => unknown): number {
	job();
	const times = Array.from({ length: 5 }, () => {
		const from = performance.now();
		job();
		return performance.now() - from;
	});
	return times.sort((a, b) => a - b)[2];
}

/** Ten million dependent additions and square roots. */
function baseline(): number {
	let sum = 1;
	for (let i = 0; i < 1e7; i++) sum = Math.sqrt(sum + i);
	return sum;
}

const baseMs = medianMs(baseline);
console.log(`baseline (ten million square roots): ${baseMs.toFixed(1)} ms`);
for (const [name, job] of Object.entries(jobs)) {
	const ms = medianMs(job);
	console.log(
		`${name.padEnd(28)} ${ms.toFixed(1).padStart(8)} ms  ${(ms / baseMs).toFixed(2).padStart(7)} × baseline`
	);
}
