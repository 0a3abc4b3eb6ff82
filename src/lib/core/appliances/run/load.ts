import { foodFromSpec, type FoodSpec } from '../../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../../foods/food-properties.ts';
import { checkedShape, footprintM2, thicknessM, volumeM3, type Shape } from '../../heat/shape.ts';
import type { PotModel } from '../../kitchen/appliance-parameters.ts';
import { requireRange } from '../../require-range.ts';

export interface CookedPiece {
	food: FoodSpec;
	shape: Shape;
	count?: number;
	startC: number;
	/** free thin liquid around it */
	liquidKg: number;
	/** default: the food's start when it is thawed; with a frozen block 4 °C, under pressure 10 °C */
	liquidC?: number;
}

/** Heat capacity of the pool, J/kgK. */
const poolJPerKgK = 4000;
/** A pool is never taken smaller than this, J/K: smaller ones swing. */
const leastPoolJPerK = 400;

/** What stands in a pot: pieces with their faces, and a pool. */
export interface Load {
	readonly pieces: {
		readonly shape: Shape;
		readonly food: FoodSpec;
		readonly count: number;
	} | null;
	readonly startC: number;
	readonly poolJPerK: number;
	readonly poolStartC: number;
	readonly surface: { readonly side: number; readonly bottom: number; readonly top: number };
}

/** How far up a piece the liquid stands, 0 to 1. Several pieces lie under it. */
export function liquidLevel01(input: {
	shape: Shape;
	count: number;
	poolKg: number;
	baseM2: number;
}): number {
	if (input.count > 1) return 1;
	const foot = footprintM2(input.shape);
	const beside = Math.min(input.count, Math.max(1, Math.floor(input.baseM2 / foot)));
	const freeM2 = Math.max(input.baseM2 - foot * beside, input.baseM2 / 4);
	return Math.min(1, input.poolKg / 1000 / freeM2 / thicknessM(input.shape));
}

/** Pieces in a pool. `liquidC` defaults as the definitions in docs/numbers.md say. Throws coded errors. */
export function loadOfPiece(piece: CookedPiece, model: PotModel, frozenLiquidC: number): Load {
	const shape = checkedShape(piece.shape);
	const count = requireRange('count', piece.count ?? 1, 1, 5000);
	const startC = requireRange('startC', piece.startC, -40, 100);
	const liquidKg = requireRange('liquidKg', piece.liquidKg, 0, 30);
	const food = foodFromSpec(piece.food);
	const massKg = volumeM3(shape) * count * foodDensityKgPerM3(food);
	requireRange('massKg', massKg, 0.0005, 40);
	const poolKg = liquidKg + model.purgeKg;
	const level = liquidLevel01({ shape, count, poolKg, baseM2: model.baseM2 });
	const frozen = startC < food.freezingC;
	return {
		pieces: { shape, food: piece.food, count },
		startC,
		poolJPerK: Math.max(leastPoolJPerK, poolKg * poolJPerKgK),
		poolStartC: requireRange(
			'liquidC',
			piece.liquidC ?? (frozen ? frozenLiquidC : startC),
			-2,
			100
		),
		surface: {
			side: level * model.wetH + (1 - level) * model.steamH,
			bottom: model.wetH,
			top: level >= 0.99 && !model.topAlwaysDry ? model.wetH : model.steamH
		}
	};
}

/** How a loose dish is taken to be made up when it is made hot again: so much of it as pieces, the rest a pool. Judgement. */
const piecesInPool01 = 0.4;

/** A loose dish as pieces that heat in their own pool. */
export function loadOfLoosePieces(input: {
	massKg: number;
	liquidKg: number;
	startC: number;
	food: FoodSpec;
	shape: Shape;
	model: PotModel;
}): Load {
	const { massKg, model } = input;
	const shape = checkedShape(input.shape);
	const pieceKg = volumeM3(shape) * foodDensityKgPerM3(foodFromSpec(input.food));
	const pool = loadOfPool({ ...input, massKg: massKg * (1 - piecesInPool01) });
	return {
		...pool,
		pieces: { shape, food: input.food, count: Math.max(1, (massKg * piecesInPool01) / pieceKg) },
		surface: { side: model.wetH, bottom: model.wetH, top: model.wetH }
	};
}

/** Of what is missing this share counts: less food is never slower than more. Judgement. */
const missing01 = 0.85;

/** The load as it heats where the bowl counts as holding at least `leastJPerK`, pieces and pool together. */
export function asIfFuller(load: Load, foodJPerK: number, leastJPerK: number): Load {
	const missing = (leastJPerK - foodJPerK) * missing01;
	return missing > 0 ? { ...load, poolJPerK: load.poolJPerK + missing } : load;
}

/** Heat capacity of so much food or pool, J/K. */
export const poolHeatJPerK = (massKg: number) => poolJPerKgK * massKg;

/** A dish that is loose once thawed: all of it is the pool. */
export function loadOfPool(input: { massKg: number; liquidKg: number; startC: number }): Load {
	return {
		pieces: null,
		startC: input.startC,
		poolJPerK: Math.max(leastPoolJPerK, poolJPerKgK * (0.93 * input.massKg + input.liquidKg)),
		poolStartC: input.startC,
		surface: { side: 0, bottom: 0, top: 0 }
	};
}
