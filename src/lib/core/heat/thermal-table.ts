import {
	enthalpyJPerKg,
	foodConductivityWPerMK,
	foodDensityKgPerM3
} from '../foods/food-properties.ts';
import { foodFromSpec, type ConstantMaterial, type FoodSpec } from '../foods/food-spec.ts';
import { requireRange } from '../require-range.ts';

/** Entries of a table, uniform in enthalpy. */
const nodes = 2048;
const lowestC = -60;
const highestC = 160;
/** Width over which a constant material releases its latent heat, K. */
const plateauK = 0.02;

/**
 * Temperature and the Kirchhoff integral of a material against its volumetric enthalpy, at equal steps of enthalpy,
 * with one node exactly on the freezing point. One look-up gives temperature, its slope and the integral.
 */
export interface ThermalTable {
	readonly firstJPerM3: number;
	readonly stepJPerM3: number;
	readonly tempC: Float64Array;
	/**
	 * For each node, side by side so that one look touches one line of the processor's cache: temperature and its step to the
	 * next node (K), the Kirchhoff integral (W/m) and its step, heat capacity (J/m³K), conductivity (W/mK); see `rowOf`.
	 */
	readonly rows: Float64Array;
	readonly densityKgPerM3: number;
	readonly freezingC: number | null;
	/** volumetric enthalpy at a temperature, J/m³ */
	readonly enthalpyAt: (tempC: number) => number;
}

/** Numbers a node has in `rows`, and where each stands. */
export const rowLength = 8;
export const rowOf = {
	tempC: 0,
	tempStepK: 1,
	kirchhoff: 2,
	kirchhoffStep: 3,
	heat: 4,
	conductivity: 5
};

interface Material {
	densityKgPerM3: number;
	freezingC: number | null;
	enthalpyJPerM3: (tempC: number) => number;
	conductivityWPerMK: (tempC: number) => number;
}

function materialOfFood(spec: FoodSpec): Material {
	const food = foodFromSpec(spec);
	const density = foodDensityKgPerM3(food);
	return {
		densityKgPerM3: density,
		freezingC: food.freezingC,
		enthalpyJPerM3: (t) => density * enthalpyJPerKg(food, t),
		conductivityWPerMK: (t) => foodConductivityWPerMK(food, t)
	};
}

function materialOfConstants(m: ConstantMaterial): Material {
	const density = requireRange('densityKgPerM3', m.densityKgPerM3, 1, 30_000);
	const latent = requireRange('latentJPerKg', m.latentJPerKg ?? 0, 0, 1e7);
	for (const phase of [m.solid, m.liquid]) {
		requireRange('heatJPerKgK', phase.heatJPerKgK, 0.1, 1e5);
		requireRange('conductivityWPerMK', phase.conductivityWPerMK, 1e-4, 1e4);
	}
	const freezingC = m.freezingC ?? null;
	const enthalpy = (t: number): number => {
		if (freezingC === null) return m.liquid.heatJPerKgK * t;
		if (t >= freezingC) return m.liquid.heatJPerKgK * (t - freezingC);
		const melted = Math.max(0, 1 - (freezingC - t) / plateauK);
		return m.solid.heatJPerKgK * (t - freezingC) - latent * (1 - melted);
	};
	return {
		densityKgPerM3: density,
		freezingC,
		enthalpyJPerM3: (t) => density * enthalpy(t),
		conductivityWPerMK: (t) =>
			freezingC === null || t >= freezingC
				? m.liquid.conductivityWPerMK
				: m.solid.conductivityWPerMK
	};
}

/** Solves H(T) = h for a rising H, from a lower bound: secant steps, bisection where one leaves the bracket. */
function temperatureAt(h: number, enthalpy: (t: number) => number, low: number, guess: number) {
	let lo = low;
	let loH = enthalpy(lo) - h;
	let hi = Math.max(guess, low + 1e-6);
	let hiH = enthalpy(hi) - h;
	while (hiH < 0) {
		[lo, loH] = [hi, hiH];
		hi += Math.max(0.01, hi - low);
		hiH = enthalpy(hi) - h;
	}
	const close = Math.abs(h) * 1e-12 + 1e-3;
	for (let i = 0; i < 60; i++) {
		let t = lo - (loH * (hi - lo)) / (hiH - loH);
		if (i % 3 === 2) t = (lo + hi) / 2;
		const at = enthalpy(t) - h;
		if (Math.abs(at) < close || hi - lo < 1e-10) return t;
		if (at < 0) [lo, loH] = [t, at];
		else [hi, hiH] = [t, at];
	}
	return (lo + hi) / 2;
}

/** Builds the table of a food or of a material with constant properties. Throws coded errors for broken input. */
export function thermalTable(spec: FoodSpec | ConstantMaterial): ThermalTable {
	const m = 'composition' in spec ? materialOfFood(spec) : materialOfConstants(spec);
	const lowest = m.enthalpyJPerM3(lowestC);
	const step = (m.enthalpyJPerM3(highestC) - lowest) / (nodes - 2);
	const anchor = m.enthalpyJPerM3(m.freezingC ?? 0);
	const first = anchor - Math.ceil((anchor - lowest) / step) * step;
	const tempC = new Float64Array(nodes);
	const rows = new Float64Array(nodes * rowLength);
	const kirchhoff = new Float64Array(nodes);
	let previous = lowestC - 5;
	let rise = 0.2;
	for (let i = 0; i < nodes; i++) {
		const h = first + i * step;
		const atFreezing = m.freezingC !== null && Math.abs(h - anchor) < step / 2;
		const t = atFreezing
			? (m.freezingC as number)
			: temperatureAt(h, m.enthalpyJPerM3, previous, previous + 1.02 * rise);
		tempC[i] = t;
		if (i > 0) {
			// Simpson over one node; just inside, since conductivity may jump at the freezing point
			const inset = (t - previous) * 1e-6;
			const k =
				m.conductivityWPerMK(previous + inset) +
				4 * m.conductivityWPerMK((previous + t) / 2) +
				m.conductivityWPerMK(t - inset);
			kirchhoff[i] = kirchhoff[i - 1] + ((t - previous) * k) / 6;
		}
		rise = t - previous;
		previous = t;
	}
	for (let i = 0; i < nodes - 1; i++) {
		const stepK = tempC[i + 1] - tempC[i];
		const kirchhoffStep = kirchhoff[i + 1] - kirchhoff[i];
		rows.set(
			[tempC[i], stepK, kirchhoff[i], kirchhoffStep, step / stepK, kirchhoffStep / stepK],
			i * rowLength
		);
	}
	return {
		firstJPerM3: first,
		stepJPerM3: step,
		tempC,
		rows,
		densityKgPerM3: m.densityKgPerM3,
		freezingC: m.freezingC,
		enthalpyAt: m.enthalpyJPerM3
	};
}
