import { usableL } from '../storage/usable-litres.ts';

/** Where portions of a batch go. */
export const destinations = ['freezer', 'refrigerator', 'tonight', 'given'] as const;
export type Destination = (typeof destinations)[number];

export interface Portion {
	to: Destination;
	packs: number;
	/** servings in each */
	servings: number;
}

export interface PlannedDish {
	/** of one batch */
	servings: number;
	batches: number;
	/** weight and density of one batch's frozen part */
	packedKg: number;
	densityKgPerL: number;
	portions: readonly Portion[];
}

export interface DayTotals {
	packs: number;
	servings: number;
	/** to the freezer */
	freezeKg: number;
	freezeL: number;
	/** litres free in all freezers before the day */
	freeL: number;
	/** kilograms the freezers take in a day */
	loadKg: number;
	fits: boolean;
	/** kilograms over the load: they wait a day in the refrigerator */
	waitKg: number;
	/** by dish: servings the portions do not place (negative: more placed than there are) */
	unplaced: number[];
	/** by dish: packs that wait for the next day */
	waitPacks: number[];
}

/**
 * Unfrozen food a freezer takes in 24 h, kg per litre: NCHFP, no more than 2 to 3 lb per cubic foot (32 to 48 g per litre), from
 * memory; the stricter end.
 */
export const loadKgPerL = 0.032;

/** What a packing day comes to. Dishes freeze in their order; from where the load is used up, packs wait. */
export function dayTotals(input: {
	dishes: readonly PlannedDish[];
	freezers: readonly { volumeL: number }[];
	/** litres of what is frozen already */
	storedL: number;
}): DayTotals {
	const volumeL = input.freezers.reduce((sum, freezer) => sum + freezer.volumeL, 0);
	const loadKg = volumeL * loadKgPerL;
	const totals: DayTotals = {
		packs: 0,
		servings: 0,
		freezeKg: 0,
		freezeL: 0,
		freeL: Math.max(0, usableL({ volumeL }) - input.storedL),
		loadKg,
		fits: true,
		waitKg: 0,
		unplaced: [],
		waitPacks: []
	};
	for (const dish of input.dishes) {
		const made = dish.servings * dish.batches;
		const placed = dish.portions.reduce((sum, { packs, servings }) => sum + packs * servings, 0);
		const perServingKg = dish.servings > 0 ? dish.packedKg / dish.servings : 0;
		let waiting = 0;
		for (const { to, packs, servings } of dish.portions) {
			totals.packs += packs;
			if (to !== 'freezer') continue;
			const eachKg = servings * perServingKg;
			const room = Math.max(0, loadKg - totals.freezeKg);
			const now = eachKg > 0 ? Math.min(packs, Math.floor(room / eachKg + 1e-9)) : packs;
			waiting += packs - now;
			totals.freezeKg += packs * eachKg;
			totals.freezeL += (packs * eachKg) / dish.densityKgPerL;
		}
		totals.servings += made;
		totals.unplaced.push(made - placed);
		totals.waitPacks.push(waiting);
	}
	totals.waitKg = Math.max(0, totals.freezeKg - loadKg);
	totals.fits = totals.freezeL <= totals.freeL + 1e-9;
	return totals;
}

/** Packs as they are usually made of what is not placed yet: as many of the household's usual size as go in, the rest in one. */
export function proposedPortions(servings: number, each: number): Portion[] {
	if (servings <= 0 || each <= 0) return [];
	const whole = Math.floor(servings / each);
	const rest = servings - whole * each;
	return [
		...(whole > 0 ? [{ to: 'freezer' as const, packs: whole, servings: each }] : []),
		...(rest > 0 ? [{ to: 'freezer' as const, packs: 1, servings: rest }] : [])
	];
}
