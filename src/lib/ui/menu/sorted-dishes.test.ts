import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { sortedDishes, type DishOrder } from './sorted-dishes.ts';

const dish = fc.record({
	name: fc.constantFrom('Dal', 'Red lentil dal', 'Ragù', 'Plum oat bake', 'Ratatouille'),
	lastOn: fc.constantFrom('2026-11-06', '2026-09-17', null),
	handsMin: fc.nat(60),
	cooksMin: fc.nat(300),
	costCents: fc.option(fc.nat(500), { nil: null }),
	frozenPacks: fc.nat(5)
});
const orders: DishOrder[] = ['name', 'last', 'hands', 'cost', 'frozen'];

it('a column sorts all of what was looked for, up or down, what has no value last either way (property)', () => {
	fc.assert(
		fc.property(fc.array(dish), fc.constantFrom(...orders), fc.boolean(), (all, by, down) => {
			const sorted = sortedDishes(all, '', { by, down });
			assert.equal(new Set(sorted).size, new Set(all).size);
			const key = { last: 'lastOn', hands: 'handsMin', cost: 'costCents', frozen: 'frozenPacks' };
			if (by === 'name') return;
			const values = sorted.map((one) => one[key[by] as keyof typeof one]);
			const known = values.filter((value) => value !== null);
			assert.ok(values.slice(0, known.length).every((value) => value !== null));
			for (let i = 1; i < known.length; i++)
				assert.ok(down ? known[i - 1] >= known[i] : known[i - 1] <= known[i]);
		})
	);
	const named = sortedDishes(fc.sample(dish, 60), 'DAL red', { by: 'name', down: false });
	assert.ok(named.every(({ name }) => name === 'Red lentil dal'));
});
