import { stepMin, type DishStep, type StepLine } from '../steps/step.ts';
import { findItem } from '../foods/find-item.ts';
import { dayWork, placeL } from '../published/day-work.ts';
import { otherPieces } from '../published/step-verbs.ts';
import { hands, type Task } from './task.ts';
import { isRawAnimalClass } from '../foods/raw-class.ts';
import { cookingThrough, keptWaits, rawOf, stepHygiene, type StepWait } from './step-hygiene.ts';

/** How a dish's hot vessels are cooled, as the run sheet needs it. */
export interface DayCooling {
	minutes: number;
	/** what the vessels occupy */
	resource: 'ice-bath' | 'refrigerator' | null;
	/** how much of it: baths, or litres in the refrigerator */
	amount: number;
	/** pots, dishes or bags that are brought there */
	vessels?: number;
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
	/** what comes in pieces: how many of all batches; they are frozen apart before they are bagged */
	pieces?: number | null;
}

export type DayTaskKind =
	| 'chop'
	/** cut meat goes back into the refrigerator */
	| 'put-back'
	| 'step'
	/** brings the oven to its temperature */
	| 'heat-oven'
	/** stirring or turning what goes by itself */
	| 'tend'
	| 'cool'
	| 'stir'
	/** pieces freezing apart on a tray */
	| 'tray'
	| 'pack'
	| 'pause';

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
/** Putting back what a task has cut. */
const backId = (chop: string) => `${chop}:back`;
export const packId = (dishId: number) => `${dishId}:pack`;

/** What a day's tasks are made of. */
export interface DayTasksInput {
	dishes: readonly DayDish[];
	capacity: Readonly<Record<string, number>>;
	litresIn?: Readonly<Record<string, number>>;
	learned01?: Readonly<Record<string, number>>;
	/** minutes this oven takes to get hot, where the cook has said nothing else at the step */
	preheatMin?: number;
	/** tasks done the evening before */
	doneBefore?: readonly string[];
	/** cut meat is put back into the refrigerator until it is wanted; otherwise it may lie half an hour, where one dish wants it */
	putBack?: boolean;
}

/**
 * The tasks of a packing day: what is cut the same way for several dishes is cut once; each step with its place for all batches
 * (in rounds when it does not fit at once); then cooling and packing. `litresIn` says what closed cookers hold, `learned01` how
 * the household's kept times compare with the estimates, `doneBefore` names tasks done the evening before.
 */
export function dayTasks(input: DayTasksInput): DayTask[] {
	const tasks = new Map<string, EstimatedTask>();
	for (const dish of input.dishes) {
		const waits = keptWaits(dish.steps, dish.lines);
		const through = cookingThrough(dish.steps, dish.lines);
		const ids = dish.steps.map((step, i) =>
			step.place === 'board' ? chopId(step.text) : stepId(dish.id, i)
		);
		dish.steps.forEach((step, i) => {
			const made = stepTask(dish, i, ids, waits.get(i), input);
			if (through.has(i)) made.cooksThrough = true;
			const tend = tendTask(dish, step, made);
			if (tend) tasks.set(tend.id, tend);
			const same = tasks.get(made.id);
			if (same) {
				same.durationMin += made.durationMin;
				same.after = [...new Set([...(same.after ?? []), ...(made.after ?? [])])];
				same.dishIds.push(dish.id);
			} else tasks.set(made.id, made);
		});
		for (const task of closingTasks(dish, ids)) tasks.set(task.id, task);
	}
	const all = withPutBacks([...tasks.values()], input.putBack ?? false).map(
		({ durationMin: baseMin, ...task }) => ({
			...task,
			baseMin,
			dishIds: [...new Set(task.dishIds)],
			durationMin: Math.max(1, Math.round(baseMin * (input.learned01?.[task.work] ?? 1)))
		})
	);
	return withoutTasks(all, withCompanions(all, input.doneBefore ?? []));
}

/** Tasks that are done, and what goes with them: looking after them, putting cut meat back. */
export function withCompanions(tasks: readonly Task[], ids: Iterable<string>): Set<string> {
	const gone = new Set(ids);
	for (const { id, within } of tasks) if (within && gone.has(within.id)) gone.add(id);
	for (const id of [...gone]) gone.add(backId(id));
	return gone;
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
		.map((task) => {
			const { within, waits } = task;
			const after = openOf(task.after);
			const keeps = within && gone.has(within.id) ? undefined : within;
			return {
				...task,
				after,
				...(within && { within: keeps }),
				...(waits && { waits: onlyWaits(waits, (id) => after.includes(id)) })
			};
		});
}

/** The waits after some of the predecessors; undefined when none is left. */
function onlyWaits(
	waits: Readonly<Record<string, number>>,
	keep: (id: string) => boolean
): Record<string, number> | undefined {
	const left = Object.entries(waits).filter(([id]) => keep(id));
	return left.length > 0 ? Object.fromEntries(left) : undefined;
}

/** The same longest wait after each of some tasks. */
const waitsAfter = (ids: readonly string[], waitMin: number): Record<string, number> =>
	Object.fromEntries(ids.map((id) => [id, waitMin]));

function stepTask(
	dish: DayDish,
	at: number,
	ids: readonly string[],
	waits: ReadonlyMap<number, StepWait> | undefined,
	{ capacity, litresIn = {}, preheatMin = dayWork.preheatMin }: DayTasksInput
): EstimatedTask {
	const step = dish.steps[at];
	const id = ids[at];
	const { place } = step;
	const hygiene = stepHygiene(step, dish.lines);
	const after = step.after.flatMap((i) => (ids[i] && ids[i] !== id ? [ids[i]] : []));
	const limits = Object.fromEntries(
		[...(waits ?? [])].flatMap(([i, { maxMin }]) =>
			after.includes(ids[i]) ? [[ids[i], maxMin]] : []
		)
	);
	const common = {
		id,
		text: step.text,
		dishIds: [dish.id],
		work: place === 'board' ? id : `${dish.id}:${step.text}`,
		after,
		...(Object.keys(limits).length > 0 && { waits: limits }),
		...(place === 'oven' && step.ovenC !== undefined && { ovenC: step.ovenC })
	};
	if (step.heats)
		return {
			...common,
			kind: 'heat-oven',
			heats: true,
			durationMin: step.minutes === dayWork.preheatMin ? preheatMin : step.minutes,
			uses: { [hands]: 1 },
			handsMin: dayWork.switchOnMin
		};
	const most = Math.max(1, capacity[place] ?? 0);
	const wanted = roomsWanted(dish, step, litresIn[place] ?? placeL[place] ?? Infinity);
	const rounds = Math.ceil(wanted / most);
	return {
		...common,
		kind: place === 'board' ? 'chop' : 'step',
		durationMin: stepMin(step, dish.batches) * rounds,
		uses: {
			...(step.hands && { [hands]: 1 }),
			...(place !== 'none' && { [place]: Math.min(wanted, most) })
		},
		...(hygiene && { hygiene })
	};
}

/** Pots, shelves or bowls a step fills: by its litres, in the oven by its trays of pieces. */
function roomsWanted(dish: DayDish, step: DishStep, holdsL: number): number {
	const trays =
		step.place === 'oven' && step.pieces !== undefined
			? (step.pieces * dish.batches) / (step.perTray ?? otherPieces.perTray)
			: dish.litres / holdsL;
	return Math.max(1, Math.ceil(trays - 1e-9));
}

/** Stirring and turning: hands while something goes by itself. */
function tendTask(dish: DayDish, step: DishStep, whole: EstimatedTask): EstimatedTask | null {
	if (step.hands || !step.tendMin) return null;
	return {
		id: `${whole.id}:tend`,
		kind: 'tend',
		text: step.text,
		dishIds: [dish.id],
		work: `${whole.work}:tend`,
		durationMin: Math.min(step.tendMin, whole.durationMin),
		uses: { [hands]: 1 },
		within: { id: whole.id, from01: tendFrom01 }
	};
}
/** What goes by itself is looked after once a third of it is over. */
const tendFrom01 = 1 / 3;

/**
 * Cut raw meat and fish that more than one step wants, or all of it, goes back into the refrigerator: what waited for the cutting
 * waits for that, as long as it likes.
 */
function withPutBacks(tasks: readonly EstimatedTask[], all: boolean): EstimatedTask[] {
	const backs = new Map<string, EstimatedTask>();
	for (const task of tasks) {
		if (task.kind !== 'chop' || !isRawAnimalClass(task.hygiene)) continue;
		const followers = tasks.filter(({ after }) => after?.includes(task.id)).length;
		if (followers < 2 && !all) continue;
		backs.set(task.id, {
			id: backId(task.id),
			kind: 'put-back',
			text: task.text,
			dishIds: task.dishIds,
			work: 'put-back',
			durationMin: dayWork.putBackMin,
			after: [task.id],
			waits: { [task.id]: dayWork.rawWaitMin },
			uses: { [hands]: 1 },
			hygiene: task.hygiene
		});
	}
	const through = (id: string) => backs.get(id)?.id ?? id;
	return tasks.flatMap((task) => {
		const { waits } = task;
		const own = {
			...task,
			after: task.after?.map(through),
			...(waits && { waits: onlyWaits(waits, (id) => !backs.has(id)) })
		};
		const back = backs.get(task.id);
		return back ? [own, back] : [own];
	});
}

/** Cooling, freezing pieces apart and packing, after the last steps. */
function closingTasks(dish: DayDish, ids: readonly string[]): EstimatedTask[] {
	const waitedFor = new Set(dish.steps.flatMap((step) => step.after.map((i) => ids[i])));
	const last = [...new Set(ids.filter((id) => !waitedFor.has(id)))];
	const raw = dish.state === 'raw' ? rawOf(dish.lines) : null;
	const { cooling } = dish;
	const packFirst = cooling?.packedFirst ?? false;
	const common = { text: dish.name, dishIds: [dish.id] };
	const cooled = cooling && !packFirst ? [coolId(dish.id)] : last;
	const apart = dish.pieces && !packFirst ? trayTask(dish, cooled, raw) : null;
	const pack: EstimatedTask = {
		...common,
		id: packId(dish.id),
		kind: 'pack',
		work: `${dish.id}:pack`,
		durationMin: dayWork.packSetUpMin + dayWork.perPackMin * dish.packs,
		after: apart ? [apart.id] : cooled,
		uses: { [hands]: 1 },
		hygiene: raw ?? 'ready-to-eat',
		...(cooling && packFirst && { waits: waitsAfter(last, dayWork.hotFillWaitMin) }),
		...(!cooling && raw && !apart && { maxWaitMin: dayWork.rawWaitMin })
	};
	const closing = apart ? [apart, pack] : [pack];
	if (!cooling) return closing;
	const vessels = cooling.vessels ?? 1;
	const before = packFirst ? [pack.id] : last;
	const cool: EstimatedTask = {
		...common,
		id: coolId(dish.id),
		kind: 'cool',
		work: `${dish.id}:cool`,
		durationMin: cooling.minutes,
		after: before,
		waits: waitsAfter(before, dayWork.hotWaitMin),
		uses: { [hands]: 1, ...(cooling.resource && { [cooling.resource]: cooling.amount }) },
		handsMin: Math.min(cooling.minutes, dayWork.toCoolMin * vessels),
		hygiene: 'ready-to-eat'
	};
	if (!cooling.stirred) return [cool, ...closing];
	const stir: EstimatedTask = {
		...common,
		id: `${dish.id}:stir`,
		kind: 'stir',
		work: `${dish.id}:stir`,
		durationMin: Math.max(1, Math.ceil(cooling.minutes * dayWork.stirring01)),
		within: { id: cool.id, from01: 0.05 },
		uses: { [hands]: 1 },
		hygiene: 'ready-to-eat'
	};
	return [cool, stir, ...closing];
}

/** Pieces laid out on trays, and frozen until they no longer stick to each other. */
function trayTask(
	dish: DayDish,
	after: string[],
	raw: EstimatedTask['hygiene'] | null
): EstimatedTask {
	return {
		id: `${dish.id}:tray`,
		kind: 'tray',
		text: dish.name,
		dishIds: [dish.id],
		work: `${dish.id}:tray`,
		durationMin: dayWork.freezeApartMin,
		after,
		uses: { [hands]: 1 },
		handsMin: Math.max(1, Math.ceil((dish.pieces ?? 0) * dayWork.layOutMin)),
		hygiene: raw ?? 'ready-to-eat',
		...(raw && { waits: waitsAfter(after, dayWork.rawWaitMin) })
	};
}
