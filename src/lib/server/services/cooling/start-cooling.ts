import * as w from '../../../present/wording/index.ts';
import { defaultCompositions } from '../../../core/foods/index.ts';
import {
	predictCooling,
	type CoolingInput,
	type CoolingPlace,
	type CoolingResult,
	type Shape
} from '../../../core/index.ts';
import {
	type CoolingWay,
	type CoolingWayName,
	refrigeratorTakesL
} from '../../../core/cooling/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import { thicknessM, volumeM3 } from '../../../core/heat/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { CoolingForecast, coolingRuns } from '../../db/schema/index.ts';
import type { Db } from '../../db/db.ts';
import { addCooling } from '../../writes/cooling.ts';
import { getDish } from '../../queries/dishes.ts';
import { loadKgPerL } from '../../../core/menu/index.ts';
import { getHousehold, listFreezers } from '../../queries/household.ts';

export interface CoolingRequest {
	dishId?: number;
	name: string;
	vessel: 'pot' | 'dish' | 'tray';
	lengthM: number;
	widthM?: number;
	depthM?: number;
	volumeL?: number;
	startC: number;
	place: 'counter' | 'ice-bath' | 'refrigerator';
	lid: boolean;
	stirred: boolean;
	iceKg?: number;
}

const deepestM = 0.5;

/** Footprint and depth of what cools, from the depth or from the litres; null when the litres make it deeper than a vessel is. */
export function vesselShape(
	request: CoolingRequest
): { shape: Shape; depthM: number; volumeL: number } | null {
	const widthM = request.widthM ?? request.lengthM;
	const baseM2 =
		request.vessel === 'pot' ? (Math.PI / 4) * request.lengthM ** 2 : request.lengthM * widthM;
	const depthM = request.depthM ?? (request.volumeL ?? 0) / 1000 / baseM2;
	if (!(depthM > 0.002) || depthM > deepestM) return null;
	const shape: Shape =
		request.vessel === 'pot'
			? { kind: 'cylinder', diameterM: request.lengthM, heightM: depthM }
			: { kind: 'brick', lengthM: request.lengthM, widthM, heightM: depthM };
	return { shape, depthM, volumeL: baseM2 * depthM * 1000 };
}

/** Predicts and starts a cooling run. Returns its number, or why it cannot be. */
export async function startCooling(
	db: Db,
	request: CoolingRequest,
	nowMs: number
): Promise<{ ok: true; id: number } | { ok: false; field: string; message: string }> {
	const vessel = vesselShape(request);
	if (!vessel) return noVessel;
	const { house, dish, food } = await hotFood(db, request);
	const place: CoolingPlace =
		request.place === 'ice-bath'
			? { place: 'ice-bath', iceKg: request.iceKg }
			: { place: request.place };
	const input: CoolingInput = {
		food,
		shape: vessel.shape,
		startC: request.startC,
		places: [place],
		lid: request.lid,
		stirred: request.stirred,
		roomC: house.roomC,
		refrigeratorC: house.refrigeratorC,
		topInAir: true
	};
	const id = await addCooling(db, {
		dishId: dish?.id ?? null,
		name: request.name,
		vessel: request.vessel,
		place: request.place,
		volumeL: vessel.volumeL,
		depthM: vessel.depthM,
		input,
		forecast: forecastFrom(predictCooling(input)),
		startedAtMs: nowMs
	});
	return { ok: true, id };
}

/** The food of a request: its dish's, or a usual stew. */
async function hotFood(db: Db, request: Pick<CoolingRequest, 'dishId'>) {
	const dish = request.dishId ? await getDish(db, request.dishId) : null;
	return {
		house: await getHousehold(db),
		dish,
		food: dish?.facts.food ?? { composition: defaultCompositions['meat-in-sauce'], mobility: 1.5 }
	};
}

const noVessel = {
	ok: false,
	field: 'volumeL',
	message: w.startCoolingAnswers.tooDeep
} as const;

/** What the ways to cool a request are asked with; null when it is deeper than a vessel is. */
async function waysQuestion(db: Db, request: CoolingRequest) {
	const vessel = vesselShape(request);
	if (!vessel) return null;
	const { house, dish, food } = await hotFood(db, request);
	const [largest] = (await listFreezers(db)).sort((a, b) => b.volumeL - a.volumeL);
	return {
		dish,
		input: {
			food,
			vessel:
				request.vessel === 'pot'
					? ({ kind: 'pot', diameterM: request.lengthM } as const)
					: ({
							kind: 'pan',
							lengthM: request.lengthM,
							widthM: request.widthM ?? request.lengthM
						} as const),
			litres: vessel.volumeL,
			startC: request.startC,
			roomC: house.roomC,
			refrigeratorC: house.refrigeratorC,
			freezerC: largest?.setC,
			freezerTakesKg: largest && largest.volumeL * loadKgPerL,
			limits: limitsFrom(house.limits)
		}
	};
}

/** Every way to cool what a request describes, computed; what the refrigerator takes of it at once, L. */
export async function compareWays(db: Db, compute: Compute, request: CoolingRequest) {
	const question = await waysQuestion(db, request);
	if (!question) return noVessel;
	const { ways, proposed } = await compute('cooling-ways', question.input);
	return {
		ok: true as const,
		proposed,
		refrigeratorL: refrigeratorTakesL(question.input.food, request.startC),
		ways: ways.map(({ input: _input, result: _result, ...way }) => way)
	};
}

/** Starts a run cooled in one of the compared ways. */
export async function startByWay(
	db: Db,
	compute: Compute,
	request: CoolingRequest,
	way: CoolingWayName,
	nowMs: number
): Promise<{ ok: true; id: number } | typeof noVessel> {
	const question = await waysQuestion(db, request);
	if (!question) return noVessel;
	const chosen = await compute('cooling-choice', { ...question.input, names: [way] });
	const id = await addCooling(db, {
		dishId: question.dish?.id ?? null,
		name: request.name,
		...runValues(chosen),
		startedAtMs: nowMs
	});
	return { ok: true, id };
}

/** A run's columns that follow from a way; one of several vessels stands for all. */
export const runValues = (way: CoolingWay) => ({
	...vesselOf[way.name],
	volumeL: volumeM3(way.shape) * 1000,
	depthM: thicknessM(way.shape),
	input: way.input,
	forecast: forecastFrom(way.result)
});

/** What stands where, by the way of cooling. */
const vesselOf: Readonly<
	Record<CoolingWayName, Pick<typeof coolingRuns.$inferInsert, 'vessel' | 'place'>>
> = {
	'pot-counter': { vessel: 'pot', place: 'counter' },
	'pot-refrigerator': { vessel: 'pot', place: 'refrigerator' },
	'wide-dishes-refrigerator': { vessel: 'tray', place: 'refrigerator' },
	'pot-tap-then-ice': { vessel: 'pot', place: 'ice-bath' },
	'pot-ice-bath': { vessel: 'pot', place: 'ice-bath' },
	'portions-freezer': { vessel: 'bag', place: 'freezer' },
	'pot-ice-bath-stirred': { vessel: 'pot', place: 'ice-bath' },
	'bags-ice-water': { vessel: 'bag', place: 'ice-bath' },
	'cut-portions-freezer': { vessel: 'tray', place: 'freezer' }
};

/** The forecast as it is kept: plain numbers, with what the rule makes of them. */
export function forecastFrom(result: CoolingResult): CoolingForecast {
	const hundredths = (series: ArrayLike<number>) =>
		Array.from(series, (value) => Math.round(value * 100) / 100);
	return {
		minutes: hundredths(result.minutes),
		warmestC: hundredths(result.warmestC),
		slowMinutes: hundredths(result.slow.minutes),
		slowWarmestC: hundredths(result.slow.warmestC),
		clockStartMin: result.clockStartMin,
		leadMin: result.leadMin,
		to21Min: result.to21Min,
		to5Min: result.to5Min,
		rule: result.rule,
		verdict: result.verdict,
		failed: result.failed,
		iceNeededKg: result.iceNeededKg
	};
}
