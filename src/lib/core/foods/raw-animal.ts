import { itemByName, type Hygiene } from './item-catalogue.ts';

export { isRawAnimalClass, isRawMeatClass } from './raw-class.ts';

/** Class of a line's item; null when the line was not read. */
export const hygieneOf = (itemName: string | null): Hygiene | null =>
	(itemName && itemByName(itemName)?.hygiene) || null;

/** Whether something comes uncooked: neither cooked nor from a can. */
export const comesRaw = (form: string | null | undefined): boolean =>
	form !== 'cooked' && form !== 'canned';
