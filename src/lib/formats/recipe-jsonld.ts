import { load } from 'cheerio/slim';
import { parse as parseDuration } from 'tinyduration';
import * as w from '../present/wording/index.ts';
import type { OwnFacts, RecipeDraft, RecipesRead } from './recipe-draft.ts';
import { servingsOf } from './recipe-yield.ts';

/** Where the application keeps what schema.org has no words for. */
export const ownKey = 'almacen:dish';

/** Text as a reader sees it: entities and tags of HTML gone, white space evened, breaks kept as lines. */
export function plainText(raw: unknown): string {
	if (typeof raw === 'number') return String(raw);
	if (typeof raw !== 'string') return '';
	const broken = raw.replace(/<(br|\/p|\/li|\/div)\s*\/?>/gi, '\n');
	// twice: pages often hold entities that were escaped once more
	const once = load(broken, null, false).text();
	const text = /&[a-z#0-9]+;/i.test(once) ? load(once, null, false).text() : once;
	return text
		.split('\n')
		.map((line) => line.replace(/\s+/g, ' ').trim())
		.filter((line) => line !== '')
		.join('\n');
}

type Node = Record<string, unknown>;
const isNode = (value: unknown): value is Node =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): unknown[] =>
	Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];
const typesOf = (node: Node) => listOf(node['@type'] ?? node.type).map(String);
const isRecipe = (node: Node) =>
	typesOf(node).some((type) => /(^|[/:#])Recipe$/.test(type)) ||
	(node['@type'] === undefined && node.name !== undefined && node.recipeIngredient !== undefined);

/** Every Recipe in a tree of JSON-LD, wherever it hangs. */
function recipesIn(value: unknown, depth = 0): Node[] {
	if (depth > 12) return [];
	if (Array.isArray(value)) return value.flatMap((one) => recipesIn(one, depth + 1));
	if (!isNode(value)) return [];
	if (isRecipe(value)) return [value];
	return Object.values(value).flatMap((one) => recipesIn(one, depth + 1));
}

/** Steps as lines: strings, HowToStep, HowToSection (its name leads), lists of any of them. */
function stepsOf(value: unknown): string[] {
	return listOf(value).flatMap((step) => {
		if (!isNode(step)) return plainText(step).split('\n').filter(Boolean);
		const inner = step.itemListElement ?? step.steps;
		const heading = plainText(step.name);
		if (inner !== undefined) return [...(heading ? [`${heading}:`] : []), ...stepsOf(inner)];
		const said = plainText(step.text ?? step.description);
		return (said || heading).split('\n').filter(Boolean);
	});
}

function ingredientsOf(node: Node): string[] {
	const raw = node.recipeIngredient ?? node.ingredients ?? node.ingredient;
	return listOf(raw)
		.flatMap((one) =>
			isNode(one) ? [plainText(one.name ?? one.text)] : plainText(one).split('\n')
		)
		.map((line) => line.trim())
		.filter((line) => line !== '');
}

/** Minutes of an ISO 8601 duration; null when it is none. */
export function durationMin(raw: unknown): number | null {
	if (typeof raw !== 'string') return null;
	try {
		const { days = 0, hours = 0, minutes = 0, seconds = 0, weeks = 0 } = parseDuration(raw.trim());
		return (weeks * 7 + days) * 1440 + hours * 60 + minutes + seconds / 60;
	} catch {
		// not a duration: the recipe is read without it
		return null;
	}
}

function draftOf(node: Node): RecipeDraft {
	const steps = stepsOf(node.recipeInstructions);
	const cook = durationMin(node.cookTime) ?? durationMin(node.totalTime);
	const method = steps.join('\n');
	const said =
		cook && !/\d/.test(method) ? `${method}\nCook for ${Math.round(cook)} minutes.` : method;
	const own = node[ownKey];
	return {
		name: plainText(node.name ?? node.headline).replace(/\n/g, ' ') || w.recipeImport.nameless,
		servings: servingsOf(node.recipeYield ?? node.yield),
		ingredients: ingredientsOf(node),
		method: said.trim(),
		own: isNode(own) ? (own as unknown as OwnFacts) : null
	};
}

/** Recipes of a JSON text: one, a list, or a graph. Problems say what could not be read. */
export function recipesOfJson(text: string, where: string): RecipesRead {
	let tree: unknown;
	try {
		tree = JSON.parse(text);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		return {
			recipes: [],
			problems: [{ where, message: w.recipeImport.badJson({ why: error.message }) }]
		};
	}
	const found = recipesIn(tree);
	return {
		recipes: found.map(draftOf),
		problems: found.length ? [] : [{ where, message: w.recipeImport.noRecipe }]
	};
}

/** Recipes of a page's HTML: its JSON-LD scripts. */
export function recipesOfHtml(html: string, where: string): RecipesRead {
	const page = load(html);
	const scripts = page('script[type="application/ld+json"]')
		.map((_, script) => page(script).text())
		.get();
	const read = scripts.map((script) => recipesOfJson(script.trim(), where));
	const recipes = read.flatMap((one) => one.recipes);
	if (recipes.length) return { recipes, problems: [] };
	const problems = read.flatMap((one) => one.problems);
	return {
		recipes,
		problems: problems.length
			? problems
			: [
					{
						where,
						message: w.recipeImport.noRecipeInPage
					}
				]
	};
}
