/** What ranking needs of a dish, read once. */
export interface RankedDish {
	id: number;
	name: string;
	/** kilograms of each catalogue item, one batch */
	needKg: ReadonlyMap<string, number>;
	/** "onion diced": items with the cut they want */
	chopped: ReadonlySet<string>;
	ovenC: number | null;
	/** its main protein, a catalogue item; null: none */
	protein: string | null;
	/** servings of it in the freezer already */
	frozenServings: number;
}

export type MatchReason =
	| { code: 'shares'; items: string[] }
	| { code: 'uses-up'; items: string[]; massKg: number }
	| { code: 'chopped-once'; items: string[] }
	| { code: 'same-oven'; ovenC: number }
	| { code: 'same-protein'; item: string }
	| { code: 'other-protein'; item: string }
	| { code: 'enough-frozen'; servings: number };

export interface Match {
	id: number;
	name: string;
	score: number;
	reasons: MatchReason[];
}

/** Points for each thing saved (judgement): a shared item, one chopped once, an oven shared, half a kilogram of leftovers used up. */
const points = {
	shared: 1,
	chopped: 1,
	oven: 1.5,
	usedUpPerKg: 4,
	sameProtein: -2,
	otherProtein: 0.5,
	frozen: -1.5
};
/** So many servings in the freezer are enough for now (judgement). */
const enoughServings = 6;
const ovenSharedK = 10;

const byName = new Intl.Collator('en');

/**
 * Dishes ranked by what they would save beside those chosen, each rank with its reasons. `leftKg` is what the chosen packs leave
 * over; `common` (salt, oil, water …) does not count as shared. All are scored, only those shown are given reasons.
 */
export function goesWellWith(input: {
	chosen: readonly RankedDish[];
	others: readonly RankedDish[];
	leftKg: Readonly<Record<string, number>>;
	common: ReadonlySet<string>;
	most?: number;
}): Match[] {
	const beside = besideOf(input);
	const scored = input.others.map((dish) => ({ dish, score: judge(dish, beside, null) }));
	scored.sort((a, b) => b.score - a.score || byName.compare(a.dish.name, b.dish.name));
	return scored.slice(0, input.most ?? 8).map(({ dish, score }) => {
		const reasons: MatchReason[] = [];
		judge(dish, beside, reasons);
		return { id: dish.id, name: dish.name, score, reasons };
	});
}

type Beside = ReturnType<typeof besideOf>;

/** What is on the day, as one dish after the other is held against it. */
function besideOf(input: Parameters<typeof goesWellWith>[0]) {
	const items = new Set(input.chosen.flatMap((dish) => [...dish.needKg.keys()]));
	for (const item of input.common) items.delete(item);
	const left = new Map(
		Object.entries(input.leftKg).filter(([item, kg]) => kg > leastKg && !input.common.has(item))
	);
	return {
		any: input.chosen.length > 0,
		items,
		left,
		chopped: new Set(input.chosen.flatMap((dish) => [...dish.chopped])),
		ovens: input.chosen.flatMap((dish) => (dish.ovenC === null ? [] : [dish.ovenC])),
		proteins: new Set(input.chosen.flatMap((dish) => dish.protein ?? []))
	};
}

/** Less than this is no leftover worth a dish, kg. */
const leastKg = 0.02;

/** The score of a dish; with a list to fill, its reasons too. */
function judge(dish: RankedDish, beside: Beside, reasons: MatchReason[] | null): number {
	let score = 0;
	const shared: string[] = [];
	const usedUp: string[] = [];
	let massKg = 0;
	for (const [item, kg] of dish.needKg) {
		if (beside.items.has(item)) shared.push(item);
		const left = beside.left.get(item);
		if (left === undefined) continue;
		usedUp.push(item);
		massKg += Math.min(left, kg);
	}
	const chopped: string[] = [];
	for (const work of dish.chopped) if (beside.chopped.has(work)) chopped.push(work);
	const add = (points: number, reason: () => MatchReason) => {
		score += points;
		reasons?.push(reason());
	};
	if (shared.length) add(shared.length * points.shared, () => ({ code: 'shares', items: shared }));
	if (massKg > leastKg)
		add(massKg * points.usedUpPerKg, () => ({ code: 'uses-up', items: usedUp, massKg }));
	if (chopped.length)
		add(chopped.length * points.chopped, () => ({ code: 'chopped-once', items: chopped }));
	const { ovenC, protein, frozenServings } = dish;
	if (ovenC !== null && beside.ovens.some((c) => Math.abs(c - ovenC) <= ovenSharedK))
		add(points.oven, () => ({ code: 'same-oven', ovenC }));
	if (protein !== null && beside.any)
		if (beside.proteins.has(protein))
			add(points.sameProtein, () => ({ code: 'same-protein', item: protein }));
		else add(points.otherProtein, () => ({ code: 'other-protein', item: protein }));
	if (frozenServings >= enoughServings)
		add(points.frozen, () => ({ code: 'enough-frozen', servings: frozenServings }));
	return score;
}
