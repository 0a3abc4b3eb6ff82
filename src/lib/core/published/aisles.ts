import type { Item } from '../foods/item-catalogue.ts';
import type { StorageGroup } from './storage-life.ts';

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

const ofGroup: Partial<Record<StorageGroup, Aisle>> = {
	vegetables: 'greens',
	fruit: 'greens',
	'bread-bakes': 'bread',
	'grains-pulses': 'dry',
	'soft-dairy': 'dairy',
	'egg-raw': 'dairy',
	'fish-lean': 'fish',
	'fish-oily': 'fish',
	shellfish: 'fish'
};
const ofName: Readonly<Record<string, Aisle>> = Object.fromEntries(
	Object.entries({
		tins: 'canned tomatoes,passata,tomato paste,olives,capers,salsa,coconut milk,chickpeas,white beans,kidney beans,anchovy',
		dry: 'raisins,dates,prunes,apricot,dried mushrooms,sugar,starch,baking powder,almonds,walnuts,cashews,hazelnuts,pine nuts,sesame,chocolate,breadcrumbs',
		spices:
			'salt,black pepper,spice,vanilla,olive oil,vinegar,soy sauce,mustard,honey,stock,ketchup,brown table sauce,curry paste,peanut butter,lard,ghee',
		drinks: 'white wine,spirits'
	} satisfies Partial<Record<Aisle, string>>).flatMap(([aisle, names]) =>
		names.split(',').map((name) => [name, aisle as Aisle])
	)
);

/** Where in a shop an item stands. */
export function aisleOf(item: Item | null): Aisle {
	if (!item) return 'other';
	if (item.name in ofName) return ofName[item.name];
	return (item.storage && ofGroup[item.storage]) ?? (item.storage ? 'meat' : 'other');
}

/** What a kitchen has as a rule: asked once whether it is there, not put on the list. Common practice, no source. */
export const staples: ReadonlySet<string> = new Set(
	'salt,black pepper,spice,olive oil,vinegar,soy sauce,mustard,honey,sugar,flour,starch,baking powder,vanilla,water,stock,lard,ghee'.split(
		','
	)
);
