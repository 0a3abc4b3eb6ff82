import {
	convertCook,
	convertSteps,
	predictCooling,
	simulateInSurroundings,
	type ConvertInput
} from '../src/lib/core/index.ts';
import {
	asLikely,
	type Effort,
	efforts,
	readyMin,
	scenarioOf,
	TableCache
} from '../src/lib/core/appliances/index.ts';
import { goalOf, targetOf, timelineOf } from '../src/lib/core/cooking/index.ts';
import { Body, facesIn, type Fineness, thermalTable } from '../src/lib/core/heat/index.ts';
import { defaultCompositions } from '../src/lib/core/foods/index.ts';
import { line, medianMs, ms } from './timing.ts';

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

/** The same number of forward and backward sweeps over the same arrays, constant coefficients: the bare cost of the scheme. */
function bareSweeps(lines: { n: number; count: number }[], steps: number): number {
	const cells = Math.max(...lines.map(({ n, count }) => n * count));
	const t = new Float64Array(cells);
	const upper = new Float64Array(cells);
	const rhs = new Float64Array(cells);
	for (let s = 0; s < steps; s++)
		for (const { n, count } of lines)
			for (let l = 0; l < count; l++) {
				const base = l * n;
				let u = 0;
				let r = 0;
				for (let i = base; i < base + n; i++) {
					const pivot = 1 / (3 - u);
					u = pivot;
					r = (t[i] + r) * pivot;
					upper[i] = u;
					rhs[i] = r;
				}
				let delta = 0;
				for (let i = base + n - 1; i >= base; i--) {
					delta = rhs[i] + upper[i] * delta;
					t[i] = delta;
				}
			}
	return t[0];
}

export function benchCellStep(): void {
	console.log(
		'\nA cell-step against a bare loop of tridiagonal sweeps over the same arrays (aim: within 2 times)'
	);
	const table = thermalTable(food);
	const faces = facesIn({ side: 100, bottom: 100, top: 30 }, 95);
	for (const fineness of ['coarse', 'medium', 'normal'] as Fineness[]) {
		const [x, y, z] = new Body(brick, table, -18, fineness).grid.axes.map((axis) => axis.n);
		const cells = x * y * z;
		const steps = Math.round(1.2e6 / cells);
		const lines = [
			{ n: x, count: y * z },
			{ n: y, count: x * z },
			{ n: z, count: x * y }
		];
		const bareMs = medianMs(() => bareSweeps(lines, steps));
		const ourMs = medianMs(() => {
			const body = new Body(brick, table, -18, fineness);
			for (let i = 0; i < steps; i++) body.step(30, faces);
		});
		const each = (total: number) => `${((total * 1e6) / steps / cells).toFixed(0)} ns`;
		line(
			`  ${fineness}, ${cells} cells`,
			each(ourMs),
			`bare ${each(bareMs)}`,
			`${(ourMs / bareMs).toFixed(2)} ×`
		);
	}
}

export function benchAnswers(): void {
	let sink = 0;
	const baseMs = medianMs(() => {
		sink = 1;
		for (let i = 0; i < 1e7; i++) sink = Math.sqrt(sink + i);
	});
	console.log(`\nAnswers, against ten million square roots (${ms(baseMs)})`);
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
		'cook card, likely times (aim 150 ms)': () => {
			for (const step of convertSteps(chicken)) if (step.kind === 'option') break;
		},
		'cook card, with ranges (aim 700 ms)': () => convertCook(chicken)
	};
	for (const [name, job] of Object.entries(jobs)) {
		const took = medianMs(job);
		line(`  ${name}`, ms(took), `${(took / baseMs).toFixed(2)} ×`);
	}
}

/** Ready time of each way on coarser and finer grids and steps against a far finer one, and what it costs. */
export function benchErrorAgainstCost(): void {
	console.log(
		'\nError of the ready time against a fine grid (normal, 15 s, 2.5 s) and cost, worst of four ways'
	);
	const fine: Effort = { fineness: 'normal', slowS: 15, pressureS: 2.5, releaseS: 2.5, holdMin: 1 };
	const tables = new TableCache();
	const target = targetOf(chicken, tables);
	const asked = (['thawed', 'frozen'] as const).flatMap((state) =>
		([{ appliance: 'slow-cooker', setting: 'low' }, { appliance: 'pressure-cooker' }] as const).map(
			(method) => ({ method, state, goal: goalOf(chicken, method, target.in(method).likely) })
		)
	);
	const ready = (effort: Effort) =>
		asked.map(({ method, state, goal }) => {
			const scenario = scenarioOf(chicken, method, state);
			const run = timelineOf({
				scenario,
				unknowns: asLikely,
				effort,
				tables,
				until: goal,
				longestMin: 900
			});
			return (readyMin(run, goal) ?? NaN) + (run.comeUpMin ?? 0);
		});
	const truth = ready(fine);
	const fineMs = medianMs(() => ready(fine), 1);
	const tried: [string, Effort][] = [
		['for ranges', efforts.spread],
		['for ranges, steps halved', { ...efforts.spread, slowS: 90, pressureS: 10, releaseS: 30 }],
		['likely times', efforts.likely],
		['likely times, steps halved', { ...efforts.likely, slowS: 45, pressureS: 7.5, releaseS: 15 }],
		['fine grid, steps of the likely', { ...efforts.likely, fineness: 'normal' }]
	];
	for (const [name, effort] of tried) {
		const worst = Math.max(...ready(effort).map((min, i) => Math.abs(min / truth[i] - 1)));
		const took = medianMs(() => ready(effort), 3);
		line(
			`  ${name}`,
			`${(100 * worst).toFixed(1)} %`,
			ms(took),
			`1/${(fineMs / took).toFixed(0)} of fine`
		);
	}
}

/** How the cost of a step grows with the grid: linear is 1. */
export function benchGrowth(): void {
	console.log('\nCost of a step as the grid grows (exponent 1: in proportion to cells)');
	const table = thermalTable(food);
	const faces = facesIn(air, -18);
	const points = (['coarse', 'medium', 'normal'] as Fineness[]).map((fineness) => {
		const body = new Body(brick, table, 20, fineness);
		const took = medianMs(() => {
			for (let i = 0; i < 3000; i++) body.step(30, faces);
		});
		return { cells: body.grid.cells, us: (took * 1000) / 3000 };
	});
	for (const { cells, us } of points) line(`  ${cells} cells`, `${us.toFixed(1)} µs`);
	const [a, , b] = points;
	line('  exponent', (Math.log(b.us / a.us) / Math.log(b.cells / a.cells)).toFixed(2));
}
