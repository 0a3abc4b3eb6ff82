/** The public face of the formats: text and files to plain objects, bounded in size and time. */
export { guessInstruction, guessKind } from './guess-dish.ts';
export { guessState } from './guess-state.ts';
export {
	parseIngredientLine,
	parseIngredientLines,
	parsedLineKg,
	type ParsedLine
} from './ingredient-line.ts';
export type { ReadProblem, RecipeDraft, RecipesRead } from './recipe-draft.ts';
export { readRecipes } from './recipe-file.ts';
