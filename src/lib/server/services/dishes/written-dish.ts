import type { WrittenDish } from '../../../formats/recipe-write.ts';
import type { Dish } from '../../queries/dishes.ts';

/** A dish as files hold it. */
export function writtenDish(dish: Dish): WrittenDish {
	return {
		name: dish.name,
		servings: dish.servings,
		ingredients: dish.lines.map((line) => line.text),
		method: dish.method,
		kind: dish.kind,
		state: dish.state,
		addOnDay: dish.addOnDay,
		stages: dish.lines.map((line) => line.stage),
		instruction: dish.instruction
	};
}
