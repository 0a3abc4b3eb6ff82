import type { FoodSpec } from '../../foods/food-spec.ts';
import { thickened } from '../../heat/shape.ts';
import type { PotModel } from '../../kitchen/appliance-parameters.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import type { Apart } from './block-cook.ts';
import { AirBody } from './air-body.ts';
import type { Effort, TableCache } from './effort.ts';
import {
	asIfFuller,
	loadOfLoosePieces,
	loadOfPiece,
	loadOfPool,
	poolHeatJPerK,
	type CookedPiece,
	type Load
} from './load.ts';
import { Pot } from './pot.ts';
import type { LyingPiece, Scenario } from './scenario.ts';
import { halfRange, type Unknowns } from './unknowns.ts';

/** What every start is given. */
export interface Begin {
	scenario: Scenario;
	u: Unknowns;
	effort: Effort;
	tables: TableCache;
}

function foodWith(food: FoodSpec, u: Unknowns): FoodSpec {
	if (u.conductivity === 0) return food;
	const mobility = food.mobility ?? 1;
	const excess = Math.max(0, mobility - 1) * (1 - halfRange.mobilityExcess01 * u.conductivity);
	const base = Math.min(1, mobility) * (1 - halfRange.conductivity01 * u.conductivity);
	return { ...food, mobility: base + excess };
}

/** How warm it is when it goes in, °C. */
export const startCWith = ({ startC }: Pick<Scenario, 'startC'>, u: Unknowns): number =>
	startC - halfRange.startK * u.startTemperature;

/** A factor of a power that is known to a share. */
export const powerWith = (u: Unknowns, half01: number): number => 1 - half01 * u.power;

function cookedPiece(piece: LyingPiece, { scenario, u }: Begin, liquidC?: number): CookedPiece {
	return {
		food: foodWith(piece.food, u),
		shape: thickened(piece.shape, 1 + halfRange.thickness01 * u.thickness),
		count: piece.count,
		startC: startCWith(scenario, u),
		liquidKg: scenario.liquidKg,
		liquidC
	};
}

/** A pot's parameters at the ends of what is unknown; `loss01` where losses were measured. */
export function modelWith<M extends PotModel>(
	model: M,
	u: Unknowns,
	loss01: number = halfRange.loss01
): M {
	const transfer = 1 - halfRange.transfer01 * u.transfer;
	const loss = 1 + loss01 * u.loss;
	return {
		...model,
		wallLossWPerK: model.wallLossWPerK * loss,
		lidLossWPerK: model.lidLossWPerK * loss,
		wetH: model.wetH * transfer,
		steamH: model.steamH * transfer,
		oven: model.oven && {
			...model.oven,
			wPerK: model.oven.wPerK * Math.exp(-halfRange.dishLog * u.dish)
		}
	};
}

/** What lies in the pot: pieces in a pool, a loose dish as pieces in its own pool, or nothing but pool. */
function loadOf(
	begin: Begin,
	piece: LyingPiece | null,
	model: PotModel,
	at: { frozenLiquidC: number; liquidC?: number }
): Load {
	const { scenario, u } = begin;
	const { massKg, liquidKg } = scenario;
	const startC = startCWith(scenario, u);
	if (!piece) return loadOfPool({ massKg, liquidKg, startC });
	const cooked = cookedPiece(piece, begin, at.liquidC);
	return scenario.loosePieces
		? loadOfLoosePieces({
				massKg,
				liquidKg,
				startC,
				model,
				food: cooked.food,
				shape: cooked.shape
			})
		: loadOfPiece(cooked, model, at.frozenLiquidC);
}

/** A pot with the food in it. `least`: it heats no faster than filled with so much, kg; of a dish that is all pool, and of pieces. */
export function potWith(
	begin: Begin,
	model: PotModel,
	by: {
		frozenLiquidC: number;
		/** the liquid is as warm as this, whatever the food */
		liquidC?: number;
		/** and the vessel */
		wallC?: number;
		leastKg?: { pool: number; pieces: number };
	}
): Pot {
	const { scenario, effort, tables } = begin;
	const { kind, kitchen } = scenario.question;
	const { zK } = dishKinds[kind];
	const load = loadOf(begin, scenario.piece, model, by);
	const leastKg = by.leastKg?.[scenario.piece && !scenario.loosePieces ? 'pieces' : 'pool'] ?? 0;
	const foodJPerK = poolHeatJPerK(scenario.massKg + scenario.liquidKg);
	return new Pot({
		model,
		load: asIfFuller(load, foodJPerK, poolHeatJPerK(leastKg)),
		kitchen,
		wallC: by.wallC,
		zK,
		fineness: effort.fineness,
		tables: load.pieces && tables.get(load.pieces.food, zK)
	});
}

/** What a block that came apart lies as, in the same pot. */
export function apartIn(begin: Begin, model: PotModel, liquidC: number): Apart | null {
	const { scenario, tables, effort } = begin;
	if (!scenario.apart) return null;
	const load = loadOf(begin, scenario.apart.piece, model, { frozenLiquidC: liquidC, liquidC });
	const { zK } = dishKinds[scenario.question.kind];
	return {
		load,
		tables: load.pieces && tables.get(load.pieces.food, zK),
		fineness: effort.fineness
	};
}

/** A body of food whose faces see air or steam. */
export function airBodyWith(
	begin: Begin,
	by: { ambientC: number; surface: Record<'side' | 'bottom' | 'top', number> }
): AirBody {
	const { scenario, u, effort, tables } = begin;
	const { kind, block, food, kitchen } = scenario.question;
	const piece = cookedPiece(scenario.piece ?? { food, shape: block, count: 1 }, begin);
	return new AirBody({
		piece,
		...by,
		h01: 1 - halfRange.transfer01 * u.transfer,
		kitchen,
		fineness: effort.fineness,
		tables: tables.get(piece.food, dishKinds[kind].zK)
	});
}
