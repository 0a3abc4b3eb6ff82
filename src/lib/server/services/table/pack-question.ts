import { limitsFrom } from '../../../core/rules/index.ts';
import {
	asIf,
	asOfToday,
	type CookCard,
	type CookCardInput,
	isCurrent
} from '../../../core/serving/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Household } from '../../db/schema/index.ts';
import type { CookablePack } from '../../queries/packs.ts';
import { cardOfToday, isOwnCard, ofThisPack } from '../packs/card-of-today.ts';
import { together } from './packs-together.ts';

/** What is asked of a pack in the household as it is today, and whether its kept card still answers that. */
export function questionOf(pack: CookablePack, house: Household) {
	const { cardInput, core, card } = pack.packing;
	const mine = isOwnCard(pack);
	const packed = mine ? cardInput.convert : ofThisPack(cardInput.convert, pack.own);
	const today = asOfToday({
		packed,
		core,
		house,
		limits: limitsFrom(house.limits),
		learned: pack.dish?.learned ?? []
	});
	const convert = pack.assumed ? asIf(today, pack.assumed) : today;
	const input: CookCardInput = { ...cardInput, convert, refrigeratorC: house.refrigeratorC };
	const current =
		mine &&
		!pack.assumed &&
		cardInput.refrigeratorC === house.refrigeratorC &&
		isCurrent(card, cardInput.convert, today);
	return { packed, today, input, current };
}

/** The question of packs of one dish that cook together, and its card: the kept one where it answers, otherwise computed. */
export async function questionOfPacks(
	packs: readonly CookablePack[],
	house: Household,
	compute: Compute
): Promise<{ input: CookCardInput; card: CookCard }> {
	const [first] = packs;
	const one = questionOf(first, house);
	if (packs.length === 1)
		return {
			input: one.input,
			card: one.current ? first.packing.card : await cardOfToday(compute, one.input)
		};
	const input = together(packs.map((pack) => questionOf(pack, house).input));
	return { input, card: await cardOfToday(compute, input) };
}
