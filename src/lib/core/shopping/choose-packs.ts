import { CoreError } from '../errors.ts';
import { requireRange } from '../require-range.ts';

export interface PackOffer {
	/** in the unit of the need */
	size: number;
	priceCents: number;
	/** how many of it there are; unlimited when left out */
	max?: number;
}
export type PackChoice =
	| { outcome: 'covered'; counts: number[]; priceCents: number; left: number }
	| { outcome: 'cannot-cover'; most: number };

/** A set of packs on the way: how much it holds, what it costs, how many packs, and how it came about. */
interface Label {
	total: number;
	priceCents: number;
	packs: number;
	count: number;
	before: Label | null;
}

/** Totals closer than this share of the need are the same amount: sums of decimal sizes. */
const same01 = 1e-9;
/** More partial sets than this mean a need of thousands of packs: no shopping list. */
const mostLabels = 400_000;

/**
 * Cheapest set of whole packs that covers a need, proven: of equal price the least left over, then the fewest packs. With
 * `least-left` the least left over first, then the price. Kind after kind, all partial sets are kept that another does not make
 * pointless: one that costs less and holds at least as much (for the price), or the same amount for less (for leftovers).
 * Throws coded errors for amounts that are none and for needs beyond thousands of packs.
 */
export function choosePacks(input: {
	need: number;
	packs: readonly PackOffer[];
	prefer?: 'price' | 'least-left';
}): PackChoice {
	const need = requireRange('need', input.need, 0, 1e9);
	const byPrice = input.prefer !== 'least-left';
	const offers = input.packs.map((pack, index) => ({
		index,
		size: requireRange('size', pack.size, 1e-9, 1e9),
		priceCents: requireRange('priceCents', pack.priceCents, 0, 1e9),
		max: requireRange('max', Math.floor(pack.max ?? 1e9), 0, 1e9)
	}));
	const slack = same01 * Math.max(need, 1e-6);
	const most = offers.reduce((sum, offer) => sum + offer.size * offer.max, 0);
	if (need <= 0) return covered(null, input.packs.length, [], 0);
	if (most < need - slack) return { outcome: 'cannot-cover', most };
	// the best value first, so that a good answer is known early
	offers.sort((a, b) => a.priceCents / a.size - b.priceCents / b.size || b.size - a.size);
	const better = (a: Label, b: Label) => {
		const price = a.priceCents - b.priceCents;
		const amount = Math.abs(a.total - b.total) <= slack ? 0 : a.total - b.total;
		return (byPrice ? price || amount : amount || price) || a.packs - b.packs;
	};
	// one kind alone covers it for so much: what costs more need not be looked at
	const bound = Math.min(
		...offers.map(({ size, priceCents, max }) => {
			const count = Math.ceil((need - slack) / size);
			return count <= max ? count * priceCents : Infinity;
		})
	);
	let labels: Label[] = [{ total: 0, priceCents: 0, packs: 0, count: 0, before: null }];
	let best: Label | null = null;
	offers.forEach((offer, kind) => {
		const rest = offers.slice(kind + 1);
		const cheapest = rest.length ? rest[0].priceCents / rest[0].size : Infinity;
		const restMost = rest.reduce((sum, other) => sum + other.size * other.max, 0);
		const grown: Label[] = [];
		for (const label of labels) {
			const enough = Math.ceil((need - slack - label.total) / offer.size);
			for (let count = 0; count <= Math.min(enough, offer.max); count++) {
				const next: Label = {
					total: label.total + count * offer.size,
					priceCents: label.priceCents + count * offer.priceCents,
					packs: label.packs + count,
					count,
					before: label
				};
				if (next.total >= need - slack) {
					const whole = padded(next, rest.length);
					if (!best || better(whole, best) < 0) best = whole;
				} else if (next.total + restMost >= need - slack) {
					const least = next.priceCents + (need - slack - next.total) * cheapest;
					if (!byPrice || least <= Math.min(bound, best?.priceCents ?? Infinity) + 1e-6)
						grown.push(next);
				}
			}
			if (grown.length > mostLabels)
				throw new CoreError('above-range', {
					name: 'packs',
					value: grown.length,
					limit: mostLabels
				});
		}
		labels = byPrice ? withoutDearer(grown, slack) : withoutSameForMore(grown, slack);
	});
	return best
		? covered(
				best,
				input.packs.length,
				offers.map((offer) => offer.index),
				need
			)
		: { outcome: 'cannot-cover', most };
}

/** None of the kinds that follow. */
function padded(label: Label, kinds: number): Label {
	let last = label;
	for (let i = 0; i < kinds; i++) last = { ...last, count: 0, before: last };
	return last;
}

function covered(
	last: Label | null,
	kinds: number,
	indexOf: readonly number[],
	need: number
): PackChoice {
	const counts = Array<number>(kinds).fill(0);
	let at = indexOf.length - 1;
	for (let label = last; label?.before; label = label.before) counts[indexOf[at--]] = label.count;
	const left = last ? Math.max(0, last.total - need) : 0;
	return { outcome: 'covered', counts, priceCents: last?.priceCents ?? 0, left };
}

/** Leaves out what costs strictly more and holds no more than another; of the same amount at the same price the fewest packs. */
function withoutDearer(labels: Label[], slack: number): Label[] {
	labels.sort((a, b) => a.priceCents - b.priceCents || b.total - a.total || a.packs - b.packs);
	const kept: Label[] = [];
	let cheaperTotal = -Infinity;
	for (let i = 0; i < labels.length;) {
		const { priceCents } = labels[i];
		let previous: Label | null = null;
		const from = i;
		for (; i < labels.length && labels[i].priceCents === priceCents; i++) {
			const label = labels[i];
			if (label.total <= cheaperTotal) continue;
			if (previous && previous.total - label.total <= slack) {
				if (label.packs < previous.packs) kept[kept.length - 1] = previous = label;
				continue;
			}
			kept.push(label);
			previous = label;
		}
		cheaperTotal = Math.max(cheaperTotal, labels[from].total);
	}
	return kept;
}

/** Of sets that hold the same amount, the cheapest, then the fewest packs. */
function withoutSameForMore(labels: Label[], slack: number): Label[] {
	labels.sort((a, b) => a.total - b.total || a.priceCents - b.priceCents || a.packs - b.packs);
	const kept: Label[] = [];
	for (const label of labels) {
		const last = kept.at(-1);
		if (last && label.total - last.total <= slack) {
			if (
				label.priceCents < last.priceCents ||
				(label.priceCents === last.priceCents && label.packs < last.packs)
			)
				kept[kept.length - 1] = label;
		} else kept.push(label);
	}
	return kept;
}
