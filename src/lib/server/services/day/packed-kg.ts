import type { Dish } from '../../queries/dishes.ts';

/** A serving when the lines do not say what it weighs, kg (judgement). */
const usualServingKg = 0.35;

/** What one batch of a dish weighs in its packs, kg. */
export const packedKgOf = (dish: Dish) => dish.facts.packedKg || usualServingKg * dish.servings;
