import type { DishKind } from '../../../core/index.ts';
import {
	defaultCompositions,
	isDishName,
	isIce,
	type Item,
	namedStock
} from '../../../core/foods/index.ts';
import { type Aisle, containers, dishKinds } from '../../../core/published/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import { cardQuestion, type CookCardInput } from '../../../core/serving/index.ts';
import { guessKind } from '../../../formats/guess-dish.ts';
import { parseIngredientLines } from '../../../formats/ingredient-line.ts';
import type { Household } from '../../db/schema/index.ts';
import type { Packing } from '../../queries/packs.ts';

/** What a pack without a dish weighs in the pan's density, kg/m³: mostly water. */
const usualDensityKgPerM3 = 1000;

/** Aisles whose things are a meal, or part of one, by themselves; and what keeps like a dish, wherever it is bought. */
const meals: ReadonlySet<Aisle> = new Set<Aisle>(['meat', 'fish', 'greens']);
const dishes: ReadonlySet<string> = new Set(['soup-stew', 'casserole', 'egg-bake', 'pizza']);
const isMeal = ({ aisle, storage }: Item): boolean =>
	dishes.has(storage ?? '') || (meals.has(aisle) && storage !== 'fruit');

/**
 * What is asked of the model for a pack of which only the name, the weight and the shape are known: the kind its name suggests, the
 * composition of what it names or of that kind, and what is safe as its packing has it. Its card's ranges are wider. Null for what is
 * never cooked.
 */
export function questionFromName(
	packing: Pick<
		Packing,
		| 'name'
		| 'state'
		| 'content'
		| 'coreC'
		| 'core'
		| 'container'
		| 'massKg'
		| 'lengthM'
		| 'widthM'
		| 'thicknessM'
		| 'storage'
	>,
	house: Household
): CookCardInput | null {
	const name = packing.name ?? '';
	if (isIce(name)) return null;
	const isPan = containers[packing.container].pan;
	const isDish = isDishName(name);
	const { item } = namedStock(name);
	// bread, butter, tomato paste: thawed, or put into something else
	if (item && !isDish && !isMeal(item)) return null;
	const lines = parseIngredientLines(name);
	const guessed = guessKind({ name, method: '', lines });
	const kind: DishKind = isPan
		? 'assembled-bake'
		: item || isDish
			? guessed
			: packing.state === 'raw'
				? 'lean-pieces'
				: 'meat-in-sauce';
	const { mobility, cookedGain } = dishKinds[kind];
	const composition = item && !isDish ? item.composition : defaultCompositions[kind];
	const { lengthM, widthM, thicknessM, state, content, massKg } = packing;
	const parts = packing.storage.parts.map((part) => ({ ...part, massKg }));
	return {
		...cardQuestion({
			dish: { kind, state, instruction: null },
			facts: {
				food: { composition, mobility, cookedGain },
				content,
				// the household's own addition is in it already
				coreC: packing.coreC - limitsFrom(house.limits).coreAddedK,
				densityKgPerM3: usualDensityKgPerM3,
				parts
			},
			pack: { massKg, block: { lengthM, widthM, thicknessM }, isPan },
			house,
			freezerC: packing.storage.freezerC,
			limits: limitsFrom(house.limits)
		}),
		rough: true
	};
}
