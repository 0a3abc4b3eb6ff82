import { allItems } from '../src/lib/core/foods/index.ts';
import { dayTotals, goesWellWith, type RankedDish } from '../src/lib/core/menu/index.ts';
import {
	choosePacks,
	dishCosts,
	type NeedLine,
	type PackChoice,
	type PriceEntry,
	priceLines,
	shoppingList,
	stapleItems
} from '../src/lib/core/shopping/index.ts';
import { parsedLineKg, parseIngredientLine } from '../src/lib/formats/ingredient-line.ts';
import { line, medianMs, ms } from './timing.ts';

/** A stream of numbers from 0 to 1, the same in every run. */
function numbers(seed: number): () => number {
	let state = seed;
	return () => {
		state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
		return state / 2_147_483_648;
	};
}

const names = allItems.map((item) => item.name);

function inventedDish(id: number, next: () => number): RankedDish & { lines: string[] } {
	const items = Array.from({ length: 10 }, () => names[Math.floor(next() * names.length)]);
	return {
		id,
		name: `dish ${id}`,
		lines: items.map((item) => `${50 + Math.round(next() * 900)} g ${item}`),
		needKg: new Map(items.map((item) => [item, next()])),
		chopped: new Set(items.slice(0, 3).map((item) => `${item}, diced`)),
		ovenC: next() < 0.3 ? 180 : null,
		protein: next() < 0.5 ? items[0] : null,
		frozenServings: Math.floor(next() * 10)
	};
}

const prices: PriceEntry[] = names.flatMap((itemName, i) =>
	[0.25, 0.4, 1].map((sizeKg, k) => ({
		id: 3 * i + k,
		itemName,
		label: `${sizeKg} kg`,
		sizeKg,
		priceCents: Math.round(150 + 300 * sizeKg + ((i * 37 + k * 11) % 90)),
		shop: ''
	}))
);

const needsOf = (dishes: readonly ReturnType<typeof inventedDish>[]): NeedLine[] =>
	dishes.flatMap((dish) =>
		dish.lines.map((text) => {
			const read = parseIngredientLine(text);
			return {
				dish: dish.name,
				text,
				itemName: read.itemName,
				item: read.item,
				massKg: parsedLineKg(read),
				stage: 'pack' as const
			};
		})
	);

/** The Menu's answer to one change: list, packs, costs, totals, ranks. */
function answer(
	menu: readonly ReturnType<typeof inventedDish>[],
	onDay: number,
	needs: readonly NeedLine[],
	known: Map<string, PackChoice>
): number {
	const chosen = menu.slice(0, onDay);
	const priced = priceLines({
		lines: shoppingList({ lines: needs }),
		prices,
		prefer: 'price',
		withStaples: true,
		known
	});
	dishCosts(priced);
	dayTotals({
		dishes: chosen.map(() => ({
			servings: 8,
			batches: 1,
			packedKg: 2.4,
			densityKgPerL: 1,
			portions: [{ to: 'freezer' as const, packs: 2, servings: 4 }]
		})),
		freezers: [{ volumeL: 200 }],
		storedL: 40
	});
	return goesWellWith({
		chosen,
		others: menu.slice(onDay),
		leftKg: Object.fromEntries(priced.map((one) => [one.line.key, one.leftKg])),
		common: stapleItems
	}).length;
}

export function benchMenu(): void {
	console.log(
		'\nMenu: one change answered (aims: 100 ms, and 500 dishes within twice the time of 50)'
	);
	const next = numbers(7);
	const menu = Array.from({ length: 500 }, (_, id) => inventedDish(id, next));
	const small = menu.slice(0, 50);
	const [fewNeeds, manyNeeds] = [needsOf(menu.slice(0, 5)), needsOf(menu.slice(0, 20))];
	/** The first dish is made once more or less: ten lines of the list change, the rest is known. */
	const change = (dishes: typeof menu, onDay: number, needs: NeedLine[]) => {
		const known = new Map<string, PackChoice>();
		let batches = 1;
		return () => {
			batches = (batches % 5) + 1;
			const changed = needs.map((need, i) =>
				i < 10 && need.massKg !== null
					? { ...need, massKg: need.massKg * batches * 1.01 ** known.size }
					: need
			);
			return answer(dishes, onDay, changed, known);
		};
	};
	const smallMs = medianMs(change(small, 5, fewNeeds), 25);
	const largeMs = medianMs(change(menu, 20, manyNeeds), 25);
	line('  50 dishes, 5 on the day', ms(smallMs));
	line('  500 dishes, 20 on the day', ms(largeMs), `${(largeMs / smallMs).toFixed(1)} ×`);

	console.log(
		'\nShop: sixty lines (aims: 50 ms, and at most twice what reading and adding them up costs)'
	);
	const texts = Array.from(
		{ length: 60 },
		(_, i) => `${100 + ((i * 137) % 900)} g ${names[(i * 7) % names.length]}`
	);
	const readMs = medianMs(
		() =>
			shoppingList({
				lines: texts.map((text) => {
					const read = parseIngredientLine(text);
					return {
						dish: 'x',
						text,
						itemName: read.itemName,
						item: read.item,
						massKg: parsedLineKg(read),
						stage: 'pack' as const
					};
				})
			}),
		15
	);
	const lines = shoppingList({
		lines: texts.map((text) => {
			const read = parseIngredientLine(text);
			return {
				dish: 'x',
				text,
				itemName: read.itemName,
				item: read.item,
				massKg: parsedLineKg(read),
				stage: 'pack' as const
			};
		})
	});
	const packsMs = medianMs(
		() => priceLines({ lines, prices, prefer: 'price', withStaples: true }),
		15
	);
	line('  reading and adding up', ms(readMs));
	line('  choosing packs, proven cheapest', ms(packsMs), `${(packsMs / readMs).toFixed(2)} ×`);
	const hardMs = medianMs(() =>
		choosePacks({
			need: 37.3,
			packs: [0.37, 0.41, 0.53, 0.97, 1.31].map((size, i) => ({
				size,
				priceCents: Math.round(size * 210 + i * 3)
			}))
		})
	);
	line('  one need of some forty packs of five kinds', ms(hardMs));
}
