import { w } from '../../present/wording/index.ts';
import { defaultCompositions } from '../../core/tables/default-compositions.ts';
import {
	predictCooling,
	type CoolingInput,
	type CoolingPlace,
	type Shape
} from '../../core/index.ts';
import type { CoolingForecast } from '../db/schema/index.ts';
import type { Db } from '../db/open.ts';
import { addCooling } from '../repos/cooling.ts';
import { getDish } from '../repos/dishes.ts';
import { getHousehold } from '../repos/household.ts';

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
	if (!vessel)
		return {
			ok: false,
			field: 'volumeL',
			message: w.startCoolingAnswers.amountThatMuchIn
		};
	const house = await getHousehold(db);
	const dish = request.dishId ? await getDish(db, request.dishId) : null;
	const food = dish?.facts.food ?? {
		composition: defaultCompositions['meat-in-sauce'],
		mobility: 1.5
	};
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
		forecast: forecastOf(input),
		startedAtMs: nowMs
	});
	return { ok: true, id };
}

/** The forecast as it is kept: plain numbers, with what the rule makes of them. */
export function forecastOf(input: CoolingInput): CoolingForecast {
	const result = predictCooling(input);
	const tenths = (series: ArrayLike<number>) =>
		Array.from(series, (value) => Math.round(value * 100) / 100);
	return {
		minutes: tenths(result.minutes),
		warmestC: tenths(result.warmestC),
		slowMinutes: tenths(result.slow.minutes),
		slowWarmestC: tenths(result.slow.warmestC),
		clockStartMin: result.clockStartMin,
		to21Min: result.to21Min,
		to5Min: result.to5Min,
		rule: result.rule,
		verdict: result.verdict,
		failed: result.failed,
		iceNeededKg: result.iceNeededKg
	};
}
