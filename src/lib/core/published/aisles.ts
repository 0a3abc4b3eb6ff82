/** Parts of a shop, in the order most are walked through. Common practice, no source. */
export const aisleNames = [
	'greens',
	'bread',
	'meat',
	'fish',
	'dairy',
	'dry',
	'tins',
	'spices',
	'drinks',
	'other'
] as const;
export type Aisle = (typeof aisleNames)[number];

/** What a kitchen has as a rule, by the plain items of the catalogue: asked once whether it is there, not put on the list. Common practice, no source. */
export const staples: ReadonlySet<string> = new Set(
	'salt,black pepper,spice,oil,vinegar,soy sauce,mustard,honey,sugar,flour,starch,baking powder,vanilla,water,stock,lard,ghee'.split(
		','
	)
);
