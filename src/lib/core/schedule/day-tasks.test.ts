import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { proposeSteps } from '../steps/propose-steps.ts';
import type { StepLine } from '../steps/step.ts';
import { oneMore } from './day-outlook.ts';
import { orderOfWork, outlookOf } from './order-of-work.ts';
import { dayTasks, withoutTasks, type DayDish } from './day-tasks.ts';

const line = (itemName: string, cut: string, massKg: number): StepLine => ({
	itemName,
	cut,
	massKg,
	stage: 'pack',
	form: null
});
const dish = (
	id: number,
	name: string,
	lines: StepLine[],
	method: string,
	more: Partial<DayDish> = {}
): DayDish => ({
	id,
	name,
	state: 'cooked',
	batches: 1,
	lines,
	steps: proposeSteps({ lines, method, state: more.state }).steps,
	litres: 3,
	packs: 2,
	cooling: { minutes: 60, resource: 'ice-bath', amount: 1, packedFirst: false },
	...more
});

const tagine = dish(
	1,
	'tagine',
	[line('onion', 'diced', 0.3), line('lamb shoulder', 'in cubes', 1.2)],
	'Brown the lamb. Simmer for 90 minutes.'
);
const dal = dish(2, 'dal', [line('onion', 'diced', 0.2)], 'Boil the rice for 12 minutes. Drain.');
const chicken = dish(
	3,
	'chicken',
	[line('chicken thigh', 'in pieces', 0.8)],
	'Everything raw into the bag.',
	{ state: 'raw', cooling: null }
);
const kitchen = { hands: 1, burner: 2, board: 1, oven: 1, 'ice-bath': 1, sink: 1, bowl: 4 };
const tasks = dayTasks({ dishes: [tagine, dal, chicken], capacity: kitchen });
const task = (id: string) => {
	const found = tasks.find((one) => one.id === id);
	assert.ok(found, `${id} of ${tasks.map((one) => one.id).join(' | ')}`);
	return found;
};

describe('the tasks of a day', () => {
	it('what is cut the same way is cut once, for as long as its parts take, before all its dishes', () => {
		const onions = task('chop:onion, diced');
		assert.deepEqual(onions.dishIds, [1, 2]);
		const alone = (one: DayDish) =>
			dayTasks({ dishes: [one], capacity: kitchen }).find(({ id }) => id === onions.id)
				?.durationMin;
		assert.equal(onions.durationMin, (alone(tagine) ?? 0) + (alone(dal) ?? 0));
		assert.equal(onions.hygiene, 'raw-vegetable');
	});
	it('raw meat is told by its words, also in the pan; a raw pack is filled as raw, a cooked one as ready to eat', () => {
		assert.equal(task('chop:lamb shoulder, in cubes').hygiene, 'raw-meat-fish');
		assert.equal(task('1:2').hygiene, 'raw-meat-fish', 'browning it touches it');
		assert.equal(task('1:3').hygiene, undefined, 'simmering touches nothing');
		assert.equal(task('3:pack').hygiene, 'raw-poultry');
		assert.equal(task('1:pack').hygiene, 'ready-to-eat');
	});
	it('boiled rice may not stand; hot food is put to cool soon; cold before it is packed', () => {
		assert.deepEqual(task('2:2').waits, { '2:1': 15 });
		assert.deepEqual(task('1:cool').after, ['1:3']);
		assert.ok((task('1:cool').waits?.['1:3'] ?? Infinity) <= 5);
		assert.deepEqual(task('1:pack').after, ['1:cool']);
		const bagged = dayTasks({
			dishes: [{ ...tagine, cooling: { ...tagine.cooling!, packedFirst: true } }],
			capacity: kitchen
		});
		assert.deepEqual(bagged.find(({ id }) => id === '1:cool')?.after, ['1:pack']);
	});
	it('what does not fit at once goes in rounds (8 L to a burner, 4 L to this pressure cooker)', () => {
		const big = { ...tagine, litres: 30 };
		const simmer = dayTasks({ dishes: [big], capacity: kitchen }).find(({ id }) => id === '1:3');
		assert.equal(simmer?.uses?.burner, 2);
		assert.equal(simmer?.durationMin, 2 * task('1:3').durationMin);
	});
	it('done the evening before: gone, and what waited for it waits for what it waited for', () => {
		const left = withoutTasks(tasks, new Set(['1:2']));
		assert.ok(!left.some(({ id }) => id === '1:2'));
		assert.deepEqual(
			new Set(left.find(({ id }) => id === '1:3')?.after),
			new Set(task('1:2').after)
		);
	});
	it('kept times take over from the estimate', () => {
		const learned = dayTasks({
			dishes: [tagine],
			capacity: kitchen,
			learned01: { [task('1:3').work]: 1.5 }
		});
		assert.equal(learned.find(({ id }) => id === '1:3')?.durationMin, 135);
	});
});

describe('what holds the day back', () => {
	const ask = {
		day: { dishes: [tagine, dal, chicken], capacity: kitchen },
		states: {},
		nowMin: 0,
		pauses: [],
		iterations: 60
	};
	const found = orderOfWork(ask);
	const { plan } = found;
	const outlook = outlookOf({ question: ask, found });
	it('what is promised is what planning that day brings, and never below its own bound', () => {
		const order = Object.keys(plan.startMin).sort((a, b) => plan.startMin[a] - plan.startMin[b]);
		for (const help of outlook.helps) {
			const { day } = ask;
			const changed =
				help.kind === 'one-more'
					? { ...day, capacity: oneMore(day.capacity, help.resource) }
					: help.kind === 'drop-dish'
						? { ...day, dishes: day.dishes.filter(({ id }) => id !== help.dishId) }
						: { ...day, doneBefore: help.tasks };
			const shorter = orderOfWork({ ...ask, day: changed, order }).plan;
			assert.equal(plan.endMin - shorter.endMin, help.gainMin);
			assert.ok(shorter.endMin >= shorter.lowerBoundMin - 1e-6);
		}
		assert.ok(outlook.helps.some((help) => help.kind === 'drop-dish' && help.dishId === 1));
	});
	it('the longest dish is named when its chain is what binds', () => {
		assert.deepEqual(outlook.heldBy, { kind: 'dish', dishId: 1 });
	});
});
