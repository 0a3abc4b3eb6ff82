import { holdsWords } from '../../present/holds-words.ts';

export type DishOrder = 'name' | 'last' | 'hands' | 'cost' | 'frozen';

interface Sortable {
	name: string;
	lastOn: string | null;
	handsMin: number;
	cooksMin: number;
	costCents: number | null;
	frozenPacks: number;
}

const byName = new Intl.Collator('en');

/** What a column is sorted by; null stands last either way. */
const keys: Record<DishOrder, (dish: Sortable) => string | number | null> = {
	name: ({ name }) => name,
	last: ({ lastOn }) => lastOn,
	hands: ({ handsMin }) => handsMin,
	cost: ({ costCents }) => costCents,
	frozen: ({ frozenPacks }) => frozenPacks
};

/** Dishes whose names hold every word that is looked for, in a column's order; equal ones by name. */
export function sortedDishes<T extends Sortable>(
	dishes: readonly T[],
	text: string,
	order: { by: DishOrder; down: boolean }
): T[] {
	const key = keys[order.by];
	return dishes
		.filter(({ name }) => holdsWords(name, text))
		.toSorted((one, other) => {
			const [a, b] = [key(one), key(other)];
			if (a === null || b === null) return a === b ? 0 : a === null ? 1 : -1;
			const before = typeof a === 'string' ? byName.compare(a, String(b)) : Number(a) - Number(b);
			return (order.down ? -before : before) || byName.compare(one.name, other.name);
		});
}
