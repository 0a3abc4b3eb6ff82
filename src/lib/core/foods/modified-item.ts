import { coreTemperaturesC } from '../published/core-temperatures.ts';
import type { Composition } from './composition.ts';
import type { Item } from './item.ts';
import { isRawMeatClass } from './raw-class.ts';

/** What a cook calls an item beside its name, and what that makes of it. */
const freeOf: Readonly<Record<string, RegExp>> = {
	'gluten-free': /^cereals/,
	'dairy-free': /^milk$/,
	'egg-free': /^eggs$/,
	'nut-free': /^(nuts|peanuts)/,
	'soya-free': /^soybeans$/,
	vegan: /^(milk|eggs|fish|crustaceans|molluscs)$/
};
export const freeWords = Object.keys(freeOf);

/** What counts as minced: the surface is inside (published: core-temperatures). */
export const mincedWords = ['minced', 'rolled', 'tenderised', 'stuffed'] as const;

/** Share of water in grain and pulses once they are boiled (judgement: 1 part takes up about 1.7). */
const boiledGrain01 = 1 / 2.7;

/** An item that is changed by a word after its name; null when the word means nothing. */
export function modified(
	item: Item,
	how: string,
	itemCalled: (name: string) => Item | null
): Item | null {
	const name = `${item.name}, ${how}`;
	if (how in freeOf)
		return { ...item, name, allergens: item.allergens.filter((one) => !freeOf[how].test(one)) };
	if (mincedWords.includes(how as (typeof mincedWords)[number]))
		return {
			...item,
			name,
			core: item.core === 'whole-cut' ? 'ground-meat' : item.core,
			storage:
				how === 'minced' && item.storage === 'steaks-chops-roasts' ? 'ground-meat' : item.storage
		};
	if (how === 'cooked') return cooked(item, name);
	if (how === 'canned') return { ...cooked(item, name), aisle: 'tins', keeps: 'cupboard' };
	const other = itemCalled(how);
	return other && withOther(item, other, name);
}

function cooked(item: Item, name: string): Item {
	if (isRawMeatClass(item.hygiene))
		return {
			...item,
			name,
			hygiene: 'ready-to-eat',
			core: null,
			storage: /^(fish|shellfish)/.test(item.storage ?? '') ? item.storage : 'cooked-meat-poultry'
		};
	const dryGrain = item.storage === 'grains-pulses' && item.composition.water < 0.2;
	if (!dryGrain) return { ...item, name };
	const dilute = (key: keyof Composition) => item.composition[key] * boiledGrain01;
	const composition: Composition = {
		water: 1 - (1 - item.composition.water) * boiledGrain01,
		protein: dilute('protein'),
		fat: dilute('fat'),
		carbohydrate: dilute('carbohydrate'),
		fibre: dilute('fibre'),
		ash: dilute('ash')
	};
	return { ...item, name, composition, densityKgPerL: 0.7 };
}

/** "Pistachio cream", "duck sausage": the head keeps its figures, carries the other's allergens too, and the stricter core temperature. */
function withOther(item: Item, other: Item, name: string): Item {
	const raw = isRawMeatClass(item.hygiene) && isRawMeatClass(other.hygiene);
	const core =
		raw &&
		other.core &&
		(!item.core || coreTemperaturesC[other.core] > coreTemperaturesC[item.core])
			? other.core
			: item.core;
	const hygiene = raw && other.hygiene === 'raw-poultry' ? other.hygiene : item.hygiene;
	const allergens = [...new Set([...item.allergens, ...other.allergens])];
	return { ...item, name, core, hygiene, allergens };
}
