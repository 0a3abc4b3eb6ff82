import { cansOf, prepLists } from '../../../core/schedule/prep-lists.ts';
import { scaledLine } from '../../../core/foods/scale-dish.ts';
import { stepPlaces } from '../../../core/steps/propose-steps.ts';
import { lineAmountText } from '../../../present/amounts.ts';
import type { Habit } from '../../../present/habit.ts';
import type { Db } from '../../db/db.ts';
import { stepsOfDish } from '../dishes/steps-of-dish.ts';
import { dayState } from '../../../core/schedule/day-events.ts';
import {
	packsToTakeOut,
	takeOutKey,
	type ComponentPack
} from '../../../core/schedule/component-packs.ts';
import { eventsOfDay } from '../../queries/days.ts';
import { componentPacks, listStock } from '../../queries/pantry.ts';
import { packsOf, plannedDishes, type PlannedDish } from './day-dishes.ts';

/** Everything that is got ready for a day: lists over all dishes, vessels, packs and labels. */
export async function prepDay(db: Db, dayId: number, habit: Habit) {
	const planned = await plannedDishes(db, dayId);
	const lists = prepLists(
		planned.map(({ row, dish }) => ({
			id: dish.id,
			name: dish.name,
			state: dish.state,
			batches: row.batches,
			lines: dish.lines.map((line) => ({
				text: [lineAmountText(scaledLine(line, row.batches), habit), line.item]
					.filter(Boolean)
					.join(' '),
				itemName: line.itemName,
				item: line.item,
				cut: line.cut,
				massKg: line.massKg,
				pieces: line.unit === 'piece' ? line.quantity : null,
				cans: line.unit === 'can' ? line.quantity : cansOf(line.text),
				stage: line.stage,
				form: line.form
			}))
		}))
	);
	const takeOut = await componentsOf(db, dayId, planned);
	const places = planned.flatMap(({ dish }) => [
		...new Set(stepsOfDish(dish).map(({ place }) => place))
	]);
	return {
		dishes: planned.map(({ row, dish }) => ({
			id: dish.id,
			name: dish.name,
			batches: row.batches,
			state: dish.state
		})),
		lists,
		takeOut,
		/** how many dishes use each place */
		vessels: stepPlaces
			.map((place) => ({ place, dishes: places.filter((one) => one === place).length }))
			.filter(({ place, dishes }) => place !== 'none' && dishes > 0),
		packs: planned.map((one) => ({ dish: one.dish.name, packs: packsOf(one) })),
		labels: planned.reduce(
			(sum, { row }) =>
				sum +
				row.portions.reduce(
					(packs, portion) =>
						packs + (portion.to === 'freezer' || portion.to === 'given' ? portion.packs : 0),
					0
				),
			0
		)
	};
}

async function componentsOf(
	db: Db,
	dayId: number,
	planned: readonly PlannedDish[]
): Promise<ComponentPack[]> {
	const needKg: Record<string, number> = {};
	for (const { row, dish } of planned)
		for (const line of dish.lines) {
			if (!line.itemName || line.stage === 'serve' || line.stage === 'cook-day') continue;
			const kg = (line.massKg ?? 0) * row.batches;
			needKg[line.itemName] = (needKg[line.itemName] ?? 0) + kg;
		}
	const { ticked } = dayState(await eventsOfDay(db, dayId));
	const taken = (code: string) => ticked[takeOutKey(code)] ?? false;
	const codes = Object.keys(ticked)
		.filter((key) => ticked[key] && key.startsWith(takeOutKey('')))
		.map((key) => key.slice(takeOutKey('').length));
	const packs = await componentPacks(db, codes);
	const cupboard = await listStock(db);
	return packsToTakeOut({
		needKg,
		cupboardKg: Object.fromEntries(cupboard.map(({ itemName, massKg }) => [itemName, massKg])),
		packs: packs.map((pack) => ({ ...pack, taken: taken(pack.code) }))
	});
}
