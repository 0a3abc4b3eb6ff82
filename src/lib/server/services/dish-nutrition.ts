import { itemByName } from '../../core/foods/item-catalogue.ts';
import { nutritionPerServing, type Nutrition } from '../../core/foods/nutrition.ts';
import { parsedLineKg } from '../../formats/ingredient-line.ts';
import type { Dish } from '../repos/dishes.ts';

/** Energy and nutrients of a serving, and of how many lines the weight was known. */
export function dishNutrition(dish: Pick<Dish, 'lines' | 'servings'>): {
	nutrition: Nutrition;
	knownLines: number;
} {
	const parts = dish.lines.flatMap((line) => {
		const item = line.itemName ? itemByName(line.itemName) : null;
		const massKg = parsedLineKg(line);
		return item && massKg !== null ? [{ composition: item.composition, massKg }] : [];
	});
	return {
		nutrition: nutritionPerServing({ parts, servings: dish.servings }),
		knownLines: parts.length
	};
}
