import { hygieneOf, isRawMeatClass } from './raw-animal.ts';

/** The heaviest raw meat of a dish, kg: what there is least of in the shop; null where it has none of known weight. */
export function heaviestMeat(
	lines: readonly { itemName: string | null; massKg: number | null }[]
): { name: string; kg: number } | null {
	let best: { name: string; kg: number } | null = null;
	for (const { itemName, massKg } of lines)
		if (itemName && massKg && isRawMeatClass(hygieneOf(itemName)) && massKg > (best?.kg ?? 0))
			best = { name: itemName, kg: massKg };
	return best;
}
