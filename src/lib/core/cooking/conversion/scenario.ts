import type { FoodSpec } from '../../foods/food-spec.ts';
import type { Fineness } from '../../heat/grid.ts';
import { thickened, type Shape } from '../../heat/shape.ts';
import { thermalTable } from '../../heat/thermal-table.ts';
import {
	bathWPerM2K,
	fanOvenSurface,
	leastSlowFill01,
	panSurface,
	pressureCookerModel,
	roasterModel,
	slowCookerModel,
	traySurface,
	type Kitchen,
	type Oven,
	type PotModel,
	type PressureCooker,
	type SlowCooker
} from '../../kitchen/appliance-parameters.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import type { CookingState } from '../appliances/cooking-state.ts';
import { rateTable } from './doneness.ts';
import { OvenBody } from '../appliances/oven-body.ts';
import {
	asIfFuller,
	loadOfLoosePieces,
	loadOfPiece,
	loadOfPool,
	poolHeatJPerK,
	type CookedPiece,
	type Load
} from '../appliances/load.ts';
import { breakUpMin, hobPot, hobW } from '../appliances/hob.ts';
import { airPressureKPa } from '../../water/air-pressure.ts';
import { boilingC } from '../../water/saturation.ts';
import type { Method } from '../method.ts';
import { Pot, type PotTables } from '../appliances/pot.ts';
import { PressureBranches } from '../pressure/pressure-branches.ts';
import { comeUp, hold, releaseAndRest } from '../pressure/pressure-phases.ts';
import { pressureCookingC, pressureFrozenLiquidC } from '../pressure/run-pressure-cooker.ts';
import { slowFrozenLiquidC } from '../appliances/run-slow-cooker.ts';
import { emptyTimeline, reaches, type Goal, type Timeline } from './timeline.ts';
import { halfRange, type Unknowns } from './unknowns.ts';

/** In an oven: a pan that it fills, pieces in one layer uncovered, a wide covered dish, a deep covered roaster. */
export type OvenDish = 'filled' | 'tray' | 'wide-dish' | 'roaster';

/** One way to cook one thing: what lies in the appliance, and which appliance. */
export interface Scenario {
	readonly kind: DishKind;
	readonly method: Method;
	/** what is conducted through; null when the dish is loose and all of it is the pool */
	readonly piece: { readonly food: FoodSpec; readonly shape: Shape; readonly count: number } | null;
	/** the piece is one of those that lie in the pool of a loose dish */
	readonly loosePieces: boolean;
	readonly massKg: number;
	readonly liquidKg: number;
	readonly startC: number;
	/** what it stands in, in an oven */
	readonly dish: OvenDish;
	/** only made hot again: pieces of a loose dish heat in their pool, and the core counts when the lid comes off */
	readonly reheat: boolean;
	readonly slowCooker: SlowCooker;
	readonly pressureCooker: PressureCooker;
	readonly oven: Oven;
	/** measured, of a burner on high, W */
	readonly burnerHighW?: number;
	readonly kitchen: Kitchen;
	/** on the hob from frozen: the block that is broken up before the rest is as from thawed */
	readonly breakUp?: Parameters<typeof breakUpMin>[0];
}

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

function foodWith(food: FoodSpec, u: Unknowns): FoodSpec {
	if (u.conductivity === 0) return food;
	const mobility = food.mobility ?? 1;
	const excess = Math.max(0, mobility - 1) * (1 - halfRange.mobilityExcess01 * u.conductivity);
	const base = Math.min(1, mobility) * (1 - halfRange.conductivity01 * u.conductivity);
	return { ...food, mobility: base + excess };
}

function modelWith<M extends PotModel>(model: M, u: Unknowns, measured = false): M {
	const transfer = 1 - halfRange.transfer01 * u.transfer;
	const loss = 1 + (measured ? halfRange.measured01 : halfRange.loss01) * u.loss;
	return {
		...model,
		wallLossWPerK: model.wallLossWPerK * loss,
		lidLossWPerK: model.lidLossWPerK * loss,
		wetH: model.wetH * transfer,
		steamH: model.steamH * transfer
	};
}

/** The state of a cook at the start, its stepper, and its power. */
export function startedCook(s: Scenario, u: Unknowns, effort: Effort, tables: TableCache) {
	const { zK } = dishKinds[s.kind];
	const { fineness } = effort;
	const startC = s.startC - halfRange.startK * u.startTemperature;
	const power = (measured = false) =>
		1 - (measured ? halfRange.measured01 : halfRange.power01) * u.power;
	const ovenK = s.oven.measured ? halfRange.ovenMeasuredK : halfRange.ovenK;
	const ovenC =
		s.method.appliance === 'oven'
			? s.method.ovenC + (s.oven.offsetK ?? 0) - ovenK * u.ovenTemperature
			: s.method.appliance === 'fan-oven'
				? s.method.ovenC - halfRange.ovenK * u.ovenTemperature
				: 0;
	const fan = s.oven.fan ?? false;
	const piece: CookedPiece | null = s.piece && {
		food: foodWith(s.piece.food, u),
		shape: thickened(s.piece.shape, 1 + halfRange.thickness01 * u.thickness),
		count: s.piece.count,
		startC,
		liquidKg: s.liquidKg
	};
	const potTables = piece && tables.get(piece.food, zK);
	const air = airOf(s, ovenC, fan);
	if (air && piece && potTables)
		return {
			pan: new OvenBody({
				piece,
				...air,
				h01: 1 - halfRange.transfer01 * u.transfer,
				kitchen: s.kitchen,
				fineness,
				tables: potTables
			})
		};
	const pot = (model: PotModel, frozenLiquidC: number, leastFill?: typeof leastSlowFill01) => {
		const load = loadOf(s, piece, startC, model, frozenLiquidC);
		const leastKg =
			s.slowCooker.volumeL * (leastFill?.[piece && !s.loosePieces ? 'pieces' : 'pool'] ?? 0);
		return new Pot({
			model,
			load: asIfFuller(load, poolHeatJPerK(s.massKg + s.liquidKg), poolHeatJPerK(leastKg)),
			kitchen: s.kitchen,
			zK,
			fineness,
			tables: potTables
		});
	};
	switch (s.method.appliance) {
		case 'slow-cooker': {
			const { measured } = s.slowCooker;
			const model = modelWith(slowCookerModel(s.slowCooker), u, measured);
			const powerW = (s.method.setting === 'low' ? model.lowW : model.highW) * power(measured);
			return { pot: pot(model, slowFrozenLiquidC, leastSlowFill01), powerW };
		}
		case 'pressure-cooker': {
			const model = modelWith(pressureCookerModel(s.pressureCooker), u);
			return {
				pot: pot(model, pressureFrozenLiquidC),
				powerW: model.powerW * power(s.pressureCooker.measured),
				targetC: pressureCookingC(model.gaugeKPa, s.kitchen.altitudeM)
			};
		}
		case 'hob': {
			const model = modelWith(hobPot, u);
			const watts = hobW(s.method.level, s.kind, s.liquidKg, s.burnerHighW);
			return { pot: pot(model, capOf(s.kitchen)), powerW: watts * power() };
		}
		case 'fan-oven':
		case 'water-bath':
		case 'steamer':
		case 'microwave':
			throw new Error(`${s.method.appliance} has no pot`);
		case 'oven':
			return {
				pot: pot(
					modelWith(roasterModel(ovenC, fan, s.dish === 'wide-dish' ? 'wide-dish' : 'roaster'), u),
					slowFrozenLiquidC
				),
				powerW: 0
			};
	}
}

const capOf = (kitchen: Kitchen) => boilingC(airPressureKPa(kitchen.altitudeM)) - 0.01;

/** What a body without a pool sees: the oven's air, a fan's, a water bath or steam; null for what stands in a pot. */
function airOf(s: Scenario, ovenC: number, fan: boolean) {
	const all = (h: number) => ({ side: h, top: h, bottom: h });
	switch (s.method.appliance) {
		case 'oven':
			if (s.dish !== 'filled' && s.dish !== 'tray') return null;
			return {
				ovenC,
				surface: s.dish === 'tray' ? traySurface(fan) : panSurface(s.method.covered, fan)
			};
		case 'fan-oven':
			return { ovenC, surface: fanOvenSurface };
		case 'water-bath':
			return {
				ovenC: s.method.bathC,
				surface: all(s.method.circulated ? bathWPerM2K.circulated : bathWPerM2K.still)
			};
		case 'steamer':
			return { ovenC: capOf(s.kitchen), surface: all(bathWPerM2K.steam) };
		case 'hob':
		case 'slow-cooker':
		case 'pressure-cooker':
		case 'microwave':
			return null;
	}
}

/** What lies in the pot: pieces in a pool, a loose dish as pieces in its own pool, or nothing but pool. */
function loadOf(
	s: Scenario,
	piece: CookedPiece | null,
	startC: number,
	model: PotModel,
	frozenLiquidC: number
): Load {
	const { massKg, liquidKg } = s;
	if (!piece) return loadOfPool({ massKg, liquidKg, startC });
	return s.loosePieces
		? loadOfLoosePieces({ massKg, liquidKg, startC, model, food: piece.food, shape: piece.shape })
		: loadOfPiece(piece, model, frozenLiquidC);
}

function push(
	t: Timeline,
	s: Scenario,
	state: CookingState,
	at: { setMin: number; totalMin: number; coreC: number }
): void {
	t.setMin.push(at.setMin);
	t.totalMin.push(at.totalMin);
	t.cookMin.push(dishKinds[s.kind].measure === 'mean' ? state.meanCookMin : state.coldestCookMin);
	t.coreC.push(at.coreC);
	t.lethality70Min.push(state.lethality70Min);
	t.hazardH.push(state.hazardH);
	t.poolHazardH.push(state.poolHazardH);
}

export interface TimelineRequest {
	scenario: Scenario;
	unknowns: Unknowns;
	effort: Effort;
	tables: TableCache;
	/** the run ends when this is reached */
	until: Goal;
	/** goals on the way whose times are wanted as exactly (under pressure only what is asked for is computed) */
	marks?: readonly Goal[];
	/** or here: minutes from switching on (slow cooker, oven), minutes at pressure */
	longestMin: number;
	/** under pressure: hold times whose release is wanted exactly (a recipe's own minutes) */
	holdsMin?: readonly number[];
}

/** Runs a scenario; also gives minutes of come-up and release under pressure. */
export function timelineOf(request: TimelineRequest): Timeline & { comeUpMin: number | null } {
	return request.scenario.method.appliance === 'pressure-cooker'
		? pressureTimeline(request)
		: steadyTimeline(request);
}

function steadyTimeline({
	scenario,
	unknowns,
	effort,
	tables,
	until,
	longestMin
}: TimelineRequest) {
	const cook = startedCook(scenario, unknowns, effort, tables);
	const state: CookingState = cook.pan ?? cook.pot;
	const timeline = emptyTimeline();
	// a frozen block in a pot on the hob is broken up first
	const beforeMin = scenario.breakUp ? breakUpMin(scenario.breakUp) : 0;
	const record = () =>
		push(timeline, scenario, state, {
			setMin: beforeMin + state.minute,
			totalMin: beforeMin + state.minute,
			coreC: state.coldestC
		});
	record();
	const stepS = effort.slowS;
	while (state.minute < longestMin - 1e-9 && !reaches(timeline, until)) {
		const dtS = Math.min(stepS, (longestMin - state.minute) * 60);
		if (cook.pan) cook.pan.step(dtS);
		else cook.pot.step(dtS, { powerW: cook.powerW });
		record();
	}
	return { ...timeline, comeUpMin: null };
}

/**
 * One run of the hold with snapshots, from which releases branch off. A release costs more than the hold between two of them, so
 * only those are run that a search for the goals asks for.
 */
function pressureTimeline(request: TimelineRequest) {
	const { scenario, unknowns, effort, tables, longestMin } = request;
	const cook = startedCook(scenario, unknowns, effort, tables);
	if (!cook.pot || cook.targetC === undefined) return { ...emptyTimeline(), comeUpMin: null };
	const { pot, targetC } = cook;
	const release =
		(scenario.method.appliance === 'pressure-cooker' && scenario.method.release) || 'natural';
	const { pressureS, releaseS } = effort;
	const comeUpMin = comeUp(pot, { powerW: cook.powerW, targetC, stepS: pressureS });
	if (comeUpMin === null) return { ...emptyTimeline(), comeUpMin };
	const branches = new PressureBranches({
		pot,
		hold: (minutes) => hold(pot, { targetC, minutes, stepS: pressureS }),
		release: (end) => {
			const { openedC } = releaseAndRest(end, { release, stepS: releaseS });
			return scenario.reheat ? openedC : end.coldestC;
		},
		nextMin: (heldMin) => Math.min(longestMin, heldMin + Math.max(effort.holdMin, heldMin * 0.1)),
		record: (timeline, end, at) => push(timeline, scenario, end, at)
	});
	if (request.holdsMin) branches.exactly(request.holdsMin);
	else
		for (const goal of [...(request.marks ?? []), request.until]) branches.search(goal, longestMin);
	return { ...branches.timeline(), comeUpMin };
}
