import { type DishPieces, piecesIn, piecesOfMethod } from '../../../core/packing/index.ts';
import type { Dish } from '../../queries/dishes.ts';

/** What a batch of a dish comes in: as the cook said, else as its method says; null when it does not come in pieces. */
export const piecesOfDish = ({
	pieces,
	method
}: Pick<Dish, 'pieces' | 'method'>): DishPieces | null => pieces ?? piecesOfMethod(method);

/** The pieces in one pack of so many servings. */
export function piecesInPack(
	dish: Pick<Dish, 'pieces' | 'method' | 'servings'>,
	servings: number
): DishPieces | null {
	const all = piecesOfDish(dish);
	return all && { name: all.name, count: piecesIn(all, servings, dish.servings) };
}
