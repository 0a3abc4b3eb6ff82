import type { DishKind } from '../published/dish-kinds.ts';
import { itemByName } from './item-catalogue.ts';
import { isRawMeatClass } from './raw-class.ts';

/** Cuts with much collagen, by the plain item they are like: they want hours, or a pressure cooker. */
export const toughCuts: ReadonlySet<string> = new Set([
	'beef shin',
	'lamb shoulder',
	'pork shoulder'
]);

const inPieces =
	/\b(diced?|cub(?:e|ed|es)|chunks?|pieces|strips|chopped|sliced?|slices|cut|jointed)\b/i;
const cutByName =
	/\b(diced|stew(?:ing)?|cubed?|goulash|casserole|braising steak|curry (?:cut|piece)|pieces?|cubes?)\b/i;
const fishGroups: ReadonlySet<string> = new Set(['fish-lean', 'fish-oily', 'shellfish']);

/**
 * A dish's kind, made finer by what its meat is and how it is cut: pieces of a braising cut want its hours, fish wants minutes.
 * A roast, a bake and a soup stay what they are.
 */
export function kindByCut(
	kind: DishKind,
	lines: readonly { text: string; itemName: string | null; cut: string; massKg?: number | null }[]
): DishKind {
	if (kind !== 'meat-in-sauce' && kind !== 'lean-pieces' && kind !== 'tough-cut') return kind;
	const animal = lines.flatMap((line) => {
		const item = line.itemName ? itemByName(line.itemName) : null;
		return item &&
			item.storage !== 'bacon' &&
			(isRawMeatClass(item.hygiene) || fishGroups.has(item.storage ?? ''))
			? [{ line, item, massKg: line.massKg ?? 0 }]
			: [];
	});
	const most = animal.reduce<(typeof animal)[number] | null>(
		(a, b) => (a && a.massKg >= b.massKg ? a : b),
		null
	);
	if (!most) return kind;
	if (animal.every(({ item }) => fishGroups.has(item.storage ?? ''))) return 'fish';
	const minced = most.item.core === 'ground-meat';
	if (!toughCuts.has(most.item.like) || minced) return kind;
	return inPieces.test(most.line.cut) || cutByName.test(most.line.text) ? 'braised-pieces' : kind;
}
