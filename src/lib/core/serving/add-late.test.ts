import assert from 'node:assert/strict';
import { it } from 'node:test';
import { allItems } from '../foods/item-catalogue.ts';
import { lateKinds } from '../published/late-additions.ts';
import { addLate } from './add-late.ts';

const low = { appliance: 'slow-cooker', setting: 'low' } as const;
const plain = (name: string) => ({ name, like: name });
const minutesOf = (
	itemNames: string[],
	option: Parameters<typeof addLate>[0]['option'],
	boilsC = 100
) => addLate({ items: itemNames.map(plain), option, boilsC })[0].minutes;

it('pasta goes into a slow cooker 20 to 30 min before serving (common practice, no source)', () => {
	const { from, to } = minutesOf(['pasta'], { method: low, coreEndC: 93.5 });
	assert.ok(from >= 18 && to <= 30, `${from} to ${to}`);
});

it('after a pressure cooker is opened it boils, longer where water boils cooler; never under pressure', () => {
	const option = { method: { appliance: 'pressure-cooker' as const }, coreEndC: 108 };
	const sea = addLate({ items: ['pasta', 'cream'].map(plain), option, boilsC: 100 });
	assert.ok(sea.every((addition) => addition.how === 'after-opening'));
	assert.deepEqual(sea[0].minutes, { from: 8, to: 12 });
	assert.ok(minutesOf(['pasta'], option, 95).to > 16);
});

it('thickener 20 min on high, and nothing for what goes in from the start', () => {
	assert.equal(minutesOf(['starch'], { method: low, coreEndC: 90 }).to, 20);
	assert.deepEqual(
		addLate({ items: ['onion'].map(plain), option: { method: low, coreEndC: 90 }, boilsC: 100 }),
		[]
	);
});

it('every late item is one the catalogue knows, and in one kind only', () => {
	const names = new Set(allItems.map((item) => item.name));
	const late = Object.values(lateKinds).flatMap((kind) => kind.items);
	assert.deepEqual(
		late.filter((name) => !names.has(name)),
		[]
	);
	assert.equal(new Set(late).size, late.length);
});
