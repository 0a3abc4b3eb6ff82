import { load } from 'cheerio/slim';
import { jsonrepair } from 'jsonrepair';
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
function stepsOf(value: unknown, depth = 0): string[] {
	if (depth > 12) return [];
	return listOf(value).flatMap((step) => {
		if (Array.isArray(step)) return stepsOf(step, depth + 1);
		if (!isNode(step)) return plainText(step).split('\n').filter(Boolean);
		const inner = step.itemListElement ?? step.steps;
		const heading = plainText(step.name);
		if (inner !== undefined)
			return [...(heading ? [`${heading}:`] : []), ...stepsOf(inner, depth + 1)];
		const said = plainText(step.text ?? step.description ?? step.item);
		return (said || heading).split('\n').filter(Boolean);
	});
}

/** An ingredient of a file as one line: a text, or an object with its amount, unit, name and note apart. */
function ingredientLines(one: unknown, depth = 0): string[] {
	if (depth > 6) return [];
	if (Array.isArray(one)) return one.flatMap((each) => ingredientLines(each, depth + 1));
	if (!isNode(one)) return plainText(one).split('\n');
	const group = one.itemListElement ?? one.items ?? one.ingredients;
	const heading = plainText(one.name ?? one.title ?? one.group);
	if (group !== undefined)
		return [...(heading ? [`${heading}:`] : []), ...ingredientLines(group, depth + 1)];
	const size = isNode(one.requiredQuantity)
		? one.requiredQuantity
		: isNode(one.amount)
			? one.amount
			: one;
	const amount = plainText(size.value ?? size.quantity ?? size.amount ?? one.qty);
	const unit = plainText(size.unitText ?? size.unit ?? size.unitCode ?? one.unit);
	const item = one.item ?? one.food ?? one.ingredient;
	const name = heading || plainText(isNode(item) ? item.name : item) || plainText(one.text);
	const note = plainText(one.notes ?? one.note ?? one.comment ?? one.preparation);
	const line = [amount, unit, name].filter(Boolean).join(' ');
	return [note && line ? `${line}, ${note}` : line];
}

function ingredientsOf(node: Node): string[] {
	const raw = node.recipeIngredient ?? node.ingredients ?? node.ingredient ?? node.supply;
	return listOf(raw)
		.flatMap((one) => ingredientLines(one))
		.map((line) => line.replace(/\s+/g, ' ').trim())
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

/** A JSON text as programs write it: what is broken in a known way (raw line breaks, trailing commas, comments) is mended. */
function lenientJson(text: string): unknown {
	try {
		return JSON.parse(text);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		return JSON.parse(jsonrepair(text));
	}
}

/** Of recipes that stand twice, a stub and the whole, the whole; a stub alone is no recipe. */
function withoutStubs(nodes: readonly Node[]): Node[] {
	const whole = nodes.filter((node) => ingredientsOf(node).length > 0);
	const kept = whole.length ? whole : nodes.filter((node) => plainText(node.name) !== '');
	const seen = new Set<string>();
	return kept.filter((node) => {
		const key = JSON.stringify([plainText(node.name), ingredientsOf(node)]);
		return !seen.has(key) && seen.add(key);
	});
}

/** Recipes of a JSON text: one, a list, or a graph. Problems say what could not be read. */
export function recipesOfJson(text: string, where: string): RecipesRead {
	let tree: unknown;
	try {
		tree = lenientJson(
			text.replace(
				/^\s*(?:<!--|<!\[CDATA\[|\/\*<!\[CDATA\[\*\/)|(?:-->|\]\]>|\/\*\]\]>\*\/)\s*;?\s*$/g,
				''
			)
		);
	} catch (error) {
		if (!(error instanceof Error)) throw error;
		return {
			recipes: [],
			problems: [{ where, message: w.recipeImport.badJson({ why: error.message }) }]
		};
	}
	const found = withoutStubs(recipesIn(tree));
	return {
		recipes: found.map(draftOf),
		problems: found.length ? [] : [{ where, message: w.recipeImport.noRecipe }]
	};
}

/** Recipes a page marks in its own text (microdata, or the class names of microformats). */
function recipesOfMarkup(page: ReturnType<typeof load>): RecipeDraft[] {
	const scopes = page(
		'[itemtype*="schema.org/Recipe"], [itemtype*="data-vocabulary.org/Recipe"], .h-recipe, .hrecipe'
	).toArray();
	return scopes.flatMap((scope) => {
		const all = (prop: string, classes: string) =>
			page(scope)
				.find(
					`${prop
						.split(' ')
						.map((name) => `[itemprop~="${name}"]`)
						.join(', ')}, ${classes}`
				)
				.toArray()
				// a part inside a part would be said twice
				.filter(
					(part, _, parts) =>
						!parts.some((other) => other !== part && page(other).find(part).length > 0)
				);
		const textOf = (part: (typeof scopes)[number]) => {
			const own = page(part);
			return plainText(own.attr('content') ?? own.html() ?? '');
		};
		const linesOf = (prop: string, classes: string) =>
			all(prop, classes).map((part) => textOf(part).replace(/\n/g, ' '));
		// the word of today leads, as in JSON-LD; what only the old word marks is kept as text
		const today = linesOf('recipeIngredient', '.p-ingredient');
		const old = linesOf('ingredients ingredient', '.ingredient').filter(
			(line) => !today.includes(line)
		);
		const ingredients = today.length ? today : old;
		const beside = today.length ? old : [];
		const steps = all('recipeInstructions instructions', '.e-instructions, .instructions').flatMap(
			(part) => textOf(part).split('\n')
		);
		const [name] = all('name', '.p-name, .fn');
		const [served] = all('recipeYield yield', '.p-yield, .yield');
		const [time] = all('cookTime', '.dt-duration');
		if (!name || ingredients.length === 0) return [];
		const node = {
			name: textOf(name),
			recipeYield: served ? textOf(served) : undefined,
			recipeIngredient: ingredients,
			recipeInstructions: [...steps, ...beside.map((line) => w.recipeImport.besideList({ line }))],
			cookTime: time ? (page(time).attr('datetime') ?? page(time).attr('content')) : undefined
		};
		return [draftOf(node)];
	});
}

/** Recipes of a page's HTML: its JSON-LD scripts, else what its text marks. */
export function recipesOfHtml(html: string, where: string): RecipesRead {
	const page = load(html);
	const scripts = page('script')
		.filter((_, script) => /ld\+json/i.test(page(script).attr('type') ?? ''))
		.map((_, script) => page(script).text())
		.get()
		.filter((text) => text.trim() !== '');
	const read = scripts.map((script) => recipesOfJson(script.trim(), where));
	const all = read.flatMap((one) => one.recipes);
	const whole = all.filter((one) => one.ingredients.length > 0);
	const recipes = whole.length ? whole : all;
	if (recipes.length) return { recipes: distinct(recipes), problems: [] };
	const marked = recipesOfMarkup(page);
	if (marked.length) return { recipes: distinct(marked), problems: [] };
	const problems = read.flatMap((one) => one.problems);
	return {
		recipes: [],
		problems: problems.length ? problems : [{ where, message: w.recipeImport.noRecipeInPage }]
	};
}

const distinct = (recipes: readonly RecipeDraft[]): RecipeDraft[] => [
	...new Map(recipes.map((one) => [JSON.stringify([one.name, one.ingredients]), one])).values()
];
