import type { FoodSpec } from '../../foods/food-spec.ts';
import type { Fineness } from '../../heat/grid.ts';
import { thermalTable } from '../../heat/thermal-table.ts';
import { rateTable } from './doneness.ts';
import type { PotTables } from './pot.ts';

/** How closely to look: grid and steps. */
export interface Effort {
	readonly fineness: Fineness;
	/** step in the slow cooker and oven, at pressure, in release and rest */
	readonly slowS: number;
	readonly pressureS: number;
	readonly releaseS: number;
	/** hold times tried are at least this far apart */
	readonly holdMin: number;
}

/**
 * The likely run, and those for the spread, of which only ratios count. Against a grid and steps far finer, ready times lie
 * within 1.5 % and 4 % (`npm run bench` prints it).
 */
export const efforts = {
	likely: { fineness: 'medium', slowS: 90, pressureS: 15, releaseS: 30, holdMin: 2 },
	spread: { fineness: 'coarse', slowS: 180, pressureS: 20, releaseS: 60, holdMin: 3 }
} as const satisfies Record<string, Effort>;

/** Thermal tables by food and z, shared between the runs of one question. */
export class TableCache {
	private readonly tables = new Map<string, PotTables>();
	get(food: FoodSpec, zK: number): PotTables {
		const key = JSON.stringify([food, zK]);
		let tables = this.tables.get(key);
		if (!tables) {
			const thermal = thermalTable(food);
			tables = { thermal, rates: rateTable(thermal, zK) };
			this.tables.set(key, tables);
		}
		return tables;
	}
}
