import { type DishOnPlate, plateKind, plateLines } from '../../../core/packing/index.ts';
import { comesRaw, hygieneOf, isRawAnimalClass } from '../../../core/foods/index.ts';
import type { ContainerKey } from '../../../core/published/index.ts';
import { parseIngredientLines, parsedLineKg } from '../../../formats/ingredient-line.ts';
import { dayIn } from '../../../present/time.ts';
import * as w from '../../../present/wording/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { asContent, getDish, type Dish, type LineRow } from '../../queries/dishes.ts';
import { getHousehold } from '../../queries/household.ts';
import { saveDish, setDishRemoved } from '../../writes/dishes.ts';
import { packedKgOf } from '../day/packed-kg.ts';
import { packDish } from './pack-dish.ts';
import { packsMade } from './packs-made.ts';

export interface PlatesAsked {
	/** kilograms of each dish on each plate */
	parts: { dishId: number; massKg: number }[];
	/** lines of what is put on as it is, for one plate: "80 g frozen peas" */
	extras: string;
	count: number;
	container: ContainerKey;
	shelfId: number;
}

/** Raw animal food is no part of a plate: what is on it is only made hot again. */
const isRaw = ({ itemName, form }: { itemName: string | null; form: string | null }): boolean =>
	comesRaw(form) && isRawAnimalClass(hygieneOf(itemName));

/**
 * Plates or trays with parts of several dishes: one pack each, whose keeping time, core, allergens, energy and cook card come from
 * all its parts. The plate itself never stands on the menu. Answers the packs' codes, or why it cannot be.
 */
export async function makePlates(
	db: Db,
	compute: Compute,
	dayId: number,
	asked: PlatesAsked,
	nowMs: number
): Promise<{ ok: true; codes: string[] } | { ok: false; message: string }> {
	const found: { dish: Dish; massKg: number }[] = [];
	for (const { dishId, massKg } of asked.parts) {
		const dish = await getDish(db, dishId);
		if (!dish) return { ok: false, message: w.packDishAnswers.dishGone };
		if (dish.state === 'raw') return { ok: false, message: w.plates.raw({ dish: dish.name }) };
		found.push({ dish, massKg });
	}
	const extras = parseIngredientLines(asked.extras);
	if (found.length + extras.length < 2) return { ok: false, message: w.plates.two };
	const unread = extras.find((line) => parsedLineKg(line) === null);
	if (unread) return { ok: false, message: w.plates.weigh({ line: unread.text }) };
	const raw = extras.find(isRaw);
	if (raw) return { ok: false, message: w.plates.raw({ dish: raw.item }) };
	const parts = found.map(({ dish, massKg }): DishOnPlate<LineRow> => ({
		part: { dishId: dish.id, name: dish.name, massKg },
		dish,
		packedKg: packedKgOf(dish)
	}));
	const lines = plateLines(parts).map(asContent);
	const house = await getHousehold(db);
	const plateOf = [
		...parts.map(({ part }) => part),
		...extras.map((line) => ({ dishId: null, name: line.item, massKg: parsedLineKg(line) ?? 0 }))
	];
	const massKg = plateOf.reduce((sum, part) => sum + part.massKg, 0);
	const id = await saveDish(
		db,
		{
			name: w.plates.name({ parts: plateOf.map(({ name }) => name).join(', ') }).slice(0, 120),
			servings: 1,
			kind: plateKind,
			state: 'cooked',
			method: '',
			addOnDay: found
				.map(({ dish }) => dish.addOnDay)
				.filter(Boolean)
				.join('; ')
				.slice(0, 300),
			instruction: null,
			steps: [],
			// what the cook has corrected of a dish holds for its part, too
			allergens: found.some(({ dish }) => dish.allergens)
				? [...new Set(found.flatMap(({ dish }) => dish.facts.allergens))]
				: null,
			plateOf,
			createdAtMs: nowMs
		},
		[...lines, ...extras]
	);
	const packed = await packDish(
		db,
		compute,
		{
			dishId: id,
			dayId,
			cardBehind: true,
			count: asked.count,
			servings: 1,
			container: asked.container,
			massKg,
			packedOn: dayIn(nowMs, house.timeZone),
			shelfId: asked.shelfId
		},
		nowMs
	);
	await setDishRemoved(db, id, nowMs);
	if (!packed.ok) return { ok: false, message: packed.message };
	return { ok: true, codes: await packsMade(db, compute, [packed.packingId], nowMs) };
}
