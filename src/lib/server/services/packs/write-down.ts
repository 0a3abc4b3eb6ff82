import { piecesInPack } from '../dishes/pieces-of-dish.ts';
import { isRawAnimalClass, type Item, namedStock } from '../../../core/foods/index.ts';
import { lumpBlock, planBlock, planLife } from '../../../core/packing/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import { cardQuestion } from '../../../core/serving/index.ts';
import { type ContainerKey, containers, coreTemperaturesC } from '../../../core/published/index.ts';
import { dayIn } from '../../../present/time.ts';
import * as w from '../../../present/wording/index.ts';
import type { FrozenThing } from '../../../schemas/frozen-thing.ts';
import type { Db } from '../../db/db.ts';
import { allDishes, type Dish } from '../../queries/dishes.ts';
import { freezerOfShelf, getHousehold } from '../../queries/household.ts';
import { type Packing } from '../../queries/packs.ts';
import { addPacking } from '../../writes/packs.ts';
import { addUndo } from '../../writes/undo.ts';

/** What is usual of water-like food, where nothing more is known. */
const usualDensityKgPerM3 = 1000;
const bagsBySize: readonly ContainerKey[] = ['bag-1l', 'bag-3l', 'wrap', 'pan-30'];

/**
 * Writes down things that lie in the freezer already, all or none. What bears the name of a dish gets its cook card; what bears the
 * name of something of the catalogue is stock that Menu and Shop see. Gives the packings' numbers.
 */
export async function writeDown(
	db: Db,
	things: readonly FrozenThing[],
	nowMs: number
): Promise<number[] | { message: string }> {
	const house = await getHousehold(db);
	const today = dayIn(nowMs, house.timeZone);
	const dishes = await allDishes(db);
	const rows: { values: Omit<Packing, 'id'>; thing: FrozenThing }[] = [];
	for (const thing of things) {
		const place = await freezerOfShelf(db, thing.shelfId);
		if (!place) return { message: w.packDishAnswers.shelfGone };
		const dish = dishes.find(({ name }) => name.toLowerCase() === thing.name.toLowerCase()) ?? null;
		const facts = known(thing, dish);
		const packedOn = thing.frozen.day ?? today;
		const storage = {
			// the maker's date leads; of what nobody knows when it was frozen there is none, and it is used first
			...planLife({
				parts: facts.parts,
				packedOn,
				dayKnown: thing.frozen.known !== 'unknown',
				freezerC: place.freezer.setC,
				houseMonths: house.houseMonths,
				leads: house.leads,
				bestBy: thing.makerBestBy
			}),
			parts: facts.parts,
			freezerC: place.freezer.setC
		};
		const block = blockIn(thing.massKg, facts.densityKgPerM3);
		const limits = limitsFrom(house.limits);
		const question = dish
			? cardQuestion({
					dish,
					facts: dish.facts,
					pack: { massKg: thing.massKg, block, isPan: containers[block.container].pan },
					house,
					freezerC: place.freezer.setC,
					limits
				})
			: null;
		const { densityKgPerM3: _, parts: __, ...kept } = facts;
		rows.push({
			thing,
			values: {
				...kept,
				servingCents: null,
				...block,
				coreC: kept.coreC + limits.coreAddedK,
				dishId: dish?.id ?? null,
				name: dish ? null : thing.name,
				coolingRunId: null,
				dayId: null,
				packedOn,
				dayKnown: thing.frozen.known,
				boughtOn: thing.boughtOn ?? null,
				cookedOn: thing.cookedOn ?? null,
				thawedBefore: false,
				servings: thing.servings,
				massKg: thing.massKg,
				pieces: dish && piecesInPack(dish, thing.servings),
				nutrition: null,
				storage,
				// it comes after (`computeMissingCards`): at the freezer's door nobody waits
				card: null,
				cardInput: question
			}
		});
	}
	return db.transaction(async (tx) => {
		const ids: number[] = [];
		for (const { values, thing } of rows)
			ids.push(
				await addPacking(tx, values, {
					count: thing.count,
					shelfId: thing.shelfId,
					atMs: nowMs,
					// it is frozen already and weighs on no load
					frozenAtMs: null
				})
			);
		const packs = things.reduce((sum, { count }) => sum + count, 0);
		const what = things.length === 1 ? things[0].name : w.packDeeds.packs({ n: packs });
		await addUndo(tx, { action: { kind: 'packs-added', packingIds: ids }, what, atMs: nowMs });
		return ids;
	});
}

/** What is known of a thing by its name and what was said of it. */
function known(thing: FrozenThing, dish: Dish | null) {
	if (dish) {
		const { content, core, coreC, allergens, allergensKnown, densityKgPerM3, parts } = dish.facts;
		return {
			state: dish.state,
			content,
			core,
			coreC,
			allergens,
			allergensKnown,
			densityKgPerM3,
			parts,
			itemName: null
		};
	}
	const named = namedStock(thing.name);
	const { item } = named;
	const state = thing.state ?? named.state;
	// a dish that is called by what is in it keeps like a dish
	const group = thing.group ?? (named.isDish ? 'casserole' : item?.storage) ?? null;
	const isPlain = !named.isDish && plain(item);
	const rawMeat = state === 'raw' && (item === null || isRawAnimalClass(item.hygiene));
	const core = rawMeat ? (item?.core ?? 'poultry') : isPlain ? 'plain' : 'leftovers';
	return {
		state,
		content: rawMeat ? ('raw-meat' as const) : isPlain ? ('plain' as const) : ('cooked' as const),
		core,
		coreC: coreTemperaturesC[core],
		allergens: item ? [...item.allergens] : [],
		allergensKnown: item !== null,
		densityKgPerM3: usualDensityKgPerM3,
		parts: group ? [{ group, state, name: thing.name }] : [],
		itemName: item?.name ?? null
	};
}

const plain = (item: Item | null) =>
	item !== null && ['vegetables', 'fruit', 'bread-bakes'].includes(item.storage ?? '');

/** A usual bag that holds it; what is larger than any of them lies as a lump. */
function blockIn(massKg: number, densityKgPerM3: number) {
	for (const container of bagsBySize) {
		const plan = planBlock({ massKg, densityKgPerM3, container });
		if (plan.outcome === 'planned') return { container, ...plan.block };
	}
	return { container: 'pan-30' as const, ...lumpBlock(massKg, densityKgPerM3) };
}
