import type { OwnFacts } from './recipe-draft.ts';
import { ownKey } from './recipe-jsonld.ts';

export interface WrittenDish extends OwnFacts {
	name: string;
	servings: number;
	ingredients: string[];
	method: string;
}

/** A dish as schema.org JSON-LD; what schema.org has no words for stands under a key of its own. */
export function recipeJsonLd(dish: WrittenDish): Record<string, unknown> {
	const { name, servings, ingredients, method, ...own } = dish;
	return {
		'@context': ['https://schema.org', { almacen: 'urn:almacen:' }],
		'@type': 'Recipe',
		name,
		recipeYield: `${servings} servings`,
		recipeIngredient: ingredients,
		recipeInstructions: method
			.split('\n')
			.filter((line) => line.trim() !== '')
			.map((text) => ({ '@type': 'HowToStep', text })),
		[ownKey]: own
	};
}

/** A dish as text that reads back. */
export function recipePlainText(dish: WrittenDish): string {
	const parts = [
		dish.name,
		`Serves ${dish.servings}`,
		'',
		'Ingredients',
		...dish.ingredients,
		'',
		'Method',
		dish.method || '–'
	];
	if (dish.addOnDay) parts.push('', `On the day: ${dish.addOnDay}`);
	return parts.join('\n') + '\n';
}
