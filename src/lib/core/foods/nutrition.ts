import type { Composition } from './composition.ts';

/** Energy and the nutrients people ask for. Grams, kilojoules, kilocalories. */
export interface Nutrition {
	energyKj: number;
	energyKcal: number;
	proteinG: number;
	fatG: number;
	carbohydrateG: number;
	fibreG: number;
}

/** Per gram: Regulation (EU) 1169/2011, Annex XIV (the general Atwater factors; fibre 8 kJ or 2 kcal), from memory. */
const kjPerG = { protein: 17, fat: 37, carbohydrate: 17, fibre: 8 };
const kcalPerG = { protein: 4, fat: 9, carbohydrate: 4, fibre: 2 };

/** As it is said: to 10 kJ, 5 kcal and whole grams; more would be false precision. */
export const roundedNutrition = (exact: Nutrition): Nutrition => ({
	energyKj: Math.round(exact.energyKj / 10) * 10,
	energyKcal: Math.round(exact.energyKcal / 5) * 5,
	proteinG: Math.round(exact.proteinG),
	fatG: Math.round(exact.fatG),
	carbohydrateG: Math.round(exact.carbohydrateG),
	fibreG: Math.round(exact.fibreG)
});

/** Sum over what is known of a dish, divided by servings; approximate: raw compositions, nothing lost or gained in cooking. */
export function nutritionPerServing(input: {
	parts: readonly { composition: Composition; massKg: number }[];
	servings: number;
}): Nutrition {
	const grams = { protein: 0, fat: 0, carbohydrate: 0, fibre: 0 };
	const keys = Object.keys(grams) as (keyof typeof grams)[];
	for (const { composition, massKg } of input.parts)
		for (const key of keys) grams[key] += (composition[key] * massKg * 1000) / input.servings;
	const energy = (per: typeof grams) => keys.reduce((sum, key) => sum + grams[key] * per[key], 0);
	return {
		energyKj: energy(kjPerG),
		energyKcal: energy(kcalPerG),
		proteinG: grams.protein,
		fatG: grams.fat,
		carbohydrateG: grams.carbohydrate,
		fibreG: grams.fibre
	};
}
