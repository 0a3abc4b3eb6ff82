/**
 * What freezes badly, and what to do with it: NCHFP (University of Georgia), Freezing, "Foods that do not freeze well", from
 * memory; proposals are common practice. `when` restricts it by what the line says.
 */
export type BadFreezer =
	| 'dairy-separates'
	| 'egg-white-rubbery'
	| 'potato-mealy'
	| 'pasta-mushy'
	| 'limp'
	| 'thickener-weeps'
	| 'mayonnaise-separates'
	| 'fried-soggy';

export interface BadFreezerRule {
	readonly code: BadFreezer;
	readonly items: readonly string[];
	/** also, or only, by words of the line */
	readonly words?: RegExp;
	/** not when the line says this */
	readonly unless?: RegExp;
	/** only in dishes frozen cooked, or only raw ones */
	readonly onlyState?: 'raw' | 'cooked';
	readonly proposals: readonly FreezerProposal[];
}
/** keep it back and add it on the day; boil it short of done; another form; freeze it in all the same, as a house rule */
export type FreezerProposal = 'cook-day' | 'serve' | 'cook-short' | 'other-form' | 'freeze-anyway';

export const freezesBadlySource = 'nchfp-freezing';

export const freezesBadly: readonly BadFreezerRule[] = [
	{
		code: 'mayonnaise-separates',
		items: [],
		words: /\bmayo(nnaise)?\b/i,
		proposals: ['serve', 'cook-day', 'freeze-anyway']
	},
	{
		code: 'fried-soggy',
		items: [],
		words: /\b(deep-?fried|fried|crispy)\b/i,
		proposals: ['serve', 'freeze-anyway']
	},
	{
		code: 'dairy-separates',
		items: ['cream', 'sour cream', 'yogurt', 'soft cheese', 'milk', 'buttermilk'],
		words: /\bcustard\b/i,
		proposals: ['cook-day', 'freeze-anyway']
	},
	{
		code: 'egg-white-rubbery',
		items: [],
		words: /\b(hard[- ]?(boiled|cooked)|boiled) eggs?\b|\beggs?,? (hard[- ]?)?boiled\b/i,
		proposals: ['serve', 'freeze-anyway']
	},
	{
		code: 'potato-mealy',
		items: ['potato'],
		unless: /\b(mashed|purée|puree|cooked|boiled|roast(ed)?)\b/i,
		onlyState: 'raw',
		proposals: ['cook-day', 'other-form', 'freeze-anyway']
	},
	{
		code: 'pasta-mushy',
		items: ['pasta', 'rice', 'couscous'],
		unless: /\b(cooked short|short of done|al dente)\b/i,
		proposals: ['cook-day', 'cook-short', 'freeze-anyway']
	},
	{
		code: 'limp',
		items: ['cabbage', 'celery'],
		words: /\b(cucumber|lettuce|salad|radish(es)?)\b/i,
		onlyState: 'raw',
		proposals: ['cook-day', 'freeze-anyway']
	},
	{
		code: 'thickener-weeps',
		items: ['flour', 'starch'],
		words: /\b(gelatine?|meringue)\b/i,
		onlyState: 'cooked',
		proposals: ['cook-day', 'other-form', 'freeze-anyway']
	}
];
