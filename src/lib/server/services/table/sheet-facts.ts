import { containers, lateKinds, refrigeratorDays, tenderC } from '../../../core/published/index.ts';
import { likeOf } from '../../../core/foods/index.ts';
import { keepsDays } from '../../../core/rules/index.ts';
import { parseIngredientLines } from '../../../formats/ingredient-line.ts';
import type { KeptBack } from '../../../core/serving/index.ts';
import type { SheetFacts } from '../../db/schema/index.ts';
import type { CookablePack } from '../../queries/packs.ts';

const lateNames = new Set(Object.values(lateKinds).flatMap(({ items }) => items));

/** What packs want on the day that goes in late: their dish's lines, and what its note names that no line does. */
export function keptBackOf(packs: readonly CookablePack[]): KeptBack[] {
	return packs.flatMap((pack) => {
		const noted = parseIngredientLines(pack.addOnDay.replace(/;/g, '\n')).flatMap(
			({ itemName, text }) => {
				const like = itemName && (likeOf(itemName) ?? itemName);
				return itemName && like && lateNames.has(like) ? [{ name: itemName, like, text }] : [];
			}
		);
		const fromLines = pack.lateItems;
		return [
			...fromLines,
			...noted.filter(({ name }) => fromLines.every((line) => line.name !== name))
		];
	});
}

/** What a sheet shows besides its steps. Of several packs of a dish together. */
export function factsOf(
	packs: readonly CookablePack[],
	{ lateTexts, hotMin }: Pick<SheetFacts, 'lateTexts' | 'hotMin'>
): SheetFacts {
	const [first] = packs;
	const { packing, own } = first;
	const servings = packs.reduce((sum, pack) => sum + pack.own.servings, 0);
	const texts = (of: (pack: CookablePack) => string) =>
		[...new Set(packs.map(of).filter(Boolean))].join('; ');
	return {
		name: first.name,
		servings,
		state: packing.state,
		content: packing.content,
		core: packing.core,
		coreC: Math.max(...packs.map((pack) => pack.packing.coreC)),
		tenderC: packing.state === 'raw' ? tenderC(packing.cardInput.convert.kind) : null,
		inPan: containers[packing.container].pan,
		block: own.block,
		lateTexts,
		hotMin,
		addOnDay: texts((pack) => pack.addOnDay),
		serveWith: first.serveWith,
		allergens: [...new Set(packs.flatMap((pack) => pack.packing.allergens))],
		allergensKnown: packs.every((pack) => pack.packing.allergensKnown),
		// cooked now: it keeps as a cooked dish does
		leftoverDays: Math.min(
			refrigeratorDays['soup-stew'],
			keepsDays(packing.storage.parts.map(({ group }) => ({ group, state: 'cooked' as const })))
		)
	};
}
