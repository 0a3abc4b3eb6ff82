import type { Body } from '../../heat/body.ts';
import { ratePerMin } from '../../heat/cook-value.ts';
import { dangerC } from '../../rules/danger-range.ts';
import type { ThermalTable } from '../../heat/thermal-table.ts';

/** Lethality: minutes at 70 °C, z 7.5 K (UK FSA / ACMSA equivalents). */
export const lethality = { refC: 70, zK: 7.5 } as const;

/** Rates of cook value and lethality at each entry of a thermal table: look-ups instead of powers. */
export interface RateTable {
	readonly cook: Float64Array;
	readonly lethal: Float64Array;
	/** the danger range as volumetric enthalpy, J/m³ */
	readonly dangerJPerM3: { readonly from: number; readonly to: number };
}

export function rateTable(table: ThermalTable, zK: number): RateTable {
	return {
		cook: table.tempC.map((t) => ratePerMin(t, zK, 100)),
		lethal: table.tempC.map((t) => ratePerMin(t, lethality.zK, lethality.refC)),
		dangerJPerM3: { from: table.enthalpyAt(dangerC.from), to: table.enthalpyAt(dangerC.to) }
	};
}

/** Cook value, lethality and time in the danger range of every cell, so far. */
export class Doneness {
	readonly cookMin: Float64Array;
	readonly lethalMin: Float64Array;
	readonly dangerMin: Float64Array;
	private readonly cookRate: Float64Array;
	private readonly lethalRate: Float64Array;
	private readonly rates: RateTable;
	private readonly body: Body;
	/** cooking that its mean had beyond the least of it, before it was made even */
	private meanExtraMin = 0;

	constructor(body: Body, rates: RateTable, from?: Doneness) {
		const n = body.grid.cells;
		const array = (old?: Float64Array) => old?.slice() ?? new Float64Array(n);
		this.body = body;
		this.rates = rates;
		this.cookMin = array(from?.cookMin);
		this.lethalMin = array(from?.lethalMin);
		this.dangerMin = array(from?.dangerMin);
		this.cookRate = array(from?.cookRate);
		this.lethalRate = array(from?.lethalRate);
		this.meanExtraMin = from?.meanExtraMin ?? 0;
	}

	/** A copy that goes on with another copy of the body. */
	cloneFor(body: Body): Doneness {
		return new Doneness(body, this.rates, this);
	}

	/** Has what the same cells had elsewhere. */
	takeOver(from: Doneness): void {
		this.cookMin.set(from.cookMin);
		this.lethalMin.set(from.lethalMin);
		this.dangerMin.set(from.dangerMin);
		this.meanExtraMin = from.meanExtraMin;
	}

	/** Every cell has had the same: the least of what there was, and its mean stays its mean. */
	fill(had: {
		coldestCookMin: number;
		meanCookMin: number;
		lethality70Min: number;
		dangerMin: number;
	}): void {
		this.meanExtraMin = had.meanCookMin - had.coldestCookMin;
		this.cookMin.fill(had.coldestCookMin);
		this.lethalMin.fill(had.lethality70Min);
		this.dangerMin.fill(had.dangerMin);
	}

	/** Books the `dtMin` minutes that led to the body's present state (trapezoid in the rates). */
	add(dtMin: number): void {
		const { table, enthalpy } = this.body;
		const { cook, lethal, dangerJPerM3 } = this.rates;
		const last = cook.length - 2;
		const { from: low, to: high } = dangerJPerM3;
		const perStep = 1 / table.stepJPerM3;
		for (let c = 0; c < enthalpy.length; c++) {
			const x = (enthalpy[c] - table.firstJPerM3) * perStep;
			const i = x <= 0 ? 0 : x >= last ? last : x | 0;
			const f = x - i;
			const cookNow = cook[i] + f * (cook[i + 1] - cook[i]);
			const lethalNow = lethal[i] + f * (lethal[i + 1] - lethal[i]);
			this.cookMin[c] += (dtMin * (cookNow + this.cookRate[c])) / 2;
			this.lethalMin[c] += (dtMin * (lethalNow + this.lethalRate[c])) / 2;
			this.cookRate[c] = cookNow;
			this.lethalRate[c] = lethalNow;
			if (enthalpy[c] > low && enthalpy[c] < high) this.dangerMin[c] += dtMin;
		}
	}

	meanCookMin(): number {
		const { volumeM3 } = this.body.grid;
		let sum = 0;
		let volume = 0;
		for (let c = 0; c < volumeM3.length; c++) {
			sum += volumeM3[c] * this.cookMin[c];
			volume += volumeM3[c];
		}
		return sum / volume + this.meanExtraMin;
	}
}

export function leastOf(values: Float64Array): number {
	let least = Infinity;
	for (let i = 0; i < values.length; i++) if (values[i] < least) least = values[i];
	return least;
}

export function mostOf(values: Float64Array): number {
	let most = -Infinity;
	for (let i = 0; i < values.length; i++) if (values[i] > most) most = values[i];
	return most;
}
