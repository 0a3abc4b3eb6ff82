import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
	brick,
	foodOfCase,
	heatCase,
	heatCasesOf,
	reachedAt,
	valueNear
} from '../../fixtures/heat-cases.ts';
import type { CookRun } from './cook-run.ts';
import { runOven } from '../oven/run-oven.ts';
import { runPressureCooker } from '../pressure-cooker/run-pressure-cooker.ts';
import { runSlowCooker } from '../slow-cooker/run-slow-cooker.ts';

// Expected values: an independent finite-volume program on two grids, with its tolerances (fixtures/heat-cases.json).
const sea = { altitudeM: 0, roomC: 21 };
const cooker = { volumeL: 5.7 };

/** Compares the named values: T… in kelvin, C… and times by share, …min in minutes. */
function compare(
	actual: Record<string, number>,
	expected: Record<string, number>,
	tolerance: Record<string, number>
) {
	for (const [key, wanted] of Object.entries(expected)) {
		const got = actual[key];
		assert.ok(Number.isFinite(got), `${key} was not computed`);
		const allowed = key.startsWith('T')
			? tolerance.abs_T
			: key.startsWith('C')
				? tolerance.rel_C * wanted
				: key.endsWith('_min')
					? tolerance.abs_min
					: (tolerance.rel_time ?? tolerance.rel) * wanted;
		assert.ok(
			Math.abs(got - wanted) <= allowed,
			`${key}: ${got} for ${wanted}, allowed ± ${allowed}`
		);
	}
}

/** Values at whole hours under the names of the cases: Tmin_4h, Cmean_8h … */
function atHours(run: CookRun, keys: readonly string[]): Record<string, number> {
	const series: Record<string, ArrayLike<number>> = {
		Tpool: run.liquidC,
		Tmin: run.coldestC,
		Cmin: run.coldestCookMin,
		Cmean: run.meanCookMin
	};
	return Object.fromEntries(
		keys.flatMap((key) => {
			const at = /^(\w+)_(\d+)h$/.exec(key);
			return at ? [[key, valueNear(run.minutes, series[at[1]], Number(at[2]) * 60)]] : [];
		})
	);
}

describe('slow cooker', () => {
	for (const { id, inputs: c, expected, tolerance } of heatCasesOf('slow'))
		it(id, () => {
			const run = runSlowCooker({
				piece: {
					food: foodOfCase(c.food),
					shape: brick(c.dims_m),
					count: c.count,
					startC: c.T0,
					liquidKg: c.liquid_kg
				},
				cooker,
				setting: c.setting,
				kitchen: sea,
				durationMin: 480,
				zK: c.z
			});
			const actual = {
				...atHours(run, Object.keys(expected)),
				t_core60_h: reachedAt(run.minutes, run.coldestC, 60) / 60,
				t_core74_h: reachedAt(run.minutes, run.coldestC, 74) / 60,
				max_hours_5_60: run.hazardH
			};
			compare(actual, expected, tolerance);
		});

	it('hours between 5 and 60 °C of raw meat, thawed and frozen, also with a weak cooker (H-some)', () => {
		const { inputs, expected, tolerance } = heatCase('H-some');
		for (const row of expected.rows) {
			const [, setting, weak, state, load] =
				/^(\w+)(\(-20% power\))? (\w+) (.*)$/.exec(row.case) ?? [];
			const { food, dims_m, liquid_kg } = inputs.loads[load];
			const run = runSlowCooker({
				piece: {
					food: foodOfCase(food),
					shape: brick(dims_m),
					startC: state === 'FROZEN' ? -18 : 4,
					liquidKg: liquid_kg
				},
				cooker: weak ? { ...cooker, effectiveLowW: 112 } : cooker,
				setting: setting as 'low' | 'high',
				kitchen: sea,
				durationMin: 600,
				zK: 33
			});
			const actual = {
				core60_at_h: reachedAt(run.minutes, run.coldestC, 60) / 60,
				core74_at_h: reachedAt(run.minutes, run.coldestC, 74) / 60,
				worst_cell_h: run.hazardH,
				pool60_at_h: reachedAt(run.minutes, run.liquidC, 60) / 60
			};
			for (const [key, got] of Object.entries(actual))
				assert.ok(
					Math.abs(got - row[key]) <= tolerance.abs_h,
					`${row.case}, ${key}: ${got} for ${row[key]}`
				);
		}
	});

	it('waiting switched off counts as hours in the danger range', () => {
		const ask = (delayMin: number) =>
			runSlowCooker({
				piece: {
					food: foodOfCase({ water: 0.75, protein: 0.22, fat: 0.02, ash: 0.01, tf: -1.1 }),
					shape: brick([0.14, 0.085, 0.023]),
					count: 3,
					startC: 4,
					liquidKg: 0.45
				},
				cooker,
				setting: 'low',
				kitchen: sea,
				durationMin: 300,
				delayMin,
				zK: 33
			});
		assert.ok(ask(180).hazardH > ask(0).hazardH + 1.5);
	});
});

describe('pressure cooker', () => {
	for (const { id, inputs: c, expected, tolerance } of heatCasesOf('pressure'))
		it(id, () => {
			const run = runPressureCooker({
				piece: {
					food: foodOfCase(c.food),
					shape: brick(c.dims_m),
					count: c.count,
					startC: c.T0,
					liquidKg: c.liquid_kg
				},
				cooker,
				kitchen: { altitudeM: c.altitude_m, roomC: 21 },
				holdMin: c.hold_min,
				release: c.release,
				zK: c.z
			});
			const last = run.minutes.length - 1;
			const holdEnds = (run.comeUpMin ?? NaN) + c.hold_min;
			compare(
				{
					comeup_min: run.comeUpMin ?? NaN,
					total_min: run.minutes[last],
					Tmin_end_hold: valueNear(run.minutes, run.coldestC, holdEnds),
					Tmin_end: run.coldestC[last],
					Cmin: run.coldestCookMin[last],
					Cmean: run.meanCookMin[last]
				},
				expected,
				tolerance
			);
		});
});

describe('oven', () => {
	for (const { id, inputs: c, expected, tolerance } of heatCasesOf('oven', 'oven_pool'))
		it(id, () => {
			const filled = 'covered' in c;
			const run = runOven({
				piece: {
					food: foodOfCase(c.food),
					shape: brick(c.dims_m),
					startC: c.T0,
					liquidKg: filled ? 0 : c.pool_kg - 0.15
				},
				kind: filled ? 'filled' : 'roaster',
				covered: c.covered ?? true,
				ovenC: c.Toven,
				kitchen: sea,
				durationMin: 400,
				zK: 33
			});
			const actual = filled
				? Object.fromEntries(
						Object.keys(expected).map((key) => [
							key,
							reachedAt(run.minutes, run.coldestC, Number(key.split('_')[2]))
						])
					)
				: atHours(run, Object.keys(expected));
			compare(actual, expected, tolerance);
		});
});
