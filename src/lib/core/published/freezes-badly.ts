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
	/** plain items it is written for; what behaves like one of them counts with it */
	readonly items: readonly string[];
	/** also, or only, by words of the line */
	readonly words?: RegExp;
	/** not when the line says this */
	readonly unless?: RegExp;
	/** a bake that is frozen in its pan keeps it well: it lies in sauce or batter */
	readonly bakesHold?: true;
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
		items: ['mayonnaise'],
		proposals: ['serve', 'cook-day', 'freeze-anyway']
	},
	{
		code: 'fried-soggy',
		items: ['crispy onions', 'crisps', 'tortilla chips'],
		words: /\b(deep-?fried|crisp-?fried|crispy|battered|tempura|french fries)\b/i,
		proposals: ['serve', 'freeze-anyway']
	},
	{
		code: 'dairy-separates',
		items: ['cream', 'sour cream', 'yogurt', 'soft cheese', 'milk', 'buttermilk', 'custard'],
		words: /\bcustard\b/i,
		proposals: ['cook-day', 'freeze-anyway']
	},
	{
		code: 'egg-white-rubbery',
		items: ['hard-boiled egg'],
		words: /\b(hard[- ]?(boiled|cooked)|boiled) eggs?\b|\beggs?,? (hard[- ]?)?boiled\b/i,
		proposals: ['serve', 'freeze-anyway']
	},
	{
		code: 'potato-mealy',
		items: ['potato'],
		unless: /\b(mash(ed)?|pur[ée]ed?|roast(ed)?|grated|riced|rösti|rosti)\b/i,
		bakesHold: true,
		proposals: ['cook-day', 'other-form', 'freeze-anyway']
	},
	{
		code: 'pasta-mushy',
		items: ['pasta', 'rice', 'couscous'],
		unless: /\b(cooked short|short of done|al dente)\b/i,
		bakesHold: true,
		proposals: ['cook-day', 'cook-short', 'freeze-anyway']
	},
	{
		code: 'limp',
		items: ['cucumber', 'lettuce', 'radish'],
		words: /\b(coleslaw|(green|mixed|side|potato) salad)\b/i,
		proposals: ['cook-day', 'freeze-anyway']
	},
	{
		code: 'thickener-weeps',
		items: ['flour', 'starch', 'gelatine', 'meringue'],
		onlyState: 'cooked',
		bakesHold: true,
		proposals: ['cook-day', 'other-form', 'freeze-anyway']
	}
];
