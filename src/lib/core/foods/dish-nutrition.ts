import { itemByName } from './item-catalogue.ts';
import { lineKg } from './line-mass.ts';
import { nutritionPerServing, type Nutrition } from './nutrition.ts';

/** Energy and nutrients of a serving, and of how many lines the weight was known. */
export function dishNutrition(dish: {
	lines: readonly (Parameters<typeof lineKg>[0] & { massKg?: number | null })[];
	servings: number;
}): { nutrition: Nutrition; knownLines: number } {
	const parts = dish.lines.flatMap((line) => {
		const item = line.itemName ? itemByName(line.itemName) : null;
		const massKg = line.massKg === undefined ? lineKg(line) : line.massKg;
		return item && massKg !== null ? [{ composition: item.composition, massKg }] : [];
	});
	return {
		nutrition: nutritionPerServing({ parts, servings: dish.servings }),
		knownLines: parts.length
	};
}
