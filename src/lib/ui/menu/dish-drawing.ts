import type { DishKind } from '../../core/index.ts';

/** What a dish without a photo is drawn as. */
export type Drawing = 'pot' | 'bake' | 'bowl' | 'parcel' | 'cups';

const drawings: Readonly<Record<DishKind, Drawing>> = {
	'tough-cut': 'pot',
	'braised-pieces': 'pot',
	'meat-in-sauce': 'pot',
	'pulse-soup': 'bowl',
	'soft-vegetables': 'bowl',
	'hard-vegetables': 'bowl',
	'lean-pieces': 'parcel',
	fish: 'bake',
	'assembled-bake': 'bake',
	'assembled-cooked': 'bake',
	'wrapped-single': 'parcel',
	dough: 'bake',
	'baked-goods': 'bake'
};

/** Words in a dish's name and the colour of what it looks like, the first that is found. */
const hues: readonly (readonly [RegExp, string])[] = [
	[/lentil|dal|squash|pumpkin|carrot|curry|apricot/i, '#d9983a'],
	[/tomato|ratatouille|goulash|paprika|chil|rag/i, '#b9472e'],
	[/chard|spinach|pea|green|leek|tarragon|herb/i, '#5d8a52'],
	[/plum|beet|berr|aubergine|cabbage/i, '#7b4668'],
	[/fish|cream|potato|white|chicken|fennel/i, '#d8c08a'],
	[/mushroom|spelt|barley|bean|beef|lamb|oat/i, '#8a6244']
];
const others = ['#b9472e', '#5d8a52', '#d9983a', '#8a6244', '#7b4668'] as const;

/** How a dish is drawn: its vessel by its kind, its colour by its name. */
export function drawingOf(dish: { name: string; kind: DishKind }): { as: Drawing; food: string } {
	const named = hues.find(([word]) => word.test(dish.name))?.[1];
	const letters = [...dish.name].reduce((sum, letter) => sum + (letter.codePointAt(0) ?? 0), 0);
	const as: Drawing = /cups?\b|muffin|patt|ball/i.test(dish.name) ? 'cups' : drawings[dish.kind];
	return { as, food: named ?? others[letters % others.length] };
}
