import { isRawAnimalClass } from './raw-class.ts';
import { coreTemperaturesC, type CoreTemperatureClass } from '../published/core-temperatures.ts';
import { defaultCompositions } from './default-compositions.ts';
import { dishKinds, type DishKind } from '../published/dish-kinds.ts';
import { wholeShare01, type StoredPart } from '../storage/storage-life.ts';
import { storageLifeTable, type QualityMonths } from '../published/storage-life.ts';
import { otherItems } from './find-item.ts';
import { compositionKeys, type Composition } from './composition.ts';
import type { FoodSpec } from './food-spec.ts';
import { foodFromSpec } from './food-spec.ts';
import { foodDensityKgPerM3 } from './food-properties.ts';
import type { Item } from './item-catalogue.ts';

export type LineStage = 'pack' | 'inner' | 'cook-day' | 'serve';

/** One line of a dish as the core sees it. */
export interface FactLine {
	item: Item | null;
	massKg: number | null;
	stage: LineStage;
	text: string;
	unit?: string | null;
	/** `heading` is no ingredient */
	understood?: string;
	/** what its reading left open; `perhaps`: words after the name may make it another thing */
	doubts?: readonly string[];
}

export interface DishFacts {
	food: FoodSpec;
	/** computed from the lines, or the kind's default because too little of them is known */
	compositionFrom: 'lines' | 'kind';
	/** share of the frozen lines whose weight and item are known */
	known01: number;
	densityKgPerM3: number;
	/** weight of what goes into the packs, kg, as far as it is known */
	packedKg: number;
	allergens: string[];
	/** false: some line was not read, so that more may be in it */
	allergensKnown: boolean;
	/** goods made differently by each maker: their packets say what else is in them */
	checkPackets: string[];
	/** lines nobody could read: as long as one of them could matter, a raw dish counts as raw meat */
	unread: string[];
	/** lines that go into the packs and whose weight is not known */
	without: string[];
	content: 'raw-meat' | 'cooked' | 'plain';
	core: CoreTemperatureClass;
	coreC: number;
	parts: (StoredPart & { name: string })[];
}

/** Of less than this share of its frozen lines known, a dish takes its kind's composition. */
const enough01 = 0.7;
const dairyOrFish = new Set([
	'soft-dairy',
	'egg-raw',
	'shellfish',
	'fish-lean',
	'fish-oily',
	'cured-meat',
	'sausage-cooked',
	'grains-pulses'
]);

/** What follows from a dish's lines for its packs: composition, allergens, core temperature, storage life's parts. */
export function dishFacts(input: {
	kind: DishKind;
	state: 'raw' | 'cooked';
	lines: readonly FactLine[];
}): DishFacts {
	const lines = input.lines.filter((line) => line.understood !== 'heading');
	const frozen = lines.filter((line) => line.stage === 'pack' || line.stage === 'inner');
	const known = frozen.filter((line) => line.item && line.massKg !== null && line.massKg > 0);
	const packedKg = known.reduce((sum, line) => sum + (line.massKg ?? 0), 0);
	const known01 = frozen.length ? known.length / frozen.length : 0;
	const fromLines = known01 >= enough01 && packedKg > 0;
	const composition = fromLines ? mixed(known, packedKg) : { ...defaultCompositions[input.kind] };
	const rule = dishKinds[input.kind];
	const food: FoodSpec = { composition, mobility: rule.mobility, cookedGain: rule.cookedGain };
	const items = frozen.flatMap(itemsOf);
	const animal = items.filter((item) => isRawAnimalClass(item.hygiene));
	const unknown = frozen.filter(couldMatter);
	const contains = { state: input.state, animal, items, unknown: unknown.length > 0 };
	const core = coreClass(contains);
	const all = lines.flatMap(itemsOf);
	return {
		food,
		compositionFrom: fromLines ? 'lines' : 'kind',
		known01,
		densityKgPerM3: foodDensityKgPerM3(foodFromSpec(food)),
		packedKg,
		allergens: [...new Set(all.flatMap((item) => item.allergens))].sort(),
		allergensKnown: lines.every((line) => line.item && !line.doubts?.includes('perhaps')),
		checkPackets: [...new Set(all.filter((item) => item.checkPacket).map((item) => item.name))],
		unread: lines.filter((line) => !line.item).map((line) => line.text),
		without: frozen
			.filter((line) => line.massKg === null && !weighsNothing(line.item))
			.map((line) => line.text),
		content: contentOf(contains),
		core,
		coreC: coreTemperaturesC[core],
		parts: partsOf(input, known, packedKg, { animal, unknown })
	};
}

/** A line's own item and what it names beside it ("butter and flour"). */
const itemsOf = (line: FactLine): Item[] =>
	line.item ? [line.item, ...otherItems(line.text, line.item.name)] : [];

/** A spoon of what nobody knows is no meat and does not rule how long the pack keeps. */
const spoons: ReadonlySet<string> = new Set(['tsp', 'pinch', 'dash']);
const couldMatter = (line: FactLine) => !line.item && !spoons.has(line.unit ?? '');

/** Salt, spices and herbs "to taste" are not missed in a weight. */
const seasons: ReadonlySet<string> = new Set(['salt', 'black pepper', 'spice', 'herbs']);
const weighsNothing = (item: Item | null) => item !== null && seasons.has(item.like);

interface Contains {
	state: 'raw' | 'cooked';
	animal: readonly Item[];
	items: readonly Item[];
	/** some line that could be anything */
	unknown: boolean;
}

function mixed(lines: readonly FactLine[], totalKg: number): Composition {
	const sum: Composition = { water: 0, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };
	for (const line of lines)
		for (const key of compositionKeys)
			sum[key] += ((line.massKg ?? 0) / totalKg) * (line.item as Item).composition[key];
	return sum;
}

function contentOf({ state, animal, items, unknown }: Contains): DishFacts['content'] {
	// cooked vegetables keep spores, too: what was cooked is made hot again as everything cooked is
	if (state === 'cooked') return 'cooked';
	if (animal.length > 0 || unknown) return 'raw-meat';
	const plain =
		!unknown &&
		animal.length === 0 &&
		!items.some((item) => item.storage && dairyOrFish.has(item.storage));
	return plain ? 'plain' : 'cooked';
}

function coreClass(contains: Contains): CoreTemperatureClass {
	const { state, animal, unknown } = contains;
	const served = contentOf(contains) === 'plain' ? 'plain' : 'leftovers';
	if (state === 'cooked') return served;
	// what nobody knows may be poultry
	if (unknown) return 'poultry';
	// a raw dish of several things is a casserole: the highest of its parts
	return animal
		.flatMap((item) => (item.core ? [item.core] : []))
		.reduce<CoreTemperatureClass>(
			(a, b) => (a === served || coreTemperaturesC[b] > coreTemperaturesC[a] ? b : a),
			served
		);
}

/** The group that keeps least of all: what an unknown thing counts as. */
const shortest = (Object.entries(storageLifeTable) as [StoredPart['group'], QualityMonths | null][])
	.filter((entry): entry is [StoredPart['group'], QualityMonths] => entry[1] !== null)
	.reduce((a, b) =>
		b[1].to < a[1].to || (b[1].to === a[1].to && b[1].from < a[1].from) ? b : a
	)[0];

/** A cooked dish is one part by its kind; a raw kit has one for each thing that matters. */
function partsOf(
	input: { kind: DishKind; state: 'raw' | 'cooked' },
	known: readonly FactLine[],
	packedKg: number,
	{ animal, unknown }: { animal: readonly Item[]; unknown: readonly FactLine[] }
): DishFacts['parts'] {
	if (input.state === 'cooked') {
		const group = cookedGroup(input.kind, animal);
		const dish = { group, state: 'cooked' as const, name: group };
		// rice in it says nothing of how long it keeps frozen, and that it keeps a day once thawed
		const rice = known.some(({ item }) => item?.like === 'rice' || item?.name === 'cooked rice');
		if (rice) return [dish, { group: 'grains-pulses', state: 'cooked', name: 'rice', share01: 0 }];
		const alone = group === 'soup-stew' && animal.length === 0 && unknown.length === 0;
		return alone && packedKg > 0 ? preserved(dish, known, packedKg) : [dish];
	}
	const parts = known
		.filter((line) => line.item?.storage)
		.map((line) => ({
			group: line.item!.storage!,
			state: 'raw' as const,
			name: line.item!.name,
			share01: shareOf(known, packedKg, (item) => item.storage === line.item!.storage)
		}));
	const open = unknown.map((line) => ({
		group: shortest,
		state: 'raw' as const,
		name: line.text
	}));
	const all = [...parts, ...open];
	return all.length > 0 ? all : [{ group: 'vegetables', state: 'raw', name: input.kind }];
}

/** Share of what is known that is of a kind. */
const shareOf = (known: readonly FactLine[], packedKg: number, is: (item: Item) => boolean) =>
	known.reduce((sum, { item, massKg }) => sum + (item && is(item) ? (massKg ?? 0) : 0), 0) /
	packedKg;

/** Beside its tomatoes a sauce holds so much onion, oil and herbs, and a compote so much sugar, and is one still. Judgement. */
const besides01 = { tomatoes: 0.25, fruit: 0.25 };

/**
 * Tomato sauce and fruit compote keep as what they are made of (NCHFP), not as a stew: the dish counts by what else is in it.
 */
function preserved(
	dish: DishFacts['parts'][number],
	known: readonly FactLine[],
	packedKg: number
): DishFacts['parts'] {
	const tomatoes = shareOf(known, packedKg, ({ like }) => tomatoLike.has(like));
	const fruit = shareOf(known, packedKg, ({ storage }) => storage === 'fruit');
	const [group, other] =
		tomatoes >= fruit
			? (['vegetables', 1 - tomatoes - besides01.tomatoes] as const)
			: (['fruit', 1 - fruit - besides01.fruit] as const);
	if (other >= wholeShare01) return [dish];
	return [
		{ group, state: 'cooked', name: group, share01: 1 - Math.max(0, other) },
		{ ...dish, share01: Math.max(0, other) }
	];
}
const tomatoLike: ReadonlySet<string> = new Set([
	'tomato',
	'canned tomatoes',
	'passata',
	'tomato paste'
]);

function cookedGroup(kind: DishKind, animal: readonly Item[]): StoredPart['group'] {
	switch (kind) {
		case 'assembled-bake':
		case 'assembled-cooked':
		case 'wrapped-single':
			return animal.some((item) => item.storage === 'egg-raw') ? 'egg-bake' : 'casserole';
		case 'tough-cut':
		case 'lean-pieces':
		case 'fish':
			return 'cooked-meat-poultry';
		case 'dough':
		case 'baked-goods':
			return 'bread-bakes';
		case 'braised-pieces':
		case 'meat-in-sauce':
		case 'pulse-soup':
		case 'hard-vegetables':
		case 'soft-vegetables':
			return 'soup-stew';
	}
}
