import { dishTraits, itemByName, namedStock } from '../../core/foods/index.ts';
import { type CautionCode, cautionsAt, type Decision } from '../../core/rules/index.ts';
import type { Db } from '../db/db.ts';
import { getDish, type Dish } from './dishes.ts';

/** The cautions that belong to a decision about a dish. */
export const cautionsOfDish = (decision: Decision, dish: Dish): CautionCode[] =>
	cautionsAt(decision, {
		state: dish.state,
		traits: dishTraits({
			...dish,
			lines: dish.lines.map((line) => ({
				...line,
				item: line.itemName ? itemByName(line.itemName) : null
			}))
		})
	});

/** The same about a pack: by its dish, or by its name where it has none. */
export async function cautionsOfPack(
	db: Db,
	decision: Decision,
	pack: {
		name: string;
		dish: { id: number } | null;
		packing: { state: 'raw' | 'cooked'; massKg: number };
	}
): Promise<CautionCode[]> {
	const dish = pack.dish && (await getDish(db, pack.dish.id));
	if (dish) return cautionsOfDish(decision, dish);
	const { state, massKg } = pack.packing;
	const line = {
		text: pack.name,
		item: namedStock(pack.name).item,
		massKg,
		stage: 'pack' as const
	};
	return cautionsAt(decision, {
		state,
		traits: dishTraits({ name: pack.name, state, lines: [line] })
	});
}
