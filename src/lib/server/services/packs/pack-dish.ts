import * as w from '../../../present/wording/index.ts';
import { dishNutrition, partCookedStep } from '../../../core/foods/index.ts';
import { type ContainerKey, containers } from '../../../core/published/index.ts';
import { packPlan } from '../../../core/packing/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import { cardQuestion } from '../../../core/serving/index.ts';
import { dayIn } from '../../../present/time.ts';
import { packRefusalText } from '../../../present/pack-words.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { getCooling } from '../../queries/cooling.ts';
import { isDiscarded } from '../cooling/decisions.ts';
import { servingCents } from '../dishes/menu-overview.ts';
import { piecesInPack } from '../dishes/pieces-of-dish.ts';
import { getDish } from '../../queries/dishes.ts';
import { freezerOfShelf, getHousehold } from '../../queries/household.ts';
import { useContainers } from '../../writes/freezer-stock.ts';
import { addPacking } from '../../writes/packs.ts';

export interface PackingRequest {
	dishId: number;
	coolingRunId?: number;
	/** the packing day it was planned on */
	dayId?: number;
	/** its cook card comes after: many are packed at once */
	cardBehind?: boolean;
	count: number;
	servings: number;
	container: ContainerKey;
	massKg: number;
	lengthM?: number;
	widthM?: number;
	thicknessM?: number;
	packedOn: string;
	bestBy?: string;
	shelfId: number;
	/** labels first: the packs are reserved until they are marked frozen */
	ahead?: boolean;
	/** each pack as weighed */
	massesKg?: (number | null)[];
	/** what was bought frozen in it, and what became of that */
	boughtFrozen?: 'still-frozen' | 'refrigerator' | 'otherwise';
	/** when it was cooked, if that was before the day it is packed */
	cookedOn?: string;
}

type Refusal = { ok: false; field: string; message: string };

/** Divides a batch into packs: block, storage life, cook card and codes. Returns the packing's number, or why it cannot be. */
export async function packDish(
	db: Db,
	compute: Compute,
	request: PackingRequest,
	nowMs: number
): Promise<{ ok: true; packingId: number } | Refusal> {
	const house = await getHousehold(db);
	const dish = await getDish(db, request.dishId);
	if (!dish) return { ok: false, field: 'dishId', message: w.packDishAnswers.dishGone };
	const cooled = request.coolingRunId ? await getCooling(db, request.coolingRunId) : null;
	if (cooled && isDiscarded(cooled, limitsFrom(house.limits)))
		return { ok: false, field: 'dishId', message: w.gates.notPackable };
	const partCooked = partCookedStep({
		method: dish.method,
		state: dish.state,
		hasRawMeat: dish.facts.content === 'raw-meat'
	});
	if (partCooked)
		return {
			ok: false,
			field: 'dishId',
			message: w.packDishAnswers.partCooked({ sentence: partCooked })
		};
	if (dish.state === 'raw' && request.boughtFrozen === 'otherwise')
		return { ok: false, field: 'boughtFrozen', message: w.packDishAnswers.thawedBefore };
	const place = await freezerOfShelf(db, request.shelfId);
	if (!place) return { ok: false, field: 'shelfId', message: w.packDishAnswers.shelfGone };
	const limits = limitsFrom(house.limits);
	const plan = packPlan({
		massKg: request.massKg,
		densityKgPerM3: dish.facts.densityKgPerM3,
		kind: dish.kind,
		container: request.container,
		measured: {
			lengthM: request.lengthM,
			widthM: request.widthM,
			thicknessM: request.thicknessM
		},
		life: {
			parts: dish.facts.parts,
			packedOn: request.packedOn,
			freezerC: place.freezer.setC,
			houseMonths: house.houseMonths,
			leads: house.leads,
			bestBy: request.bestBy
		}
	});
	if (plan.outcome !== 'planned')
		return {
			ok: false,
			field: plan.field,
			message: packRefusalText(plan, request.massKg, house)
		};
	const { block, life } = plan;
	const pieces = piecesInPack(dish, request.servings);
	const question = cardQuestion({
		dish,
		facts: dish.facts,
		pack: {
			massKg: request.massKg,
			block,
			isPan: containers[request.container].pan,
			pieces: pieces?.count
		},
		house,
		freezerC: place.freezer.setC,
		limits
	});
	const card = request.cardBehind ? null : await compute('card', question);
	return db.transaction(async (tx) => {
		const packingId = await addPacking(
			tx,
			{
				dishId: dish.id,
				coolingRunId: request.coolingRunId ?? null,
				dayId: request.dayId ?? null,
				packedOn: request.packedOn,
				cookedOn: request.cookedOn ?? null,
				thawedBefore: dish.state === 'raw' && request.boughtFrozen === 'refrigerator',
				servings: request.servings,
				pieces,
				container: request.container,
				massKg: request.massKg,
				...block,
				state: dish.state,
				content: dish.facts.content,
				core: dish.facts.core,
				coreC: dish.facts.coreC + limits.coreAddedK,
				servingCents: await servingCents(tx, dish),
				allergens: dish.facts.allergens,
				allergensKnown: dish.facts.allergensKnown,
				nutrition: house.labelNutrition ? dishNutrition(dish).nutrition : null,
				storage: {
					...life,
					parts: dish.facts.parts,
					freezerC: place.freezer.setC
				},
				card,
				cardInput: question
			},
			{
				count: request.count,
				shelfId: request.shelfId,
				status: request.ahead ? 'reserved' : 'frozen',
				atMs: nowMs,
				// only what goes in now weighs on the freezer
				frozenAtMs: dayIn(nowMs, house.timeZone) === request.packedOn ? nowMs : null,
				massesKg: request.massesKg
			}
		);
		await useContainers(tx, request.container, request.count);
		return { ok: true, packingId };
	});
}
