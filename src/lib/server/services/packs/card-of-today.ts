import { logFailure } from '../../log.ts';
import { type CookCard, type CookCardInput, thawedOf } from '../../../core/serving/index.ts';
import type { ConvertInput } from '../../../core/cooking/index.ts';
import type { ThisPack } from '../../../core/packing/index.ts';
import type { PackWithCard } from '../../queries/packs.ts';
import type { Compute } from '../../core-worker.ts';

/** Cards computed anew since the server started, newest last; a household looks at a handful an evening. */
const kept = new Map<string, { coming: Promise<CookCard>; card: CookCard | null }>();
const mostKept = 60;

/** A pack this much heavier or lighter than its packing still goes by the packing's card (within what the ranges say). */
const sameCard01 = 0.05;

/** Whether the card kept with its packing is this pack's own, too. */
export const isOwnCard = ({ own, packing }: Pick<PackWithCard, 'own' | 'packing'>): boolean =>
	Math.abs(own.massKg / packing.massKg - 1) <= sameCard01;

/** What was asked for a packing, asked for one pack of it by its own weight and block. */
export function ofThisPack(convert: ConvertInput, { massKg, block }: ThisPack): ConvertInput {
	const { lengthM, widthM, thicknessM: heightM } = block;
	const shape = { kind: 'brick', lengthM, widthM, heightM } as const;
	return {
		...convert,
		massKg,
		block: shape,
		pan: convert.pan && { ...convert.pan, shape },
		thawed: thawedOf(convert, massKg / convert.massKg)
	};
}

/** The question a pack's own card answers; null where the one kept with its packing does, or where nothing is known. One that is still to come is asked for here. */
export function ownCardInput(pack: PackWithCard): CookCardInput | null {
	const { cardInput } = pack.packing;
	if (!cardInput || (isOwnCard(pack) && pack.packing.card)) return null;
	return { ...cardInput, convert: ofThisPack(cardInput.convert, pack.own) };
}

/** The card of a pack as the household is today; the same question is computed once. */
export function cardOfToday(compute: Compute, input: CookCardInput): Promise<CookCard> {
	const key = JSON.stringify(input);
	const known = kept.get(key);
	if (known) return known.coming;
	const entry = { coming: compute('card', input), card: null as CookCard | null };
	kept.set(key, entry);
	entry.coming.then(
		(made) => (entry.card = made),
		() => kept.delete(key)
	);
	const oldest = kept.keys().next();
	if (kept.size > mostKept && !oldest.done) kept.delete(oldest.value);
	return entry.coming;
}

/** The same, without waiting for it: null where it is still to come, and then it is on its way. */
export function cardSoon(compute: Compute, input: CookCardInput): CookCard | null {
	void cardOfToday(compute, input).catch(logFailure('a cook card failed'));
	return kept.get(JSON.stringify(input))?.card ?? null;
}
