import { isRawAnimalClass } from './raw-animal.ts';
import { coreTemperaturesC, type CoreTemperatureClass } from '../published/core-temperatures.ts';
import { defaultCompositions } from './default-compositions.ts';
import { dishKinds, type DishKind } from '../published/dish-kinds.ts';
import type { StoredPart } from '../storage/storage-life.ts';
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
	content: 'raw-meat' | 'cooked' | 'plain';
	core: CoreTemperatureClass;
	coreC: number;
	parts: (StoredPart & { name: string })[];
}

/** Of less than this share of its frozen lines known, a dish takes its kind's composition. */
const enough01 = 0.7;
/** A raw kit's part below this share of the pack does not rule its storage life. */
const matters01 = 0.03;
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
	const frozen = input.lines.filter((line) => line.stage === 'pack' || line.stage === 'inner');
	const known = frozen.filter((line) => line.item && line.massKg !== null && line.massKg > 0);
	const packedKg = known.reduce((sum, line) => sum + (line.massKg ?? 0), 0);
	const known01 = frozen.length ? known.length / frozen.length : 0;
	const fromLines = known01 >= enough01 && packedKg > 0;
	const composition = fromLines ? mixed(known, packedKg) : { ...defaultCompositions[input.kind] };
	const rule = dishKinds[input.kind];
	const food: FoodSpec = { composition, mobility: rule.mobility, cookedGain: rule.cookedGain };
	const items = frozen.flatMap((line) => (line.item ? [line.item] : []));
	const animal = items.filter((item) => isRawAnimalClass(item.hygiene));
	const core = coreClass(input.state, animal, items);
	return {
		food,
		compositionFrom: fromLines ? 'lines' : 'kind',
		known01,
		densityKgPerM3: foodDensityKgPerM3(foodFromSpec(food)),
		packedKg,
		allergens: [...new Set(input.lines.flatMap((line) => line.item?.allergens ?? []))].sort(),
		content: contentOf(input.state, animal, items),
		core,
		coreC: coreTemperaturesC[core],
		parts: partsOf(input, known, packedKg, animal)
	};
}

function mixed(lines: readonly FactLine[], totalKg: number): Composition {
	const sum: Composition = { water: 0, protein: 0, fat: 0, carbohydrate: 0, fibre: 0, ash: 0 };
	for (const line of lines)
		for (const key of compositionKeys)
			sum[key] += ((line.massKg ?? 0) / totalKg) * (line.item as Item).composition[key];
	return sum;
}

function contentOf(
	state: 'raw' | 'cooked',
	animal: readonly Item[],
	items: readonly Item[]
): DishFacts['content'] {
	if (state === 'raw' && animal.length > 0) return 'raw-meat';
	const plain =
		animal.length === 0 && !items.some((item) => item.storage && dairyOrFish.has(item.storage));
	return plain ? 'plain' : 'cooked';
}

function coreClass(
	state: 'raw' | 'cooked',
	animal: readonly Item[],
	items: readonly Item[]
): CoreTemperatureClass {
	if (state === 'cooked')
		return contentOf(state, animal, items) === 'plain' ? 'plain' : 'leftovers';
	const classes = animal.flatMap((item) => (item.core ? [item.core] : []));
	// a raw dish of several things is a casserole: the highest of its parts
	if (classes.length === 0)
		return contentOf(state, animal, items) === 'plain' ? 'plain' : 'leftovers';
	return classes.reduce((a, b) => (coreTemperaturesC[b] > coreTemperaturesC[a] ? b : a));
}

/** A cooked dish is one part by its kind; a raw kit has one for each thing that matters. */
function partsOf(
	input: { kind: DishKind; state: 'raw' | 'cooked' },
	known: readonly FactLine[],
	packedKg: number,
	animal: readonly Item[]
): DishFacts['parts'] {
	if (input.state === 'cooked') {
		const group = cookedGroup(input.kind, animal);
		return [{ group, state: 'cooked', name: group }];
	}
	const parts = known
		.filter((line) => line.item?.storage && (line.massKg ?? 0) >= matters01 * packedKg)
		.map((line) => ({ group: line.item!.storage!, state: 'raw' as const, name: line.item!.name }));
	return parts.length > 0 ? parts : [{ group: 'vegetables', state: 'raw', name: input.kind }];
}

function cookedGroup(kind: DishKind, animal: readonly Item[]): StoredPart['group'] {
	switch (kind) {
		case 'assembled-bake':
			return animal.some((item) => item.storage === 'egg-raw') ? 'egg-bake' : 'casserole';
		case 'tough-cut':
		case 'lean-pieces':
			return 'cooked-meat-poultry';
		case 'meat-in-sauce':
		case 'pulse-soup':
		case 'hard-vegetables':
		case 'soft-vegetables':
			return 'soup-stew';
	}
}
