import { recipesOfHtml, recipesOfJson } from './recipe-jsonld.ts';
import { recipesOfText } from './recipe-text.ts';
import * as w from '../present/wording/index.ts';
import type { RecipesRead } from './recipe-draft.ts';

/** Reads whatever was pasted or chosen: JSON, a page's HTML, or text. Never throws for what people paste. */
export function readRecipes(text: string, where: string): RecipesRead {
	const trimmed = text.replace(/^\uFEFF/, '').trim();
	if (trimmed === '')
		return { recipes: [], problems: [{ where, message: w.recipeImport.emptyFile }] };
	if (/^[[{]/.test(trimmed) && !/^\[[ xX]?\]\s/.test(trimmed)) return recipesOfJson(trimmed, where);
	if (
		/^<(!doctype|html|head|body|script|!--)|<script[^>]+ld\+json|itemtype\s*=\s*["']?https?:\/\/schema\.org\/Recipe/i.test(
			trimmed
		)
	)
		return recipesOfHtml(trimmed, where);
	const found = recipesOfText(trimmed).map((one) => ({
		...one,
		name: one.name || w.recipeImport.nameless
	}));
	const recipes = found.filter((one) => one.ingredients.length > 0);
	const empty = found.filter((one) => one.ingredients.length === 0);
	return {
		recipes,
		problems: [
			...empty.map((one) => ({ where: one.name || where, message: w.recipeImport.noLines })),
			...(recipes.length > 1
				? [{ where, message: w.recipeImport.several({ n: recipes.length }) }]
				: [])
		]
	};
}
