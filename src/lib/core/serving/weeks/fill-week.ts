import { addDays, daysBetween } from '../../units/day.ts';
import { packsFor } from '../packs-for.ts';
import { urgencyOf } from '../dinner-order.ts';

/** A dish with what of it is frozen and not planned yet, use-first. */
export interface DishStock {
	key: string;
	packs: readonly { code: string; servings: number; bestBy: string | null }[];
	/** the day it was eaten last; null: not lately */
	eatenOn: string | null;
	/** days what is left of it keeps in the refrigerator */
	leftoverDays: number;
}

/** An evening of the week. */
export interface Evening {
	day: string;
	/** nothing is planned, nobody is out */
	free: boolean;
	/** of what is planned already, so that it does not come again soon */
	keys: readonly string[];
}

export type PlannedEvening =
	| { day: string; kind: 'packs'; key: string; codes: string[]; servings: number; left: number }
	/** what was left of a meal before */
	| { day: string; kind: 'leftovers'; key: string; ofDay: string; servings: number };

/** The same dish does not come again within so many days, as long as there is another. */
const apartDays = 4;
/** What is left is a meal from this share of the eaters on (judgement: with bread and a salad). */
const mealShare = 0.75;

/**
 * Fills the free evenings: what wants to be eaten first (past its best, no date, soon), never the same dish within some days while there
 * is another, for as many as eat; what a pack leaves over serves another evening within the days it keeps. Evenings stay empty when
 * nothing feeds everybody.
 */
export function fillWeek(input: {
	evenings: readonly Evening[];
	stock: readonly DishStock[];
	eaters: number;
	today: string;
}): PlannedEvening[] {
	const { eaters, today } = input;
	const stock = input.stock.map((dish) => ({ ...dish, packs: [...dish.packs] }));
	const eaten = new Map<string, string[]>();
	const note = (key: string, day: string) => eaten.set(key, [...(eaten.get(key) ?? []), day]);
	for (const { key, eatenOn } of stock) if (eatenOn) note(key, eatenOn);
	for (const { day, keys } of input.evenings) for (const key of keys) note(key, day);
	const filled: PlannedEvening[] = [];
	const open = input.evenings.filter(({ free }) => free).map(({ day }) => day);
	while (open.length > 0) {
		const day = open.shift() as string;
		const nearest = (key: string) =>
			Math.min(99, ...(eaten.get(key) ?? []).map((other) => Math.abs(daysBetween(other, day))));
		const options = stock.flatMap((dish) => {
			const chosen = packsFor(eaters, dish.packs);
			return chosen ? [{ dish, chosen, apart: nearest(dish.key) }] : [];
		});
		const dates = (packs: readonly { bestBy: string | null }[]) =>
			packs.map(({ bestBy }) => bestBy ?? '').sort()[0];
		options.sort(
			(a, b) =>
				Number(a.apart < apartDays) - Number(b.apart < apartDays) ||
				urgency(a.chosen.packs, today) - urgency(b.chosen.packs, today) ||
				dates(a.chosen.packs).localeCompare(dates(b.chosen.packs)) ||
				b.apart - a.apart
		);
		const [best] = options;
		if (!best) return filled;
		const { dish, chosen } = best;
		const codes = chosen.packs.map(({ code }) => code);
		dish.packs = dish.packs.filter(({ code }) => !codes.includes(code));
		note(dish.key, day);
		const { servings, left } = chosen;
		filled.push({ day, kind: 'packs', key: dish.key, codes, servings, left });
		if (left < eaters * mealShare) continue;
		// the last evening it keeps for, so that it is not the same two days running
		const until = addDays(day, dish.leftoverDays);
		const at = open.findLastIndex((other) => other <= until);
		if (at < 0) continue;
		const [other] = open.splice(at, 1);
		note(dish.key, other);
		filled.push({ day: other, kind: 'leftovers', key: dish.key, ofDay: day, servings: left });
	}
	return filled;
}

const urgency = (packs: readonly { bestBy: string | null }[], today: string): number =>
	Math.min(
		...packs.map(({ bestBy }) => urgencyOf({ bestBy, eatenDaysAgo: null, costMin: null }, today))
	);

/** Packs that pass their date before a day and are not planned, soonest first. */
export function unplannedPast<Pack extends { code: string; bestBy: string | null }>(
	packs: readonly Pack[],
	planned: ReadonlySet<string>,
	until: string
): Pack[] {
	return packs
		.filter(({ code, bestBy }) => !planned.has(code) && bestBy !== null && bestBy < until)
		.sort((a, b) => (a.bestBy ?? '').localeCompare(b.bestBy ?? ''));
}
