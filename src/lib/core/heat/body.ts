import { gridOf, type Axis, type Fineness, type Grid } from './grid.ts';
import { rangeOf } from './range-of.ts';
import type { Shape } from './shape.ts';
import { rowLength, rowOf, type ThermalTable } from './thermal-table.ts';

/** What one kind of face meets: heat transfer coefficient (W/m²K) and the temperature beyond it. */
export interface Face {
	hWPerM2K: number;
	ambientC: number;
}
export interface Faces {
	side: Face;
	bottom: Face;
	top: Face;
}

/** A step is not divided below this, s. */
const leastStepS = 0.25;
/** So far past everything around it a cell may be by round-off and by sweeping one axis after another, K. */
const pastK = 0.5;

/** All faces in the same surroundings. */
export function facesIn(
	surface: { side: number; bottom: number; top: number },
	ambientC: number
): Faces {
	return {
		side: { hWPerM2K: surface.side, ambientC },
		bottom: { hWPerM2K: surface.bottom, ambientC },
		top: { hWPerM2K: surface.top, ambientC }
	};
}

/**
 * A piece of food as cells of enthalpy. `step` advances it by quasi-enthalpy implicit sweeps, one axis after another: each
 * sweep solves for a trial temperature with the slope of the table as heat capacity, then books c·(T* − T) as enthalpy.
 * Unconditionally stable, conserves heat to round-off, cannot skip the latent peak. See docs/numbers.md.
 */
export class Body {
	readonly grid: Grid;
	readonly table: ThermalTable;
	/** volumetric enthalpy of each cell, J/m³ */
	readonly enthalpy: Float64Array;
	private readonly line: {
		heat: Float64Array;
		store: Float64Array;
		upper: Float64Array;
		rhs: Float64Array;
	};
	/** the cells before a step that may have to be taken again */
	private readonly before: Float64Array;
	private flip = false;

	constructor(shape: Shape, table: ThermalTable, startC: number, fineness: Fineness) {
		this.grid = gridOf(shape, fineness);
		this.table = table;
		this.enthalpy = new Float64Array(this.grid.cells).fill(table.enthalpyAt(startC));
		const longest = Math.max(...this.grid.axes.map((a) => a.n));
		const array = () => new Float64Array(longest);
		this.line = { heat: array(), store: array(), upper: array(), rhs: array() };
		this.before = new Float64Array(this.grid.cells);
	}

	/** An independent copy that shares grid and table. */
	clone(): Body {
		const copy = Object.create(Body.prototype) as Body;
		Object.assign(copy, this, { enthalpy: this.enthalpy.slice() });
		return copy;
	}

	/** Temperature of a cell, °C. */
	cellC(cell: number): number {
		return this.tempAt(this.enthalpy[cell]);
	}

	/** Temperature at a volumetric enthalpy, °C. */
	tempAt(enthalpyJPerM3: number): number {
		const { firstJPerM3, stepJPerM3, rows } = this.table;
		const node = this.node(enthalpyJPerM3);
		const share = (enthalpyJPerM3 - firstJPerM3) / stepJPerM3 - node;
		const row = node * rowLength;
		return rows[row + rowOf.tempC] + share * rows[row + rowOf.tempStepK];
	}

	/** The table's entry at or below an enthalpy. */
	private node(enthalpyJPerM3: number): number {
		const x = (enthalpyJPerM3 - this.table.firstJPerM3) / this.table.stepJPerM3;
		const last = this.table.tempC.length - 2;
		return x <= 0 ? 0 : x >= last ? last : x | 0;
	}

	/** Conductivity at an enthalpy, W/mK. */
	private conductivityAt(enthalpyJPerM3: number): number {
		return this.table.rows[this.node(enthalpyJPerM3) * rowLength + rowOf.conductivity];
	}

	/** Temperature at the geometric centre, by interpolation between cells, °C. */
	centreC(): number {
		const [x, y, z] = this.grid.axes;
		let sum = 0;
		for (const a of x.centreWeights)
			for (const b of y.centreWeights)
				for (const c of z.centreWeights)
					sum +=
						a.weight * b.weight * c.weight * this.cellC(a.index + x.n * (b.index + y.n * c.index));
		return sum;
	}

	/** Temperature at the middle of the side face (of a slab, its top face), °C. */
	surfaceC(faces: Faces): number {
		const [x, y, z] = this.grid.axes;
		const onSide = x.highArea > 0;
		const face = onSide ? faces.side : faces.top;
		const axis = onSide ? x : z;
		let inside = 0;
		for (const a of onSide ? [{ index: x.n - 1, weight: 1 }] : x.centreWeights)
			for (const b of y.centreWeights)
				for (const c of onSide ? z.centreWeights : [{ index: z.n - 1, weight: 1 }])
					inside +=
						a.weight * b.weight * c.weight * this.cellC(a.index + x.n * (b.index + y.n * c.index));
		const g = this.conductivityAt(this.table.enthalpyAt(inside)) / axis.highGapM;
		return (g * inside + face.hWPerM2K * face.ambientC) / (g + face.hWPerM2K);
	}

	/** Volume-weighted mean temperature, °C. */
	meanC(): number {
		let sum = 0;
		let volume = 0;
		for (let c = 0; c < this.grid.cells; c++) {
			sum += this.grid.volumeM3[c] * this.cellC(c);
			volume += this.grid.volumeM3[c];
		}
		return sum / volume;
	}

	/** Volume of the whole piece as its grid has it, m³. */
	volumeM3(): number {
		return this.grid.volumeM3.reduce((sum, v) => sum + v, 0) * this.grid.copies;
	}

	/** Total enthalpy of the whole piece, J. */
	totalJ(): number {
		let sum = 0;
		for (let c = 0; c < this.grid.cells; c++) sum += this.grid.volumeM3[c] * this.enthalpy[c];
		return sum * this.grid.copies;
	}

	/**
	 * Advances by `dtS` seconds; returns the heat taken in by the whole piece, J. A step that carried a thin cell out of its latent peak
	 * and past everything around it is taken again in halves.
	 */
	step(dtS: number, faces: Faces): number {
		const { before, enthalpy } = this;
		before.set(enthalpy);
		const heatJ = this.sweeps(dtS, faces);
		if (dtS <= leastStepS || !this.isPast(before, faces)) return heatJ;
		enthalpy.set(before);
		return this.step(dtS / 2, faces) + this.step(dtS / 2, faces);
	}

	/** Whether a cell is warmer, or colder, than every cell was and everything around it is: heat flows no such way. */
	private isPast(before: Float64Array, { side, bottom, top }: Faces): boolean {
		const [had, now] = [rangeOf(before), rangeOf(this.enthalpy)];
		let coldestC = this.tempAt(had.least);
		let warmestC = this.tempAt(had.most);
		for (const { hWPerM2K, ambientC } of [side, bottom, top]) {
			if (hWPerM2K <= 0) continue;
			if (ambientC < coldestC) coldestC = ambientC;
			if (ambientC > warmestC) warmestC = ambientC;
		}
		return this.tempAt(now.least) < coldestC - pastK || this.tempAt(now.most) > warmestC + pastK;
	}

	private sweeps(dtS: number, faces: Faces): number {
		const [x, y, z] = this.grid.axes;
		this.flip = !this.flip;
		const sideOnly = { low: null, high: faces.side };
		const sweeps = [
			() => this.sweep(x, 1, y, x.n, z, x.n * y.n, dtS, sideOnly),
			() => this.sweep(y, x.n, x, 1, z, x.n * y.n, dtS, sideOnly),
			() => this.sweep(z, x.n * y.n, x, 1, y, x.n, dtS, { low: faces.bottom, high: faces.top })
		];
		if (this.flip) sweeps.reverse();
		let heat = 0;
		for (const sweep of sweeps) heat += sweep();
		return heat * this.grid.copies;
	}

	/** Resets cells above `capC` to it; returns the heat given off as steam by the whole piece, J. */
	cap(capC: number): number {
		const limit = this.table.enthalpyAt(capC);
		let off = 0;
		for (let c = 0; c < this.grid.cells; c++)
			if (this.enthalpy[c] > limit) {
				off += (this.enthalpy[c] - limit) * this.grid.volumeM3[c];
				this.enthalpy[c] = limit;
			}
		return off * this.grid.copies;
	}

	/** Gives every cell the mean enthalpy: a stirred pot. */
	stir(): void {
		let sum = 0;
		let volume = 0;
		for (let c = 0; c < this.grid.cells; c++) {
			sum += this.grid.volumeM3[c] * this.enthalpy[c];
			volume += this.grid.volumeM3[c];
		}
		this.enthalpy.fill(sum / volume);
	}

	private sweep(
		axis: Axis,
		stride: number,
		outer1: Axis,
		stride1: number,
		outer2: Axis,
		stride2: number,
		dtS: number,
		ends: { low: Face | null; high: Face }
	): number {
		const n = axis.n;
		// A point axis has no faces: nothing flows along it.
		if (n === 1 && axis.highArea === 0) return 0;
		const { firstJPerM3: first, rows } = this.table;
		const perStep = 1 / this.table.stepJPerM3;
		const last = this.table.tempC.length - 2;
		const { heat: c, store, upper, rhs } = this.line;
		const H = this.enthalpy;
		const { areaPerGap } = axis;
		const lowH = ends.low ? ends.low.hWPerM2K * axis.lowArea : 0;
		const highH = ends.high.hWPerM2K * axis.highArea;
		const lowC = ends.low ? ends.low.ambientC : 0;
		const highC = ends.high.ambientC;
		for (let i = 0; i < n; i++) store[i] = axis.volume[i] / dtS;
		let heat = 0;
		for (let b = 0; b < outer2.n; b++)
			for (let a = 0; a < outer1.n; a++) {
				const base = a * stride1 + b * stride2;
				let x = (H[base] - first) * perStep;
				let node = x <= 0 ? 0 : x >= last ? last : x | 0;
				let row = node * rowLength;
				let t = rows[row] + (x - node) * rows[row + 1];
				let phi = rows[row + 2] + (x - node) * rows[row + 3];
				let cHere = rows[row + 4];
				let k = rows[row + 5];
				// assemble and eliminate forward, looking one cell ahead
				let gBelow = lowH > 0 ? 1 / (1 / lowH + axis.lowGapM / (k * axis.lowArea)) : 0;
				const gLow = gBelow;
				const firstC = t;
				let flowBelow = gLow * (lowC - t);
				let lower = 0;
				let carriedUpper = 0;
				let carriedRhs = 0;
				for (let i = 0, cell = base + stride; i < n - 1; i++, cell += stride) {
					x = (H[cell] - first) * perStep;
					node = x <= 0 ? 0 : x >= last ? last : x | 0;
					row = node * rowLength;
					const tNext = rows[row] + (x - node) * rows[row + 1];
					const phiNext = rows[row + 2] + (x - node) * rows[row + 3];
					const kNext = rows[row + 5];
					const dT = tNext - t;
					const kf = dT > 1e-6 || dT < -1e-6 ? (phiNext - phi) / dT : (k + kNext) * 0.5;
					const gAbove = kf * areaPerGap[i];
					const flowAbove = gAbove * dT;
					const pivot = 1 / (store[i] * cHere + gBelow + gAbove - lower * carriedUpper);
					carriedUpper = gAbove * pivot;
					carriedRhs = (flowAbove + flowBelow + lower * carriedRhs) * pivot;
					c[i] = cHere;
					upper[i] = carriedUpper;
					rhs[i] = carriedRhs;
					gBelow = gAbove;
					lower = gAbove;
					flowBelow = -flowAbove;
					t = tNext;
					phi = phiNext;
					k = kNext;
					cHere = rows[row + 4];
				}
				const gHigh = highH > 0 ? 1 / (1 / highH + axis.highGapM / (k * axis.highArea)) : 0;
				const flowHigh = gHigh * (highC - t);
				let delta =
					(flowHigh + flowBelow + lower * carriedRhs) /
					(store[n - 1] * cHere + gBelow + gHigh - lower * carriedUpper);
				const across = outer1.volume[a] * outer2.volume[b];
				heat += across * (flowHigh - gHigh * delta);
				// substitute back and book the enthalpy
				let cell = base + (n - 1) * stride;
				H[cell] += cHere * delta;
				for (let i = n - 2; i >= 0; i--) {
					cell -= stride;
					delta = rhs[i] + upper[i] * delta;
					H[cell] += c[i] * delta;
				}
				if (gLow > 0) heat += across * gLow * (lowC - firstC - delta);
			}
		return heat * dtS;
	}

	/**
	 * How strongly the faces pull now: total conductance G in W/K and G·T of the outer cells in W, of the whole piece, when all
	 * faces meet one temperature. Used to couple the piece to a pool.
	 */
	exchange(surface: { side: number; bottom: number; top: number }): {
		gWPerK: number;
		gtW: number;
	} {
		const [x, y, z] = this.grid.axes;
		let g = 0;
		let gt = 0;
		const { rows } = this.table;
		const add = (cell: number, h: number, areaM2: number, gapM: number) => {
			if (h <= 0 || areaM2 <= 0) return;
			const row = this.node(this.enthalpy[cell]) * rowLength;
			const k = rows[row + rowOf.conductivity];
			const each = (areaM2 * h * k) / (k + gapM * h);
			g += each;
			gt += each * this.tempAt(this.enthalpy[cell]);
		};
		for (let j = 0; j < z.n; j++)
			for (let i = 0; i < y.n; i++)
				add(
					x.n - 1 + x.n * (i + y.n * j),
					surface.side,
					x.highArea * y.volume[i] * z.volume[j],
					x.highGapM
				);
		for (let j = 0; j < z.n; j++)
			for (let i = 0; i < x.n; i++)
				add(
					i + x.n * (y.n - 1 + y.n * j),
					surface.side,
					y.highArea * x.volume[i] * z.volume[j],
					y.highGapM
				);
		for (let j = 0; j < y.n; j++)
			for (let i = 0; i < x.n; i++) {
				const area = x.volume[i] * y.volume[j];
				add(i + x.n * j, surface.bottom, z.lowArea * area, z.lowGapM);
				add(i + x.n * (j + y.n * (z.n - 1)), surface.top, z.highArea * area, z.highGapM);
			}
		return { gWPerK: g * this.grid.copies, gtW: gt * this.grid.copies };
	}
}
