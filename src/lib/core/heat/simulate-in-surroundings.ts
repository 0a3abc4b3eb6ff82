import { CoreError } from '../errors.ts';
import { requireRange } from '../require-range.ts';
import type { ConstantMaterial, FoodSpec } from '../foods/food-spec.ts';
import { airPressureKPa } from '../water/air-pressure.ts';
import { boilingC } from '../water/saturation.ts';
import { Body, facesIn } from './body.ts';
import { extremesC } from './extremes.ts';
import type { Fineness } from './grid.ts';
import { checkedShape, type Shape } from './shape.ts';
import { calmStepS, nextStepS, steadyStepS } from './step-length.ts';
import { thermalTable, type ThermalTable, rowLength, rowOf } from './thermal-table.ts';

export interface SurfaceWPerM2K {
	side: number;
	bottom: number;
	top: number;
}
export interface Stage {
	durationMin: number;
	ambientC: number;
	surface: SurfaceWPerM2K;
}
export interface Crossing {
	of: 'warmest' | 'coldest' | 'mean' | 'centre';
	tempC: number;
	direction: 'falling' | 'rising';
}
export interface Run {
	outcome: 'finished' | 'allCrossed' | 'stepLimit';
	/** first record at 0, last at the very end, at most 5 min apart */
	minutes: ArrayLike<number>;
	warmestC: ArrayLike<number>;
	coldestC: ArrayLike<number>;
	meanC: ArrayLike<number>;
	/** at the geometric centre, not the nearest cell */
	centreC: ArrayLike<number>;
	/** middle of the side face (of a slab, its top face) */
	surfaceC: ArrayLike<number>;
	/** first time each asked crossing happened, null if it did not */
	crossedMin: (number | null)[];
	/** |heat through the surface − evaporation at the cap − change of enthalpy| / heat through the surface */
	energyError01: number;
	/** first time the food had taken in each of `heatMarksJ`, null if it did not */
	heatMarkMin: (number | null)[];
}

/** More steps than this and a run ends with `stepLimit`. */
const stepLimit = 60_000;
const recordEveryS = 300;
/** Surroundings this close to the freezing point are taken in short steps, K. */
const delicateK = 1;

export interface SurroundingsInput {
	food: FoodSpec | ConstantMaterial;
	shape: Shape;
	startC: number;
	stages: readonly Stage[];
	/** wet food at ambient pressure never passes this; default: the boiling point when given an altitude, else no limit */
	capC?: number;
	altitudeM?: number;
	crossings?: readonly Crossing[];
	stopWhenAllCrossed?: boolean;
	fineness?: Fineness;
	/** a stirred pot: one temperature throughout */
	stirred?: boolean;
	/** ambient of the current stage, asked before each step with the heat (J) the food took in so far; for baths that warm */
	ambientAt?: (stage: Stage, sinceStartMin: number, heatTakenJ: number) => number;
	/** called after each step, with the body as it is then */
	onStep?: (body: Body, dtS: number) => void;
	/** amounts of heat taken in (J) whose time is asked for */
	heatMarksJ?: readonly number[];
	/** built once and reused when many runs share a food */
	table?: ThermalTable;
}

/**
 * Conduction with phase change in surroundings that change in stages. Enthalpy finite volumes; see `Body`.
 * Throws coded errors for lengths under 1 mm, temperatures outside −60 to 300 °C, negative durations and no stages.
 */
export function simulateInSurroundings(input: SurroundingsInput): Run {
	if (input.stages.length === 0) throw new CoreError('no-stages');
	requireRange('startC', input.startC, -60, 160);
	for (const stage of input.stages) {
		requireRange('durationMin', stage.durationMin, 0, 1e6);
		requireRange('ambientC', stage.ambientC, -60, 300);
		for (const face of ['side', 'bottom', 'top'] as const)
			requireRange(face, stage.surface[face], 0, 1e12);
	}
	if (input.capC !== undefined) requireRange('capC', input.capC, -60, 300);
	const shape = checkedShape(input.shape);
	const table = input.table ?? thermalTable(input.food);
	const body = new Body(shape, table, input.startC, input.fineness ?? 'normal');
	const crossings = input.crossings ?? [];
	const crossedMin: (number | null)[] = crossings.map(() => null);
	const heatMarks = input.heatMarksJ ?? [];
	const heatMarkMin: (number | null)[] = heatMarks.map((mark) => (mark <= 0 ? 0 : null));
	const capC =
		input.capC ??
		(input.altitudeM === undefined ? undefined : boilingC(airPressureKPa(input.altitudeM)));
	const series = {
		minutes: [] as number[],
		warmestC: [] as number[],
		coldestC: [] as number[],
		meanC: [] as number[],
		centreC: [] as number[],
		surfaceC: [] as number[]
	};
	const startJ = body.totalJ();
	const volume = body.volumeM3();
	const watched = new Set(crossings.map((c) => c.of));

	const read = () => {
		const { coldestC, warmestC } = extremesC(body);
		return {
			coldest: coldestC,
			warmest: warmestC,
			mean: watched.has('mean') ? body.meanC() : NaN,
			centre: watched.has('centre') ? body.centreC() : NaN
		};
	};
	let now = read();
	let timeS = 0;
	let heatJ = 0;
	let grossJ = 0;
	let steamJ = 0;
	let steps = 0;
	let outcome: Run['outcome'] = 'finished';
	let lastRecordS = -Infinity;
	let faces = facesIn(input.stages[0].surface, input.stages[0].ambientC);
	const record = () => {
		series.minutes.push(timeS / 60);
		series.warmestC.push(now.warmest);
		series.coldestC.push(now.coldest);
		series.meanC.push(body.meanC());
		series.centreC.push(body.centreC());
		series.surfaceC.push(body.surfaceC(faces));
		lastRecordS = timeS;
	};
	record();

	stages: for (const stage of input.stages) {
		const endS = timeS + stage.durationMin * 60;
		const startedS = timeS;
		const hMost = Math.max(stage.surface.side, stage.surface.bottom, stage.surface.top);
		// beside the freezing point a long step would carry a cell past its surroundings
		const delicate =
			table.freezingC !== null && Math.abs(stage.ambientC - table.freezingC) < delicateK;
		const usualS = steadyStepS({
			shape,
			...bulk(table, Math.max(input.startC, stage.ambientC)),
			hWPerM2K: hMost
		});
		// no shorter than the stage can be walked through with
		const leastS = Math.min(usualS, (1.2 * stage.durationMin * 60) / stepLimit);
		const steadyS = delicate ? Math.max(0.2 * usualS, leastS) : usualS;
		const toEvenOutJ = Math.abs(table.enthalpyAt(stage.ambientC) - body.totalJ() / volume) * volume;
		let calmS = steadyS;
		while (timeS < endS - 1e-9) {
			if (++steps > stepLimit) {
				outcome = 'stepLimit';
				break stages;
			}
			const dtS = nextStepS({
				steadyS: calmS,
				sinceChangeS: timeS - startedS,
				leftS: endS - timeS
			});
			faces = facesIn(stage.surface, input.ambientAt?.(stage, timeS / 60, heatJ) ?? stage.ambientC);
			const taken = body.step(dtS, faces);
			heatJ += taken;
			grossJ += Math.abs(taken);
			if (!delicate)
				calmS = calmStepS({ calmS, steadyS, dtS, progress01: Math.abs(taken) / toEvenOutJ });
			if (capC !== undefined) steamJ += body.cap(capC);
			if (input.stirred) body.stir();
			input.onStep?.(body, dtS);
			const before = now;
			now = read();
			const fromS = timeS;
			timeS += dtS;
			for (let i = 0; i < crossings.length; i++) {
				if (crossedMin[i] !== null) continue;
				const share = crossedShare(before[crossings[i].of], now[crossings[i].of], crossings[i]);
				if (share !== null) crossedMin[i] = (fromS + share * dtS) / 60;
			}
			for (let i = 0; i < heatMarks.length; i++)
				if (heatMarkMin[i] === null && heatJ >= heatMarks[i])
					heatMarkMin[i] = (timeS - (dtS * (heatJ - heatMarks[i])) / taken) / 60;
			if (input.stopWhenAllCrossed && crossings.length > 0 && crossedMin.every((t) => t !== null)) {
				outcome = 'allCrossed';
				break stages;
			}
			// the next step may be a fifth longer than this one
			if (timeS - lastRecordS + 1.2 * dtS > recordEveryS) record();
		}
	}
	if (lastRecordS < timeS) record();
	const balance = Math.abs(heatJ - steamJ - (body.totalJ() - startJ));
	// a run that moves next to no heat has nothing to close: less than a thousandth of a kelvin in water
	const leastJ = 4e3 * volume;
	return {
		outcome,
		...series,
		crossedMin,
		heatMarkMin,
		energyError01: balance / Math.max(grossJ, leastJ)
	};
}

/** Volumetric heat capacity and conductivity of the unfrozen material around a temperature, for choosing a step. */
function bulk(table: ThermalTable, tempC: number) {
	const t = Math.max(tempC, (table.freezingC ?? -40) + 10);
	const volumetricHeatJPerM3K = (table.enthalpyAt(t + 1) - table.enthalpyAt(t - 1)) / 2;
	let above = 1;
	while (above < table.tempC.length - 1 && table.tempC[above] < t) above++;
	const conductivityWPerMK = table.rows[(above - 1) * rowLength + rowOf.conductivity];
	return { volumetricHeatJPerM3K, conductivityWPerMK };
}

/** Where between two values the crossing lies, 0 to 1; null if not between them. Already across counts as at once. */
function crossedShare(from: number, to: number, crossing: Crossing): number | null {
	const sign = crossing.direction === 'falling' ? -1 : 1;
	if (sign * (to - crossing.tempC) < 0) return null;
	if (sign * (from - crossing.tempC) >= 0 || to === from) return 0;
	return (crossing.tempC - from) / (to - from);
}
