import { Body, facesIn } from '../../heat/body.ts';
import { ratePerMin } from '../../heat/cook-value.ts';
import { extremesC } from '../../heat/extremes.ts';
import type { Fineness } from '../../heat/grid.ts';
import { thermalTable, type ThermalTable } from '../../heat/thermal-table.ts';
import type { PotModel } from '../../kitchen/appliance-parameters.ts';
import { airPressureKPa } from '../../water/air-pressure.ts';
import { boilingC, saturationKPa } from '../../water/saturation.ts';
import type { Kitchen } from '../../kitchen/appliance-parameters.ts';
import type { CookingState } from './cooking-state.ts';
import { Doneness, leastOf, lethality, mostOf, rateTable, type RateTable } from './doneness.ts';
import { dangerC } from '../../rules/danger-range.ts';
import { bodySoFar, takeInto, type FoodSoFar } from './food-so-far.ts';
import type { Load } from './load.ts';

/** What the cook (or the thermostat) does during a step. */
export interface PotControl {
	powerW: number;
	/** closed under pressure: nothing evaporates */
	sealed?: boolean;
	/** thermostat: the pool is held at this temperature, with whatever that takes */
	holdPoolC?: number;
	/** the oven around it is as warm as this, where not as warm as it is set */
	ovenC?: number;
	/** thermostat: heated with `powerW` at most, never beyond this */
	upToC?: number;
}

/** Tables that runs of the same food and z share. */
export interface PotTables {
	readonly thermal: ThermalTable;
	readonly rates: RateTable;
}

export function potTables(load: Load, zK: number): PotTables | null {
	if (!load.pieces) return null;
	const thermal = thermalTable(load.pieces.food);
	return { thermal, rates: rateTable(thermal, zK) };
}

/**
 * A pot with a pool, and pieces of food in it or none. Wall and pool are two lumps solved together implicitly; the pieces
 * conduct. The heat the pieces really take up in a step is taken from the pool, so nothing is lost between them.
 */
export class Pot implements CookingState {
	minute = 0;
	wallC: number;
	poolC: number;
	/** heat the pieces took up in the last step, W */
	private pieceW = 0;
	readonly capC: number;
	private readonly airKPa: number;
	private body: Body | null;
	private doneness: Doneness | null;
	private poolCookMin = 0;
	private poolLethalMin = 0;
	private poolDangerMin = 0;
	private extremes: { coldestC: number; warmestC: number };
	private readonly model: PotModel;
	private load: Load;
	private readonly zK: number;
	private readonly roomC: number;

	constructor(input: {
		model: PotModel;
		load: Load;
		kitchen: Kitchen;
		/** the vessel is as warm as this; default: the room */
		wallC?: number;
		zK: number;
		fineness: Fineness;
		tables: PotTables | null;
	}) {
		this.model = input.model;
		this.load = input.load;
		this.zK = input.zK;
		this.roomC = input.kitchen.roomC;
		this.airKPa = airPressureKPa(input.kitchen.altitudeM);
		this.capC = boilingC(this.airKPa) - 0.01;
		this.wallC = input.wallC ?? this.roomC;
		this.poolC = input.load.poolStartC;
		const { pieces } = input.load;
		this.body =
			pieces && input.tables
				? new Body(pieces.shape, input.tables.thermal, input.load.startC, input.fineness)
				: null;
		this.doneness = this.body && input.tables ? new Doneness(this.body, input.tables.rates) : null;
		this.extremes = this.readExtremes();
	}

	/** An independent copy, to try out a release without disturbing the hold. */
	clone(): Pot {
		const copy = Object.create(Pot.prototype) as Pot;
		Object.assign(copy, this);
		copy.body = this.body?.clone() ?? null;
		copy.doneness = copy.body && this.doneness ? this.doneness.cloneFor(copy.body) : null;
		return copy;
	}

	/** What goes with the food when it is moved elsewhere. */
	food(): FoodSoFar {
		if (this.body && this.doneness)
			return { ...bodySoFar(this.body, this.doneness), liquidC: this.poolC };
		return {
			body: null,
			meanC: this.poolC,
			liquidC: this.poolC,
			coldestCookMin: this.poolCookMin,
			meanCookMin: this.poolCookMin,
			lethality70Min: this.poolLethalMin,
			dangerMin: this.poolDangerMin
		};
	}

	/** Goes on with food that was begun elsewhere, its liquid with it. */
	takeOver(from: FoodSoFar): void {
		if (this.body && this.doneness) takeInto({ cells: this.body, doneness: this.doneness }, from);
		this.poolC = this.body ? from.liquidC : from.meanC;
		this.poolCookMin = from.coldestCookMin;
		this.poolLethalMin = from.lethality70Min;
		this.poolDangerMin = from.dangerMin;
		this.extremes = this.readExtremes();
	}

	/** What its pieces are made of; null where there are none. */
	get foodSpec() {
		return this.load.pieces?.food ?? null;
	}
	get liquidC() {
		return this.poolC;
	}
	get coldestC() {
		return this.extremes.coldestC;
	}
	get warmestC() {
		return this.extremes.warmestC;
	}
	get meanC() {
		return this.body?.meanC() ?? this.poolC;
	}
	get coldestCookMin() {
		return this.doneness ? leastOf(this.doneness.cookMin) : this.poolCookMin;
	}
	get meanCookMin() {
		return this.doneness?.meanCookMin() ?? this.poolCookMin;
	}
	get lethality70Min() {
		return this.doneness ? leastOf(this.doneness.lethalMin) : this.poolLethalMin;
	}
	get hazardH() {
		return (this.doneness ? mostOf(this.doneness.dangerMin) : this.poolDangerMin) / 60;
	}
	get poolHazardH() {
		return this.poolDangerMin / 60;
	}

	/**
	 * What was one block lies as something else from here on, its heat with it: pieces of one temperature, or stirred into the pool. Of what
	 * it had, the least cooking counts and the most hours.
	 */
	comeApart(load: Load, tables: PotTables | null, fineness: Fineness): void {
		const had = this.food();
		const blockJ = (this.body?.totalJ() ?? 0) * (this.load.pieces?.count ?? 0);
		const poolJ = this.load.poolJPerK * this.poolC;
		this.poolDangerMin = Math.max(this.poolDangerMin, had.dangerMin);
		if (load.pieces && tables) {
			this.body = new Body(load.pieces.shape, tables.thermal, had.meanC, fineness);
			this.doneness = new Doneness(this.body, tables.rates);
			this.doneness.fill(had);
		} else {
			this.body = null;
			this.doneness = null;
			this.poolC = Math.min(this.capC, (blockJ + poolJ) / load.poolJPerK);
			this.poolCookMin = had.coldestCookMin;
			this.poolLethalMin = had.lethality70Min;
		}
		this.load = load;
		this.pieceW = 0;
		this.extremes = this.readExtremes();
	}

	/** Advances by `dtS` seconds. */
	step(dtS: number, asked: PotControl): void {
		const { body, load } = this;
		const count = load.pieces?.count ?? 0;
		const pull = body ? body.exchange(load.surface) : { gWPerK: 0, gtW: 0 };
		const wallBefore = this.wallC;
		const poolBefore = this.poolC;
		const pieces = { gWPerK: pull.gWPerK * count, fixedW: -pull.gtW * count };
		let control = asked;
		this.solveLumps(dtS, control, pieces);
		if (asked.upToC !== undefined && this.poolC > asked.upToC) {
			control = { ...asked, holdPoolC: asked.upToC };
			this.solveLumps(dtS, control, pieces);
		}
		if (body) {
			const takenJ = body.step(dtS, facesIn(load.surface, this.poolC)) * count;
			this.pieceW = takenJ / dtS;
			if (control.holdPoolC === undefined) {
				this.wallC = wallBefore;
				this.poolC = poolBefore;
				this.solveLumps(dtS, control, { gWPerK: 0, fixedW: this.pieceW });
			}
			if (!control.sealed) body.cap(this.capC);
		}
		if (!control.sealed && this.poolC > this.capC) this.poolC = this.capC;
		this.minute += dtS / 60;
		this.book(dtS / 60, poolBefore);
	}

	/** The lid comes off: what is above the boiling point flashes to it. */
	open(): void {
		this.body?.cap(this.capC);
		this.poolC = Math.min(this.poolC, this.capC);
		this.extremes = this.readExtremes();
	}

	/** Implicit wall and pool; the pieces draw gWPerK·T_pool + fixedW. */
	private solveLumps(
		dtS: number,
		control: PotControl,
		pieces: { gWPerK: number; fixedW: number }
	): void {
		const { model, roomC } = this;
		const ovenG = model.oven?.wPerK ?? 0;
		const ovenC = control.ovenC ?? model.oven?.ovenC ?? 0;
		const g = model.wallToPoolWPerK;
		if (control.holdPoolC !== undefined) {
			const needW =
				model.lidLossWPerK * (control.holdPoolC - roomC) +
				pieces.gWPerK * control.holdPoolC +
				pieces.fixedW;
			this.poolC = control.holdPoolC;
			this.wallC = control.holdPoolC + Math.max(0, needW) / g;
			return;
		}
		const steam = control.sealed ? { w: 0, wPerK: 0 } : this.evaporation(this.poolC);
		const wallStore = model.wallHeatJPerK / dtS;
		const poolStore = this.load.poolJPerK / dtS;
		const a11 = wallStore + ovenG + g + model.wallLossWPerK;
		const a22 = poolStore + g + model.lidLossWPerK + steam.wPerK + pieces.gWPerK;
		const b1 =
			wallStore * this.wallC + control.powerW + ovenG * ovenC + model.wallLossWPerK * roomC;
		const b2 =
			poolStore * this.poolC +
			model.lidLossWPerK * roomC -
			steam.w +
			steam.wPerK * this.poolC -
			pieces.fixedW;
		const determinant = a11 * a22 - g * g;
		this.wallC = (b1 * a22 + g * b2) / determinant;
		this.poolC = (a11 * b2 + g * b1) / determinant;
	}

	/** Q = K·y/(1 − y) and its slope; nothing below 30 °C. */
	private evaporation(poolC: number): { w: number; wPerK: number } {
		if (this.model.evaporationW === 0 || poolC < 30) return { w: 0, wPerK: 0 };
		const at = (t: number) => {
			const y = Math.min(0.9999, saturationKPa(t) / this.airKPa);
			return (this.model.evaporationW * y) / (1 - y);
		};
		const t = Math.min(poolC, this.capC);
		const w = at(t);
		return { w, wPerK: (w - at(t - 0.05)) / 0.05 };
	}

	private readExtremes() {
		return this.body ? extremesC(this.body) : { coldestC: this.poolC, warmestC: this.poolC };
	}

	private book(dtMin: number, poolBeforeC: number): void {
		this.doneness?.add(dtMin);
		const both = (zK: number, refC: number) =>
			(dtMin * (ratePerMin(poolBeforeC, zK, refC) + ratePerMin(this.poolC, zK, refC))) / 2;
		this.poolCookMin += both(this.zK, 100);
		this.poolLethalMin += both(lethality.zK, lethality.refC);
		if (this.poolC > dangerC.from && this.poolC < dangerC.to) this.poolDangerMin += dtMin;
		this.extremes = this.readExtremes();
	}
}
