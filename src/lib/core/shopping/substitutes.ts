import { itemByName } from '../foods/item-catalogue.ts';
import type { ShopLine } from './shopping-list.ts';

/** Something to buy instead, with how much of it. */
export interface Substitute {
	itemName: string;
	massKg: number;
	/** the line names it itself, or it only belongs to the same group */
	from: 'line' | 'group';
}

/** Items that do the same work in most dishes. Common practice, no source. */
const groups: readonly (readonly string[])[] = [
	['onion', 'leek'],
	['chard', 'spinach', 'kale'],
	['white beans', 'kidney beans', 'chickpeas'],
	['cream', 'sour cream', 'coconut milk'],
	['carrot', 'parsnip', 'turnip', 'squash'],
	['potato', 'sweet potato'],
	['beef shin', 'lamb shoulder', 'pork shoulder'],
	['minced beef', 'minced lamb', 'minced pork', 'minced chicken'],
	['chicken thigh', 'chicken breast', 'turkey'],
	['canned tomatoes', 'passata', 'tomato'],
	['pearl barley', 'spelt flour', 'rice', 'quinoa'],
	['courgette', 'aubergine', 'sweet pepper'],
	['apricot', 'prunes', 'dates', 'raisins'],
	['almonds', 'hazelnuts', 'walnuts', 'cashews']
];

/**
 * What could be bought instead of a line: first what its dishes name as doing as well, then its group. Weight for weight, except
 * that what comes in pieces is kept to the same volume.
 */
export function substitutesFor(
	line: Pick<ShopLine, 'item' | 'toBuyKg'>,
	alternatives: readonly string[]
): Substitute[] {
	const { item } = line;
	if (!item || line.toBuyKg === null) return [];
	const group = groups.find((names) => names.includes(item.like)) ?? [];
	const named = [...new Set(alternatives)].filter((name) => name !== item.name);
	const grouped = group.filter((name) => name !== item.like && !named.includes(name));
	return [
		...named.map((name) => ({ name, from: 'line' as const })),
		...grouped.map((name) => ({ name, from: 'group' as const }))
	].flatMap(({ name, from }) => {
		const other = itemByName(name);
		if (!other) return [];
		const share = item.pieceKg && other.pieceKg ? other.densityKgPerL / item.densityKgPerL : 1;
		return [{ itemName: name, massKg: (line.toBuyKg ?? 0) * share, from }];
	});
}
