import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { scaledLine } from './scale-dish.ts';

it('amounts go with the factor and back (property); cans and eggs stay whole, with what it would be', () => {
	fc.assert(
		fc.property(
			fc.double({ min: 0.1, max: 20, noNaN: true }),
			fc.double({ min: 0.1, max: 10, noNaN: true }),
			(quantity, factor) => {
				const line = { quantity, quantityTo: null, unit: 'kg' as const, itemName: 'onion' };
				const there = scaledLine(line, factor);
				const back = scaledLine({ ...line, quantity: there.quantity }, 1 / factor);
				assert.ok(Math.abs((back.quantity ?? 0) / quantity - 1) < 1e-9);
			}
		)
	);
	const eggs = { quantity: 3, quantityTo: null, unit: 'piece' as const, itemName: 'egg' };
	assert.deepEqual(scaledLine(eggs, 1.5), {
		quantity: 5,
		quantityTo: null,
		unit: 'piece',
		exact: 4.5
	});
	assert.equal(scaledLine({ ...eggs, unit: 'can', itemName: 'chickpeas' }, 0.1).quantity, 1);
	assert.equal(scaledLine({ ...eggs, quantity: null }, 2).quantity, null);
});
