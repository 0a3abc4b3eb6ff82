import {
	boardsOf,
	cansOf,
	type ComponentPack,
	dayState,
	packsToTakeOut,
	prepLists,
	takeOutKey
} from '../../../core/schedule/index.ts';
import { scaledLine } from '../../../core/foods/index.ts';
import { stepPlaces } from '../../../core/steps/index.ts';
import { lineAmountText } from '../../../present/amounts.ts';
import type { Habit } from '../../../present/habit.ts';
import type { Db } from '../../db/db.ts';
import { stepsOfDish } from '../dishes/steps-of-dish.ts';
import { eventsOfDay, type DayAt } from '../../queries/days.ts';
import { needKgByItem, unpromisedPacks } from './promised.ts';
import { componentPacks, listStock } from '../../queries/pantry.ts';
import { packsOf, plannedDishes, type PlannedDish } from './day-dishes.ts';

/** Everything that is got ready for a day: lists over all dishes, vessels, packs and labels. */
export async function prepDay(db: Db, day: DayAt, habit: Habit, today: string) {
	const planned = await plannedDishes(db, day.id);
	const lists = prepLists(
		planned.map(({ row, dish }) => ({
			id: dish.id,
			name: dish.name,
			state: dish.state,
			batches: row.batches,
			lines: dish.lines
				.filter(({ understood }) => understood !== 'heading')
				.map((line) => ({
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
	const takeOut = await componentsOf(db, day, planned, today);
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
		boards: boardsOf(lists.chop),
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
	day: DayAt,
	planned: readonly PlannedDish[],
	today: string
): Promise<ComponentPack[]> {
	const { ticked } = dayState(await eventsOfDay(db, day.id));
	const taken = (code: string) => ticked[takeOutKey(code)] ?? false;
	const codes = Object.keys(ticked)
		.filter((key) => ticked[key] && key.startsWith(takeOutKey('')))
		.map((key) => key.slice(takeOutKey('').length));
	const packs = await componentPacks(db, codes);
	const cupboard = await listStock(db);
	const free = await unpromisedPacks(db, day, today, {
		packs: packs.map((pack) => ({ ...pack, taken: taken(pack.code) })),
		cupboardKg: Object.fromEntries(cupboard.map(({ itemName, massKg }) => [itemName, massKg]))
	});
	return packsToTakeOut({ needKg: needKgByItem(planned), ...free });
}
