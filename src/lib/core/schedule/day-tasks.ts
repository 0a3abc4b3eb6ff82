import { stepMin, type DishStep, type StepLine } from '../steps/propose-steps.ts';
import { findItem } from '../foods/find-item.ts';
import { dayWork, placeL, shortWaits } from '../published/day-work.ts';
import { hands, type Task } from './task.ts';
import { cooksMeatThrough, rawOf, stepHygiene } from './step-hygiene.ts';

/** How a dish's hot vessels are cooled, as the run sheet needs it. */
export interface DayCooling {
	minutes: number;
	/** what the vessels occupy */
	resource: 'ice-bath' | 'refrigerator' | null;
	/** how much of it: baths, or litres in the refrigerator */
	amount: number;
	/** filled into bags first, then cooled */
	packedFirst: boolean;
	/** somebody stirs it meanwhile */
	stirred?: boolean;
}

export interface DayDish {
	id: number;
	name: string;
	state: 'raw' | 'cooked';
	batches: number;
	steps: readonly DishStep[];
	lines: readonly StepLine[];
	/** litres of all batches */
	litres: number;
	/** containers to fill */
	packs: number;
	/** null: nothing of it gets hot */
	cooling: DayCooling | null;
}

export type DayTaskKind = 'chop' | 'step' | 'cool' | 'stir' | 'pack' | 'pause';

export interface DayTask extends Task {
	kind: DayTaskKind;
	/** what is done: a step's own words; for cooling and packing the dish's name */
	text: string;
	dishIds: number[];
	/** the same work on another day: what kept times are looked up by */
	work: string;
	/** minutes as estimated, before the household's own times */
	baseMin: number;
	/** cooks meat or fish through: can be done the evening before and chilled */
	cooksThrough?: boolean;
}

/** A task before the household's own times are put on it. */
type EstimatedTask = Omit<DayTask, 'baseMin'>;

/** What is cut, by the catalogue, and how: "onions, diced" of one dish is "onion, diced" of another. */
export function chopId(text: string): string {
	const [words, ...how] = text.split(',').map((part) => part.trim());
	return `chop:${[findItem(words)?.name ?? words, ...how].join(', ').toLowerCase()}`;
}
export const stepId = (dishId: number, index: number) => `${dishId}:${index}`;
export const coolId = (dishId: number) => `${dishId}:cool`;
export const packId = (dishId: number) => `${dishId}:pack`;

/**
 * The tasks of a packing day: what is cut the same way for several dishes is cut once; each step with its place for all batches
 * (in rounds when it does not fit at once); then cooling and packing. `litresIn` says what closed cookers hold, `learned01` how
 * the household's kept times compare with the estimates, `doneBefore` names tasks done the evening before.
 */
export function dayTasks(input: {
	dishes: readonly DayDish[];
	capacity: Readonly<Record<string, number>>;
	litresIn?: Readonly<Record<string, number>>;
	learned01?: Readonly<Record<string, number>>;
	doneBefore?: ReadonlySet<string>;
}): DayTask[] {
	const tasks = new Map<string, EstimatedTask>();
	for (const dish of input.dishes) {
		const ids = dish.steps.map((step, i) =>
			step.place === 'board' ? chopId(step.text) : stepId(dish.id, i)
		);
		dish.steps.forEach((step, i) => {
			const made = stepTask(dish, step, ids[i], ids, input);
			const same = tasks.get(made.id);
			if (same) {
				same.durationMin += made.durationMin;
				same.after = [...new Set([...(same.after ?? []), ...(made.after ?? [])])];
				same.dishIds.push(dish.id);
			} else tasks.set(made.id, made);
		});
		for (const task of closingTasks(dish, ids)) tasks.set(task.id, task);
	}
	const all = [...tasks.values()].map(({ durationMin: baseMin, ...task }) => ({
		...task,
		baseMin,
		dishIds: [...new Set(task.dishIds)],
		durationMin: Math.max(1, Math.round(baseMin * (input.learned01?.[task.work] ?? 1)))
	}));
	return withoutTasks(all, input.doneBefore ?? new Set());
}

/** The tasks without some that are done: what waited for them waits for what they waited for. */
export function withoutTasks<T extends Task>(tasks: readonly T[], gone: ReadonlySet<string>): T[] {
	const byId = new Map(tasks.map((task) => [task.id, task]));
	const known = new Map<string, string[]>();
	/** what stands in for a task: itself, or whatever is left of what it waited for */
	const open = (id: string): string[] => {
		if (!gone.has(id)) return [id];
		const found = known.get(id) ?? openOf(byId.get(id)?.after);
		known.set(id, found);
		return found;
	};
	const openOf = (ids: readonly string[] = []) => [...new Set(ids.flatMap(open))];
	return tasks
		.filter(({ id }) => !gone.has(id))
		.map((task) => ({ ...task, after: openOf(task.after) }));
}

function stepTask(
	dish: DayDish,
	step: DishStep,
	id: string,
	ids: readonly string[],
	{ capacity, litresIn = {} }: Parameters<typeof dayTasks>[0]
): EstimatedTask {
	const { place } = step;
	const holdsL = litresIn[place] ?? placeL[place] ?? Infinity;
	const wanted = Math.max(1, Math.ceil(dish.litres / holdsL - 1e-9));
	const most = Math.max(1, capacity[place] ?? 0);
	const rounds = Math.ceil(wanted / most);
	const hygiene = stepHygiene(step, dish.lines);
	const boiled = step.after
		.map((i) => dish.steps[i])
		.filter((before) => before?.place === 'burner');
	const wait = shortWaits.find(({ words }) => boiled.some((before) => words.test(before.text)));
	return {
		id,
		kind: place === 'board' ? 'chop' : 'step',
		text: step.text,
		dishIds: [dish.id],
		work: place === 'board' ? id : `${dish.id}:${step.text}`,
		durationMin: stepMin(step, dish.batches) * rounds,
		after: step.after.flatMap((i) => (ids[i] && ids[i] !== id ? [ids[i]] : [])),
		uses: {
			...(step.hands && { [hands]: 1 }),
			...(place !== 'none' && { [place]: Math.min(wanted, most) })
		},
		...(hygiene && { hygiene }),
		...(wait && { maxWaitMin: wait.maxWaitMin }),
		...(cooksMeatThrough(step, dish.lines) && { cooksThrough: true }),
		...(place === 'oven' && step.ovenC !== undefined && { ovenC: step.ovenC })
	};
}

/** Cooling and packing, after the last steps. */
function closingTasks(dish: DayDish, ids: readonly string[]): EstimatedTask[] {
	const waitedFor = new Set(dish.steps.flatMap((step) => step.after.map((i) => ids[i])));
	const last = [...new Set(ids.filter((id) => !waitedFor.has(id)))];
	const raw = dish.state === 'raw' ? rawOf(dish.lines) : null;
	const { cooling } = dish;
	const packFirst = cooling?.packedFirst ?? false;
	const common = { text: dish.name, dishIds: [dish.id] };
	const pack: EstimatedTask = {
		...common,
		id: packId(dish.id),
		kind: 'pack',
		work: `${dish.id}:pack`,
		durationMin: dayWork.packSetUpMin + dayWork.perPackMin * dish.packs,
		after: cooling && !packFirst ? [coolId(dish.id)] : last,
		uses: { [hands]: 1 },
		hygiene: raw ?? 'ready-to-eat',
		...(cooling && packFirst && { maxWaitMin: dayWork.hotWaitMin }),
		...(!cooling && raw && { maxWaitMin: dayWork.rawWaitMin })
	};
	if (!cooling) return [pack];
	const cool: EstimatedTask = {
		...common,
		id: coolId(dish.id),
		kind: 'cool',
		work: `${dish.id}:cool`,
		durationMin: cooling.minutes,
		after: packFirst ? [pack.id] : last,
		uses: cooling.resource ? { [cooling.resource]: cooling.amount } : {},
		maxWaitMin: dayWork.hotWaitMin
	};
	if (!cooling.stirred) return [cool, pack];
	const stir: EstimatedTask = {
		...common,
		id: `${dish.id}:stir`,
		kind: 'stir',
		work: `${dish.id}:stir`,
		durationMin: Math.max(1, Math.ceil(cooling.minutes * dayWork.stirring01)),
		after: last,
		uses: { [hands]: 1 },
		hygiene: 'ready-to-eat',
		maxWaitMin: dayWork.hotWaitMin
	};
	return [cool, stir, pack];
}
