import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { keepsDays } from '../rules/refrigerator-days.ts';
import { storageLife } from '../storage/storage-life.ts';
import { storageLifeTable } from '../published/storage-life.ts';
import { dishFacts, type FactLine } from './dish-facts.ts';
import { findItem } from './find-item.ts';
import { compositionKeys } from './composition.ts';

const line = (text: string, massKg: number, stage: FactLine['stage'] = 'pack'): FactLine => ({
	item: findItem(text),
	massKg,
	stage,
	text
});

describe('what follows from the lines of a dish', () => {
	const chicken = dishFacts({
		kind: 'lean-pieces',
		state: 'raw',
		lines: [
			line('chicken thighs', 0.8),
			line('leeks', 0.4),
			line('mustard', 0.015),
			line('cream', 0.12, 'cook-day')
		]
	});

	it('a raw kit with poultry: its core temperature, allergens of every line, storage by its parts', () => {
		assert.equal(chicken.content, 'raw-meat');
		assert.equal(chicken.core, 'poultry');
		assert.ok(chicken.allergens.includes('mustard') && chicken.allergens.includes('milk'));
		assert.deepEqual(chicken.parts.map((p) => p.group).sort(), ['poultry-pieces', 'vegetables']);
	});

	it('what is kept back does not count into the pack', () => {
		assert.ok(Math.abs(chicken.packedKg - 1.215) < 1e-9);
		assert.equal(chicken.compositionFrom, 'lines');
	});

	it('a mix lies between its parts and sums to one', () => {
		const { composition } = chicken.food;
		const sum = compositionKeys.reduce((s, key) => s + composition[key], 0);
		assert.ok(Math.abs(sum - 1) < 1e-9);
		const water = ['chicken thighs', 'leeks', 'mustard'].map(
			(t) => findItem(t)?.composition.water ?? NaN
		);
		assert.ok(composition.water > Math.min(...water) && composition.water < Math.max(...water));
	});

	it('of too little known lines it takes the kind’s default and says so', () => {
		const unknown = { item: null, massKg: null, stage: 'pack', text: 'a secret' } as const;
		const facts = dishFacts({
			kind: 'pulse-soup',
			state: 'cooked',
			lines: [unknown, unknown, line('lentils', 0.3)]
		});
		assert.equal(facts.compositionFrom, 'kind');
	});

	it('the same dish cooked: leftovers at 74 °C (165 °F)', () => {
		const cooked = dishFacts({
			kind: 'meat-in-sauce',
			state: 'cooked',
			lines: [line('lamb shoulder', 1), line('onions', 0.3)]
		});
		assert.equal(cooked.coreC, 73.9);
		assert.equal(cooked.content, 'cooked');
		assert.deepEqual(
			cooked.parts.map((p) => p.group),
			['soup-stew']
		);
	});
});

it('tomato sauce and fruit compote keep as vegetables and fruit do (NCHFP, from memory); a vegetable stew as a stew', () => {
	const from = (...lines: ReturnType<typeof line>[]) =>
		storageLife({
			parts: dishFacts({ kind: 'soft-vegetables', state: 'cooked', lines }).parts,
			packedOn: '2026-01-31'
		}).months?.from;
	assert.equal(
		from(line('canned tomatoes', 0.8), line('onions', 0.12), line('olive oil', 0.05)),
		8
	);
	assert.equal(from(line('plums', 0.8), line('sugar', 0.15)), 8);
	assert.equal(from(line('tomatoes', 0.3), line('aubergine', 0.4), line('zucchini', 0.3)), 2);
});

it('a cooked dish with rice keeps a day once thawed, and frozen as long as one without (UK FSA, from memory)', () => {
	const parts = dishFacts({
		kind: 'meat-in-sauce',
		state: 'cooked',
		lines: [line('lamb shoulder', 0.6), line('rice', 0.3)]
	}).parts;
	assert.equal(keepsDays(parts), 1);
	const life = storageLife({ parts, packedOn: '2026-01-31' });
	assert.deepEqual([life.months?.from, life.unknownParts], [2, []]);
});

describe('never optimistic about what is not known', () => {
	const secret: FactLine = {
		item: null,
		massKg: null,
		stage: 'pack',
		text: '2 glarks of moonroot'
	};
	const facts = (state: 'raw' | 'cooked', ...lines: FactLine[]) =>
		dishFacts({ kind: 'hard-vegetables', state, lines });

	it('a raw dish with a line nobody could read is raw meat, 74 °C, and keeps as short as anything', () => {
		const plain = facts('raw', line('carrots', 0.8));
		assert.deepEqual([plain.content, plain.coreC], ['plain', 60]);
		const open = facts('raw', line('carrots', 0.8), secret);
		assert.deepEqual([open.content, open.coreC], ['raw-meat', 73.9]);
		const months = open.parts.map(({ group }) => storageLifeTable[group]?.to ?? Infinity);
		const all = Object.values(storageLifeTable).map((life) => life?.to ?? Infinity);
		assert.equal(Math.min(...months), Math.min(...all));
	});

	it('its allergens are not all known, its weight is without it, and it is named', () => {
		const open = facts('cooked', line('carrots', 0.8), secret);
		assert.equal(open.allergensKnown, false);
		assert.deepEqual([open.unread, open.without], [[secret.text], [secret.text]]);
		assert.notEqual(open.content, 'plain');
		assert.equal(facts('cooked', line('carrots', 0.8)).allergensKnown, true);
		const perhaps = { ...line('carrots', 0.8), doubts: ['perhaps'] };
		assert.equal(facts('cooked', perhaps).allergensKnown, false);
	});

	it('a spoon of it is no meat, a heading is nothing, what is served beside counts for allergens alone', () => {
		const spoon = facts('raw', line('carrots', 0.8), { ...secret, unit: 'tsp' });
		assert.deepEqual([spoon.content, spoon.allergensKnown], ['plain', false]);
		const heading = facts('raw', line('carrots', 0.8), { ...secret, understood: 'heading' });
		assert.deepEqual([heading.content, heading.allergensKnown], ['plain', true]);
		const beside = facts('raw', line('carrots', 0.8), { ...secret, stage: 'serve' });
		assert.deepEqual([beside.content, beside.allergensKnown], ['plain', false]);
	});

	it('a second thing in a line is not lost: butter and flour carry wheat', () => {
		const both = facts('cooked', line('butter and flour for the tin', 0.02));
		assert.ok(both.allergens.includes('milk') && both.allergens.includes('cereals (wheat)'));
		assert.deepEqual(facts('cooked', line('salt and pepper', 0.01)).allergens, []);
	});

	it('goods made differently by each maker send to the packet', () => {
		assert.deepEqual(facts('cooked', line('pesto', 0.1)).checkPackets, ['pesto']);
	});

	it('one more unread line never makes a dish safer (property)', () => {
		const names = ['carrots', 'chicken thighs', 'beef mince', 'cream', 'cod', 'rice', 'eggs'];
		fc.assert(
			fc.property(
				fc.constantFrom('raw' as const, 'cooked' as const),
				fc.subarray(names, { minLength: 1 }),
				(state, some) => {
					const lines = some.map((name) => line(name, 0.4));
					const [before, after] = [facts(state, ...lines), facts(state, ...lines, secret)];
					assert.ok(after.coreC >= before.coreC);
					assert.ok(state === 'cooked' || after.content === 'raw-meat');
					assert.ok(after.parts.length >= before.parts.length);
				}
			)
		);
	});
});
