import { parseIngredientLine } from './ingredient-line.ts';
import type { RecipeDraft } from './recipe-draft.ts';
import { servingsOf } from './recipe-yield.ts';

const ingredientsHead = /^(ingredients?|what you need|you need|shopping)\s*:?\s*$/i;
const methodHead =
	/^(method|instructions?|directions?|preparation|steps?|how to make it)\s*:?\s*$/i;
const yieldLine =
	/^(serves|servings|makes|yield|feeds|portions)\b.*\d|^\d+\s*(servings|portions|people)\b/i;

/**
 * A recipe pasted as text: its first line is the name; headings part ingredients from method, without headings a line is an
 * ingredient when it begins with an amount or names an item shortly, and the rest is method. Nothing is dropped.
 */
export function recipeOfText(text: string): RecipeDraft {
	const lines = text
		.replace(/\r/g, '')
		.split('\n')
		.map((line) => line.trim())
		.filter((line) => line !== '');
	const [name = '', ...rest] = lines;
	const draft: RecipeDraft = { name, servings: null, ingredients: [], method: '', own: null };
	const steps: string[] = [];
	const headed = rest.some((line) => ingredientsHead.test(line) || methodHead.test(line));
	let part: 'ingredients' | 'method' | null = headed ? null : 'ingredients';
	for (const line of rest) {
		if (ingredientsHead.test(line)) part = 'ingredients';
		else if (methodHead.test(line)) part = 'method';
		else if (draft.servings === null && yieldLine.test(line)) draft.servings = servingsOf(line);
		else if (part === 'method' || (part === null && line.length > 60)) steps.push(line);
		else if (headed || looksLikeIngredient(line) || (steps.length === 0 && isShort(line)))
			draft.ingredients.push(line);
		else {
			steps.push(line);
			part = steps.length > 1 ? 'method' : part;
		}
	}
	draft.method = steps.join('\n');
	return draft;
}

/** A few words without an end: before the first sentence, a thing rather than a step. */
const isShort = (line: string) => line.split(/\s+/).length <= 4 && !/[.!?]$/.test(line);

function looksLikeIngredient(line: string): boolean {
	if (line.length > 90 || /[.!?]$/.test(line)) return false;
	const { quantity, itemName } = parseIngredientLine(line);
	return (
		quantity !== null ||
		(itemName !== null && line.split(/\s+/).length <= 5) ||
		/^(a|an|some)\s/i.test(line)
	);
}
