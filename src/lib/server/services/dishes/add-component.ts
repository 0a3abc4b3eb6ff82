import { parseIngredientLines } from '../../../formats/ingredient-line.ts';
import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import { saveDish, setDishExtras } from '../../writes/dishes.ts';

/** What a pack leaves over, as a dish that stands for its item: packed in useful portions, its packs count as stock. */
export async function addComponent(
	db: Db,
	input: { itemName: string; grams: number; nowMs: number }
): Promise<number> {
	const id = await saveDish(
		db,
		{
			name: w.shop.componentName({ item: input.itemName }),
			servings: Math.max(1, Math.round(input.grams / 100)),
			kind: 'soft-vegetables',
			state: 'raw',
			createdAtMs: input.nowMs
		},
		parseIngredientLines(`${input.grams} g ${input.itemName}`)
	);
	await setDishExtras(db, id, { standsFor: input.itemName });
	return id;
}
