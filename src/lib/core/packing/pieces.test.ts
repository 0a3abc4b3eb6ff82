import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { thicknessM, volumeM3 } from '../heat/shape.ts';
import { plateKind, plateLines, servingsOnPlate } from './plates.ts';
import { loosePieces, piecesIn, piecesOfMethod, readPieces } from './pieces.ts';

it('pieces are read from what a cook types and from the method', () => {
	assert.deepEqual(readPieces('40 meatballs'), { count: 40, name: 'meatballs' });
	assert.equal(readPieces('some meatballs'), null);
	assert.equal(readPieces('4000 meatballs'), null);
	assert.deepEqual(piecesOfMethod('Mix. Shape into forty meatballs. Bake.'), {
		count: 40,
		name: 'meatballs'
	});
	assert.deepEqual(piecesOfMethod('Fill 12 egg cups and bake.'), { count: 12, name: 'egg cups' });
	assert.equal(piecesOfMethod('Cut into pieces and simmer for 40 minutes.'), null);
});

it('packs of pieces hold all of a batch, and their pieces weigh what the pack weighs (property)', () => {
	fc.assert(
		fc.property(
			fc.integer({ min: 2, max: 60 }),
			fc.integer({ min: 1, max: 12 }),
			fc.double({ min: 0.05, max: 3, noNaN: true }),
			(count, servings, massKg) => {
				assert.equal(piecesIn({ count }, servings, servings), count);
				const density = 1040;
				const loose = loosePieces({ massKg, count, kind: 'dough' }, density);
				assert.ok(thicknessM(loose.shape) <= 0.015 + 1e-9);
				assert.ok(Math.abs(volumeM3(loose.shape) * loose.count * density - massKg) < 1e-9);
			}
		)
	);
});

it('a plate takes its share of each dish’s lines and is heated as a plate', () => {
	const dish = (kind: 'meat-in-sauce' | 'soft-vegetables', quantity: number) => ({
		kind,
		lines: [{ quantity, quantityTo: null, unit: 'g' as const, itemName: 'rice' }]
	});
	const parts = [
		{
			part: { dishId: 1, name: 'rice', massKg: 0.15 },
			dish: dish('soft-vegetables', 600),
			packedKg: 1.5
		},
		{
			part: { dishId: 2, name: 'stew', massKg: 0.25 },
			dish: dish('meat-in-sauce', 1000),
			packedKg: 2.5
		}
	];
	assert.deepEqual(
		plateLines(parts).map(({ quantity }) => Math.round(quantity ?? 0)),
		[60, 100]
	);
	assert.equal(plateKind, 'wrapped-single');
	assert.equal(servingsOnPlate(0.25, { packedKg: 2.5, servings: 8 }), 1);
});
