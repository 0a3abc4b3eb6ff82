import { findItem } from './find-item.ts';
import type { Item } from './item-catalogue.ts';
import { isRawAnimalClass } from './raw-class.ts';

/** Ices are no milk and no fruit: they go once they were soft. */
const ices =
	/\b(?:ice[- ]?cream|gelato|sorbets?|sherbet|(?:ice|fruit) loll(?:y|ies)|ice pops?|granita|semifreddo|frozen yogh?urt|kulfi)\b/i;
/** Dishes named by what is in them. */
const dish =
	/\b(?:pies?|pastr(?:y|ies)|past(?:y|ies)|tarts?|crumbles?|cobblers?|strudels?|puddings?|turnovers?|cheesecakes?|quiches?|bakes?|gratins?|lasagn[ae]s?|casseroles?|stews?|soups?|curr(?:y|ies)|dals?|chill?is?|rag[uù]s?|sauces?|tagines?|goulash|pilafs?|biryanis?|risottos?|burgers? cooked|leftovers?|meals?|dinners?)\b/i;
/** Words that say it met heat. */
const cooked =
	/\b(?:cooked|boiled|braised|fried|grilled|leftover|poached|pulled|roast(?:ed)?|shredded|smoked|steamed|stewed)\b/i;

/** What a thing in the freezer is, as far as its name says. */
export interface NamedStock {
	item: Item | null;
	/** it is a dish that is called by what is in it: a plum pie is no plum */
	isDish: boolean;
	/** raw until said otherwise when it bears a raw meat's name; a default never makes food safer than it may be */
	state: 'raw' | 'cooked';
}

export const isIce = (name: string): boolean => ices.test(name);

/** Whether a name is a dish's, whatever is in it. */
export const isDishName = (name: string): boolean => dish.test(name);

/** Reads the name of something that lies in the freezer already. */
export function namedStock(name: string): NamedStock {
	const item = findItem(name);
	const isDish = dish.test(name) && !item?.name.match(dish);
	const isRaw = item !== null && isRawAnimalClass(item.hygiene) && !isDish && !cooked.test(name);
	return { item, isDish, state: isRaw ? 'raw' : 'cooked' };
}
