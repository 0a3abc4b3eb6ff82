import { recipesOfHtml, recipesOfJson } from './recipe-jsonld.ts';
import { recipeOfText } from './recipe-text.ts';
import * as w from '../present/wording/index.ts';
import type { ReadProblem, RecipesRead } from './recipe-draft.ts';

/** Reads whatever was pasted or chosen: JSON, a page's HTML, or text. Never throws for what people paste. */
export function readRecipes(text: string, where: string): RecipesRead {
	const trimmed = text.replace(/^\uFEFF/, '').trim();
	if (trimmed === '')
		return { recipes: [], problems: [{ where, message: w.recipeImport.emptyFile }] };
	if (/^[[{]/.test(trimmed)) return recipesOfJson(trimmed, where);
	if (/^<(!doctype|html|head|body|script)|<script[^>]+ld\+json/i.test(trimmed))
		return recipesOfHtml(trimmed, where);
	const recipe = recipeOfText(trimmed);
	const problems: ReadProblem[] = [];
	if (recipe.ingredients.length === 0)
		problems.push({ where: recipe.name || where, message: w.recipeImport.noLines });
	return { recipes: recipe.ingredients.length ? [recipe] : [], problems };
}
