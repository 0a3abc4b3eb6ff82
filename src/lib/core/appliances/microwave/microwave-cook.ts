import { ratePerMin } from '../../heat/cook-value.ts';
import type { ThermalTable } from '../../heat/thermal-table.ts';
import type { Kitchen } from '../../kitchen/appliance-parameters.ts';
import { dangerC } from '../../rules/danger-range.ts';
import { airPressureKPa } from '../../water/air-pressure.ts';
import { boilingC } from '../../water/saturation.ts';
import type { FoodSoFar } from '../run/food-so-far.ts';
import { lethality } from '../run/doneness.ts';
import type { RunningCook } from '../run/running-cook.ts';
import { atHalfPower01 } from './microwave.ts';

/** Up to here frozen food is heated at half power, where it is, °C. */
const looseC = -1;
/** What a covered dish loses to the room, W/K a kilogram (judgement). */
const lossWPerKgK = 0.8;

/**
 * Food in a microwave: heated throughout by the watts that stay in it, turned and stirred on the way. Its mean follows its heat; its
 * coldest spot lags behind by a share that grows with it.
 */
export class MicrowaveCook implements RunningCook {
	minute = 0;
	coldestCookMin = 0;
	lethality70Min = 0;
	readonly poolHazardH = 0;
	private heldJPerM3: number;
	private dangerMin = 0;
	private readonly of: {
		table: ThermalTable;
		freezingC: number;
		massKg: number;
		startC: number;
		watts: number;
		raw: boolean;
		thicknessM: number;
		kitchen: Kitchen;
		/** coldest over mean, in °C */
		coldest01: number;
		zK: number;
	};
	private readonly capC: number;

	constructor(of: MicrowaveCook['of']) {
		this.of = of;
		this.heldJPerM3 = of.table.enthalpyAt(of.startC);
		this.capC = boilingC(airPressureKPa(of.kitchen.altitudeM));
	}

	step(dtS: number): void {
		const { watts, raw, thicknessM, freezingC } = this.of;
		// full power and half: the way at half takes twice as long
		const slow = this.meanC < Math.min(looseC, freezingC) ? atHalfPower01(raw, thicknessM) : 0;
		this.take((watts * dtS) / (1 + slow), dtS);
	}

	rest(dtS: number): void {
		const { massKg, kitchen } = this.of;
		this.take(lossWPerKgK * massKg * (kitchen.roomC - this.meanC) * dtS, dtS);
	}

	private take(heatJ: number, dtS: number): void {
		const { table, massKg, zK } = this.of;
		const dtMin = dtS / 60;
		const before = this.coldestC;
		const most = table.enthalpyAt(this.capC);
		this.heldJPerM3 = Math.min(most, this.heldJPerM3 + (heatJ * table.densityKgPerM3) / massKg);
		this.minute += dtMin;
		const now = this.coldestC;
		const over = (z: number, refC: number) =>
			(dtMin * (ratePerMin(before, z, refC) + ratePerMin(now, z, refC))) / 2;
		this.coldestCookMin += over(zK, 100);
		this.lethality70Min += over(lethality.zK, lethality.refC);
		if (now > dangerC.from && now < dangerC.to) this.dangerMin += dtMin;
	}

	food(): FoodSoFar {
		return {
			body: null,
			meanC: this.meanC,
			liquidC: this.meanC,
			coldestCookMin: this.coldestCookMin,
			meanCookMin: this.meanCookMin,
			lethality70Min: this.lethality70Min,
			dangerMin: this.dangerMin
		};
	}

	takeOver(from: FoodSoFar): void {
		this.heldJPerM3 = this.of.table.enthalpyAt(from.meanC);
		this.coldestCookMin = from.coldestCookMin;
		this.lethality70Min = from.lethality70Min;
		this.dangerMin = from.dangerMin;
	}

	get meanC(): number {
		const { table } = this.of;
		const x = (this.heldJPerM3 - table.firstJPerM3) / table.stepJPerM3;
		const i = Math.max(0, Math.min(table.tempC.length - 2, Math.floor(x)));
		return table.tempC[i] + (x - i) * (table.tempC[i + 1] - table.tempC[i]);
	}
	get coldestC(): number {
		const mean = this.meanC;
		return mean > 0 ? mean * this.of.coldest01 : mean;
	}
	get warmestC(): number {
		return Math.min(this.capC, 2 * this.meanC - this.coldestC);
	}
	get liquidC(): number {
		return this.meanC;
	}
	get meanCookMin(): number {
		return this.coldestCookMin;
	}
	get hazardH(): number {
		return this.dangerMin / 60;
	}
}
