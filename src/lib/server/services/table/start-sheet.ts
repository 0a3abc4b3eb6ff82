import { randomBytes } from 'node:crypto';
import { airPressureKPa, boilingC } from '../../../core/index.ts';
import { methodKey } from '../../../core/appliances/index.ts';
import { type Away, lyingBy, planOfWay, type RouteName } from '../../../core/serving/index.ts';
import { staysHotMin } from '../../../core/rules/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import type { CookablePack } from '../../queries/packs.ts';
import { addCookSheet } from '../../writes/cook-sheets.ts';
import { questionOfPacks } from './pack-question.ts';
import { routesNow } from './routes-now.ts';
import { factsOf, keptBackOf } from './sheet-facts.ts';

/** A meal as it is asked for. */
export interface MealAsked {
	packs: readonly CookablePack[];
	/** `methodKey` of a way, and how it gets there */
	way: string;
	route: RouteName;
	serveAtMs: number;
	nowMs: number;
	away?: Away | null;
}

/** The plan of a meal by one of its ways; null when the way is none any more: refused, or not owned. */
async function planMeal(house: Household, compute: Compute, asked: MealAsked) {
	const { packs, nowMs } = asked;
	const [first] = packs;
	const { input, card } = await questionOfPacks(packs, house, compute);
	const route = routesNow(first, card, nowMs).find(({ name }) => name === asked.route);
	const option = route?.options.find(({ method }) => methodKey(method) === asked.way);
	const boilsC = boilingC(airPressureKPa(house.altitudeM));
	const { state, content, core } = first.packing;
	const made =
		route &&
		option &&
		planOfWay({
			option,
			route,
			pack: {
				state,
				content,
				core,
				outSinceMs: first.status === 'thawing' ? (first.pulledAtMs ?? nowMs) : null
			},
			kept: keptBackOf(packs),
			serveAtMs: asked.serveAtMs,
			away: asked.away,
			boilsC
		});
	if (!made) return null;
	const { convert } = input;
	const { lateTexts } = made;
	const hotMin = staysHotMin({
		food: convert.food,
		massKg: convert.massKg,
		startC: Math.min(option.coreEndC ?? convert.coreC, boilsC),
		roomC: house.roomC
	});
	return {
		plan: made.plan,
		facts: factsOf(packs, { lateTexts, hotMin }),
		convert: lyingBy(route.name, convert)
	};
}

/** Begins a meal. Gives its sheet's number; null when its way is none any more. */
export async function startSheet(
	db: Db,
	house: Household,
	compute: Compute,
	asked: MealAsked
): Promise<number | null> {
	const meal = await planMeal(house, compute, asked);
	if (!meal) return null;
	const { plan, facts, convert } = meal;
	return addCookSheet(db, {
		codes: asked.packs.map(({ code }) => code),
		facts,
		plan,
		convert,
		token: randomBytes(18).toString('base64url'),
		startedAtMs: asked.nowMs
	});
}
