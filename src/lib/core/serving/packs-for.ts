import { choosePacks } from '../shopping/choose-packs.ts';

/** A pack that could be eaten: what it serves. */
export interface Servable {
	servings: number;
}

/** Servings closer than this are the same size. */
const step = 0.25;

/**
 * Which packs of a dish feed so many: the least left over, then the fewest packs, of equal ones those that come first (use-first). Null
 * when all of them together do not.
 */
export function packsFor<Pack extends Servable>(
	eaters: number,
	packs: readonly Pack[]
): { packs: Pack[]; servings: number; left: number } | null {
	const bySize = new Map<number, Pack[]>();
	for (const pack of packs) {
		const size = Math.round(pack.servings / step) * step;
		if (size > 0) bySize.set(size, [...(bySize.get(size) ?? []), pack]);
	}
	const sizes = [...bySize.keys()];
	const choice = choosePacks({
		need: eaters,
		packs: sizes.map((size) => ({ size, priceCents: 0, max: bySize.get(size)?.length ?? 0 })),
		prefer: 'least-left'
	});
	if (choice.outcome === 'cannot-cover') return null;
	const chosen = sizes.flatMap((size, i) => (bySize.get(size) ?? []).slice(0, choice.counts[i]));
	const servings = chosen.reduce((sum, pack) => sum + pack.servings, 0);
	return {
		packs: packs.filter((pack) => chosen.includes(pack)),
		servings,
		left: Math.max(0, servings - eaters)
	};
}
