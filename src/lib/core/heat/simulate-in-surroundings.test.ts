import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { brick, foodOfCase, heatCase, heatCasesOf } from '../fixtures/heat-cases.ts';
import type { ConstantMaterial } from '../foods/food-spec.ts';
import type { Shape } from './shape.ts';
import { simulateInSurroundings, type Crossing } from './simulate-in-surroundings.ts';

const halfM = 0.02;
const plain: ConstantMaterial = {
	densityKgPerM3: 1000,
	solid: { heatJPerKgK: 3600, conductivityWPerMK: 0.5 },
	liquid: { heatJPerKgK: 3600, conductivityWPerMK: 0.5 }
};
const last = (series: ArrayLike<number>) => series[series.length - 1];
const near = (actual: number | null, expected: number, rel: number, name: string) =>
	assert.ok(
		actual !== null && Math.abs(actual / expected - 1) <= rel,
		`${name}: ${actual} is not within ${rel * 100} % of ${expected}`
	);

describe('conduction against the exact eigenfunction series (any heat-transfer textbook)', () => {
	const shapes: Record<string, Shape> = {
		'A-slab-series': { kind: 'slab', thicknessM: 2 * halfM },
		'A-cylinder-series': { kind: 'cylinder', diameterM: 2 * halfM, heightM: 100 },
		'A-sphere-series': { kind: 'sphere', diameterM: 2 * halfM }
	};
	for (const [id, shape] of Object.entries(shapes))
		it(id, () => {
			const ends = shape.kind === 'cylinder' ? 0 : 1;
			for (const row of heatCase(id).expected.rows) {
				const h = ((row.Bi === 'inf' ? 1e7 : row.Bi) * 0.5) / halfM;
				const run = simulateInSurroundings({
					food: plain,
					shape,
					startC: 100,
					stages: [
						{
							durationMin: (row.Fo * halfM * halfM * 3.6e6) / 0.5 / 60,
							ambientC: 0,
							surface: { side: h, bottom: h * ends, top: h * ends }
						}
					]
				});
				for (const [what, temp] of [
					['theta_center', last(run.centreC)],
					['theta_surface', last(run.surfaceC)]
				] as const)
					assert.ok(
						Math.abs(temp / 100 - row[what]) <= 0.005,
						`Bi ${row.Bi} Fo ${row.Fo} ${what}: ${temp / 100} for ${row[what]}`
					);
			}
		});

	it('brick, by the product of three slabs', () => {
		const { inputs, expected } = heatCase('A-brick-product');
		const run = simulateInSurroundings({
			food: {
				densityKgPerM3: inputs.rho,
				solid: { heatJPerKgK: inputs.cp, conductivityWPerMK: inputs.k },
				liquid: { heatJPerKgK: inputs.cp, conductivityWPerMK: inputs.k }
			},
			shape: brick(inputs.dims_m),
			startC: inputs.T0,
			stages: [
				{
					durationMin: inputs.t_s / 60,
					ambientC: inputs.Tenv,
					surface: { side: inputs.h, bottom: inputs.h, top: inputs.h }
				}
			]
		});
		assert.ok(Math.abs(last(run.centreC) - expected.T_center) <= 0.4, String(last(run.centreC)));
	});
});

describe('freezing against closed forms', () => {
	it('Stefan: how far the front is after four hours', () => {
		const { inputs: c, expected } = heatCase('A-stefan-1phase');
		const phase = { heatJPerKgK: c.cp, conductivityWPerMK: c.k };
		const run = simulateInSurroundings({
			food: { densityKgPerM3: c.rho, freezingC: 0, latentJPerKg: c.L, solid: phase, liquid: phase },
			// frozen from both sides: the fronts meet in the middle of twice the depth when they are as far as expected
			shape: { kind: 'slab', thicknessM: 2 * expected.front_m },
			startC: 0,
			stages: [
				{ durationMin: 600, ambientC: c.Twall, surface: { side: 1e7, bottom: 1e7, top: 1e7 } }
			],
			crossings: [{ of: 'warmest', tempC: -0.05, direction: 'falling' }],
			stopWhenAllCrossed: true
		});
		// depth goes with the root of time: 1 % of depth is 2 % of time, and the last cell is half a cell further
		near(run.crossedMin[0], c.t_s / 60, 0.04, 'time at which the front arrives');
	});

	it('Plank: slab, cylinder, sphere without sensible heat', () => {
		const { inputs: c, expected, tolerance } = heatCase('A-plank');
		for (const row of expected.rows) {
			const shape: Shape =
				row.shape === 'slab'
					? { kind: 'slab', thicknessM: row.D }
					: row.shape === 'cylinder'
						? { kind: 'cylinder', diameterM: row.D, heightM: 100 }
						: { kind: 'sphere', diameterM: row.D };
			const ends = row.shape === 'cylinder' ? 0 : row.h;
			const phase = { heatJPerKgK: 30, conductivityWPerMK: c.k };
			const run = simulateInSurroundings({
				food: {
					densityKgPerM3: 1000,
					freezingC: c.Tf,
					latentJPerKg: c.rhoL / 1000,
					solid: phase,
					liquid: phase
				},
				shape,
				startC: c.Tf,
				stages: [
					{ durationMin: 1500, ambientC: c.Ta, surface: { side: row.h, bottom: ends, top: ends } }
				],
				crossings: [{ of: 'warmest', tempC: c.Tf - 0.05, direction: 'falling' }],
				stopWhenAllCrossed: true
			});
			near(run.crossedMin[0], row.t_h * 60, tolerance.rel + 0.01, `${row.shape} ${row.D}`);
		}
	});
});

describe('cooling, freezing and thawing against an independent program', () => {
	for (const { id, inputs: c, expected, tolerance } of heatCasesOf(
		'cooling',
		'freezing',
		'thawing'
	))
		it(id, () => {
			const wanted = Object.entries(c.criteria as Record<string, string>).filter(([, text]) =>
				text.startsWith('T')
			);
			const crossings = wanted.map(([, text]): Crossing => {
				const [, which, tempC, way] = /(Tmax|Tmin) crosses (\S+) C (down|up)/.exec(
					text
				) as RegExpExecArray;
				return {
					of: which === 'Tmax' ? 'warmest' : 'coldest',
					tempC: Number(tempC),
					direction: way === 'down' ? 'falling' : 'rising'
				};
			});
			const shape: Shape =
				c.shape === 'cyl'
					? { kind: 'cylinder', diameterM: 2 * c.dims_m[0], heightM: c.dims_m[1] }
					: brick(c.dims_m);
			const run = simulateInSurroundings({
				food: foodOfCase(c.food),
				shape,
				startC: c.T0,
				stages: [
					{
						durationMin: 3000,
						ambientC: c.Tenv,
						surface: { side: c.h_side, bottom: c.h_bottom, top: c.h_top }
					}
				],
				crossings,
				stopWhenAllCrossed: true
			});
			wanted.forEach(([key], i) => near(run.crossedMin[i], expected[key] * 60, tolerance.rel, key));
			assert.ok(run.energyError01 < 1e-3, `energy closes to ${run.energyError01}`);
		});
});

describe('what must always hold', () => {
	it('stays between start and surroundings, records as promised, and closes its energy (property)', () => {
		const temp = fc.integer({ min: -30, max: 95 });
		const mm = fc.integer({ min: 5, max: 120 });
		fc.assert(
			fc.property(
				temp,
				temp,
				mm,
				mm,
				mm,
				fc.integer({ min: 1, max: 300 }),
				(startC, ambientC, a, b, c, h) => {
					const run = simulateInSurroundings({
						food: foodOfCase({
							water: 0.76,
							protein: 0.1,
							fat: 0.06,
							carb: 0.065,
							ash: 0.015,
							tf: -1.1
						}),
						shape: brick([a / 1000, b / 1000, c / 1000]),
						startC,
						stages: [{ durationMin: 90, ambientC, surface: { side: h, bottom: h, top: h } }],
						fineness: 'coarse'
					});
					const [low, high] = [Math.min(startC, ambientC) - 0.1, Math.max(startC, ambientC) + 0.1];
					for (let i = 0; i < run.minutes.length; i++) {
						assert.ok(run.coldestC[i] >= low && run.warmestC[i] <= high);
						if (i > 0) assert.ok(run.minutes[i] - run.minutes[i - 1] <= 5.0001);
					}
					assert.equal(run.minutes[0], 0);
					assert.ok(Math.abs(last(run.minutes) - 90) < 1e-6);
					assert.ok(run.energyError01 < 1e-3);
				}
			),
			{ numRuns: 40 }
		);
	});

	it('refuses broken input with a coded error', () => {
		const good = { food: plain, shape: { kind: 'slab', thicknessM: 0.02 } as const, startC: 20 };
		const surface = { side: 10, bottom: 10, top: 10 };
		assert.throws(() => simulateInSurroundings({ ...good, stages: [] }), { code: 'no-stages' });
		assert.throws(
			() =>
				simulateInSurroundings({
					...good,
					startC: NaN,
					stages: [{ durationMin: 1, ambientC: 0, surface }]
				}),
			{ code: 'not-a-number' }
		);
		assert.throws(
			() =>
				simulateInSurroundings({
					...good,
					shape: { kind: 'slab', thicknessM: 0 },
					stages: [{ durationMin: 1, ambientC: 0, surface }]
				}),
			{ code: 'below-range' }
		);
	});
});
