import type { Body } from '../heat/body.ts';
import { growthPerH, type GrowthModel } from '../rules/growth.ts';
import { twoStageRule } from '../rules/two-stage-rule.ts';

/** What the cells of a body had while it cooled: the rim is in the range of growth long before the middle is, and may stay there longer. */
export class WorstCell {
	private growthLn: Float64Array | null = null;
	private warmMin: Float64Array | null = null;
	private readonly model: GrowthModel;

	constructor(model: GrowthModel) {
		this.model = model;
	}

	/** Books a step that led to the body's present state. */
	book(body: Body, dtS: number): void {
		const { cells } = body.grid;
		this.growthLn ??= new Float64Array(cells);
		this.warmMin ??= new Float64Array(cells);
		const { startC, firstGateC } = twoStageRule;
		for (let c = 0; c < cells; c++) {
			const tempC = body.cellC(c);
			if (tempC <= firstGateC && this.growthLn[c] === 0) continue;
			if (tempC < startC && tempC > firstGateC) this.warmMin[c] += dtS / 60;
			this.growthLn[c] += (growthPerH(this.model, tempC) * dtS) / 3600;
		}
	}

	/** Longest that any cell was on its way from 57 to 21 °C, minutes. */
	get firstStageMin(): number {
		return Math.max(0, ...(this.warmMin ?? []));
	}

	/** Most growth in any cell, logarithms to base 10. */
	get growthLog(): number {
		return Math.max(0, Math.max(0, ...(this.growthLn ?? [])) - this.model.lagLn) / Math.LN10;
	}
}
