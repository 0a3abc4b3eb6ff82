import { requireRange } from '../require-range.ts';
import { buildSchedule, sumOfWaits, type Budget, type Built } from './build-schedule.ts';
import { leastMin, lowerBoundMin, tailsMin } from './lower-bound.ts';
import { forEachOrder, linkedOrder, listBy, moved, startLists, tiedBlocks } from './task-lists.ts';
import { sameMin, type DayInput, type DaySchedule, type SearchWatch, type Task } from './task.ts';

const defaultIterations = 300;
/** So many tasks are tried in every order. */
const fewTasks = 7;
/** Putting down the whole list so often for each asked iteration, and at least, before the search ends: delays count, too. */
const listsPerIteration = 3;
const leastLists = 60;
/** A list that ends later by less than this share may lead on, the less the longer the search goes on. */
const mostPatience01 = 0.03;
/** How often a search that is watched looks up, moves. */
const watchEvery = 10;

/** Numbers from 0 to 1 from a seed (Park and Miller's generator). */
function numbersFrom(seed: number): () => number {
	let state = (Math.abs(Math.floor(seed)) % 2_147_483_646) + 1;
	return () => {
		state = (state * 48_271) % 2_147_483_647;
		return state / 2_147_483_647;
	};
}

/**
 * A day's tasks on limited hands and appliances: shortest day first, then fewest washes, then what has the longest chain behind it
 * earliest. Resource-constrained project scheduling by a serial schedule generation scheme over activity lists: tasks are placed one
 * after the other at their earliest feasible moment; lists come from priority rules (longest tail first) and are improved by seeded
 * moves of one task or of tasks that may not wait for each other. Up to seven tasks every order is tried, within the same budget.
 * `optimal` when the lower bound is met, or when every order was tried and neither waits nor washes bind. Throws coded errors for
 * numbers that are none.
 */
export function scheduleDay(input: DayInput, watch: SearchWatch = {}): DaySchedule {
	const { capacity } = input;
	const changeoverMin = requireRange('changeoverMin', input.changeoverMin ?? 5, 0, 240);
	for (const [name, of] of Object.entries(capacity)) requireRange(name, of, 0, 1000);
	const tasks = input.tasks.map((task) => checked(task));
	const bound = lowerBoundMin(tasks, capacity);
	const none = noSchedule(Number.isFinite(bound) ? bound : 0);
	if (tasks.length === 0) return { ...none, outcome: 'optimal' };
	const order = linkedOrder(tasks);
	if (!order) return none;
	const rounds = input.quick
		? 0
		: requireRange('iterations', input.iterations ?? defaultIterations, 0, 1e6);
	const budget: Budget = { puts: tasks.length * (leastLists + listsPerIteration * rounds) };
	const costOf = costs(tasks);
	const rules = { capacity, changeoverMin, pastWaits: input.pastWaits };
	let best: { built: Built; cost: Cost } | null = null;
	let triedAll = false;
	const plain = tasks.every(isPlain);
	const asSchedule = (): DaySchedule => {
		if (!best) return none;
		const found = best.built.placement.found();
		const proven = found.endMin <= bound + sameMin || (triedAll && plain);
		return {
			...found,
			...(input.pastWaits && { overWaitMin: best.built.overWaitMin }),
			lowerBoundMin: proven && triedAll && plain ? found.endMin : bound,
			outcome: proven ? 'optimal' : 'budget'
		};
	};
	const tailMin = tailsMin(tasks, leastMin(tasks));
	/** the list the search goes on from: the best, or one that is hardly worse */
	let current: { list: Task[]; cost: Cost } | null = null;
	const offer = (
		list: Task[],
		done01: number,
		patience01 = 0,
		inTurn?: ReadonlyMap<string, number>
	): void => {
		const within = current && {
			mostMin: current.cost.endMin * (1 + patience01),
			tailMin
		};
		const built = buildSchedule(list, { ...rules, inTurn, ...(within && { within }) }, budget);
		if (!built) return;
		const cost = costOf(built);
		const patient = { ...cost, endMin: cost.endMin / (1 + patience01) };
		if (!current || compare(patience01 > 0 ? patient : cost, current.cost) <= 0)
			current = { list, cost };
		const gain = best ? compare(cost, best.cost) : -1;
		if (gain > 0) return;
		best = { built, cost };
		if (gain < 0) watch.onBetter?.(asSchedule(), done01);
	};
	const reached = () =>
		best !== null && best.cost.endMin <= bound + sameMin && best.cost.changeovers === 0;
	const blocks = tiedBlocks(order);
	const lists = startLists(tasks, blocks);
	for (const list of input.quick ? lists.slice(0, 1) : lists) offer(list, 0);
	if (input.order) {
		const place = new Map(input.order.map((id, i) => [id, i]));
		offer(
			listBy(order, ({ id }) => place.get(id) ?? tasks.length),
			0
		);
	}
	if (!best) {
		const inTurn = new Map(blocks.flatMap((block, i) => block.map(({ id }) => [id, i])));
		for (const list of lists) offer(list, 0, 0, inTurn);
	}
	const free = tasks.filter((task) => task.fixedStartMin === undefined);
	if (free.length <= fewTasks && !input.quick) {
		forEachOrder(order, (list) => {
			offer(list, 1);
			return !reached() && budget.puts > 0;
		});
		triedAll = budget.puts > 0;
	} else {
		const random = numbersFrom(input.seed ?? 1);
		for (let i = 0; i < rounds && !reached() && budget.puts > 0; i++) {
			if (i % watchEvery === 0 && watch.shouldStop?.()) break;
			const from = (current as { list: Task[] } | null)?.list ?? order;
			const left01 = 1 - i / rounds;
			offer(moved(from, blocks, random), (i + 1) / rounds, mostPatience01 * left01 * random());
		}
	}
	return asSchedule();
}

/** What an answer is when there is no such day. */
const noSchedule = (bound: number): DaySchedule => ({
	startMin: {},
	endMin: 0,
	lowerBoundMin: bound,
	changeovers: 0,
	outcome: 'infeasible',
	cooks: {},
	alreadyHot: []
});

/** Tasks for which an order is all there is to choose. */
const isPlain = (task: Task): boolean =>
	task.maxWaitMin === undefined &&
	task.waits === undefined &&
	task.within === undefined &&
	task.hygiene === undefined &&
	!task.heats;

/** What is made small, in this order. */
interface Cost {
	/** that food waits too long for what has started */
	overWaitMin: number;
	endMin: number;
	changeovers: number;
	/** minutes by which long chains begin late: starts, weighed by what is behind them */
	lateStarts: number;
}

function costs(tasks: readonly Task[]): (built: Built) => Cost {
	const tails = tailsMin(tasks);
	return ({ placement, overWaitMin }) => ({
		overWaitMin: sumOfWaits(overWaitMin),
		endMin: placement.endMin(),
		changeovers: placement.changeovers(),
		lateStarts: placement.placed.reduce(
			(sum, { task, startMin }) => sum + startMin * (tails.get(task.id) ?? 0),
			0
		)
	});
}

const compare = (a: Cost, b: Cost): number =>
	Math.abs(a.overWaitMin - b.overWaitMin) > 1
		? a.overWaitMin - b.overWaitMin
		: Math.abs(a.endMin - b.endMin) > sameMin
			? a.endMin - b.endMin
			: a.changeovers - b.changeovers || a.lateStarts - b.lateStarts;

function checked(task: Task): Task {
	requireRange('durationMin', task.durationMin, 0, 1e5);
	if (task.ovenC !== undefined) requireRange('ovenC', task.ovenC, 0, 400);
	if (task.fixedStartMin !== undefined) requireRange('fixedStartMin', task.fixedStartMin, 0, 1e6);
	if (task.notBeforeMin !== undefined) requireRange('notBeforeMin', task.notBeforeMin, 0, 1e6);
	if (task.maxWaitMin !== undefined) requireRange('maxWaitMin', task.maxWaitMin, 0, 1e6);
	for (const wait of Object.values(task.waits ?? {})) requireRange('waits', wait, 0, 1e6);
	for (const [name, amount] of Object.entries(task.uses ?? {})) requireRange(name, amount, 0, 1e6);
	return task;
}
