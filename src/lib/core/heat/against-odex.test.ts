import assert from 'node:assert/strict';
import { createRequire } from 'node:module';
import { it } from 'node:test';
import { simulateInSurroundings } from './simulate-in-surroundings.ts';

// odex 2 (extrapolation method, general-purpose library): its types and its module disagree, so a shape of our own.
interface Solver {
	absoluteTolerance: number;
	relativeTolerance: number;
	maxSteps: number;
	solve(
		derivative: (x: number, y: readonly number[]) => number[],
		from: number,
		start: readonly number[],
		to: number
	): { y: number[]; outcome: number };
}
const { Solver } = createRequire(import.meta.url)('odex') as { Solver: new (n: number) => Solver };

it('a wall in a stream, as forty coupled equations solved by odex to 1e-8: within 0.3 K at any time', () => {
	const [densityKgPerM3, heat, conductivity, h, halfM, n] = [1000, 3600, 0.5, 40, 0.02, 40];
	const [startC, ambientC] = [90, 4];
	const dx = halfM / n;
	const capacity = densityKgPerM3 * heat * dx;
	const inner = conductivity / dx;
	const outer = 1 / (1 / h + dx / 2 / conductivity);
	const solver = new Solver(n);
	solver.absoluteTolerance = solver.relativeTolerance = 1e-8;
	solver.maxSteps = 1e6;
	const derivative = (_t: number, y: readonly number[]) =>
		y.map((tempC, i) => {
			const below = i > 0 ? inner * (y[i - 1] - tempC) : 0;
			const above = i < n - 1 ? inner * (y[i + 1] - tempC) : outer * (ambientC - tempC);
			return (below + above) / capacity;
		});
	const phase = { heatJPerKgK: heat, conductivityWPerMK: conductivity };
	for (const minutes of [5, 20, 60]) {
		const { y, outcome } = solver.solve(
			derivative,
			0,
			new Array<number>(n).fill(startC),
			minutes * 60
		);
		assert.equal(outcome, 0, 'the solver converged');
		const run = simulateInSurroundings({
			food: { densityKgPerM3, solid: phase, liquid: phase },
			shape: { kind: 'slab', thicknessM: 2 * halfM },
			startC,
			stages: [{ durationMin: minutes, ambientC, surface: { side: 0, bottom: h, top: h } }]
		});
		const centre = run.centreC[run.centreC.length - 1];
		assert.ok(Math.abs(centre - y[0]) < 0.3, `${minutes} min: ${centre} for ${y[0]}`);
	}
});
