import { recipesOfHtml, recipesOfJson } from './recipe-jsonld.ts';
import { recipeOfText } from './recipe-text.ts';
import type { ReadProblem, RecipesRead } from './recipe-draft.ts';

/** Reads whatever was pasted or chosen: JSON, a page's HTML, or text. Never throws for what people paste. */
export function readRecipes(text: string, where: string): RecipesRead {
	const trimmed = text.replace(/^\uFEFF/, '').trim();
	if (trimmed === '') return { recipes: [], problems: [{ where, message: 'It is empty.' }] };
	if (/^[[{]/.test(trimmed)) return recipesOfJson(trimmed, where);
	if (/^<(!doctype|html|head|body|script)|<script[^>]+ld\+json/i.test(trimmed))
		return recipesOfHtml(trimmed, where);
	const recipe = recipeOfText(trimmed);
	const problems: ReadProblem[] = [];
	if (recipe.ingredients.length === 0)
		problems.push({ where: recipe.name || where, message: 'No ingredient line was found in it.' });
	return { recipes: recipe.ingredients.length ? [recipe] : [], problems };
}
