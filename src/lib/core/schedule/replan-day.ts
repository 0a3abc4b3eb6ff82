import { withoutTasks } from './day-tasks.ts';
import { movedTasks, type MovedTask } from './moved-tasks.ts';
import { steadyPlan } from './steady-plan.ts';
import { scheduleDay } from './schedule-day.ts';
import {
	hands,
	needsWash,
	sameMin,
	type DayInput,
	type DaySchedule,
	type SearchWatch,
	type Task
} from './task.ts';

/** What has become of a task, in minutes of the day. */
export interface TaskState {
	startedMin?: number;
	endedMin?: number;
	/** not done today: what waits for it goes on without it */
	skipped?: boolean;
	/** said to take so much longer */
	extraMin?: number;
	/** moved by hand */
	notBeforeMin?: number;
}

export interface ReplanInput {
	tasks: readonly Task[];
	states: Readonly<Record<string, TaskState>>;
	nowMin: number;
	capacity: Readonly<Record<string, number>>;
	/** resources that turn out slower than thought: 1.3 for a third more */
	slow01?: Readonly<Record<string, number>>;
	changeoverMin?: number;
	iterations?: number;
	seed?: number;
	/** ids in the order of an earlier plan: the search starts from it, too */
	order?: readonly string[];
	/** where the plan so far has its tasks begin, minutes of the day: what can stays there */
	before?: Readonly<Record<string, number>>;
}

export interface Replan extends DaySchedule {
	/** planned minutes of each task, as they are now thought to be */
	durationMin: Record<string, number>;
	/** tasks whose longest wait has run out already, or that no order could keep */
	waitedTooLong: string[];
	/** what begins elsewhere than in the plan before, the next to begin first */
	moved: MovedTask[];
}

/** Something overdue is taken to need this much longer, minutes. */
const overdueMin = 2;

/**
 * The rest of a day planned anew: what has started stays where it is, what has ended or is skipped is out of the way, nothing
 * else starts before now, and what need not move stays where the plan before had it. Times come back in minutes of the day. When no order keeps all the waits, they are let go and named.
 */
export function replanDay(input: ReplanInput, watch: SearchWatch = {}): Replan {
	const { states, nowMin, slow01 = {} } = input;
	const durationMin: Record<string, number> = {};
	const startMin: Record<string, number> = {};
	const gone = new Set<string>();
	for (const task of input.tasks) {
		const state = states[task.id] ?? {};
		durationMin[task.id] = expectedMin(task, state.extraMin, slow01);
		if (state.startedMin !== undefined) startMin[task.id] = state.startedMin;
		if (state.endedMin !== undefined) {
			durationMin[task.id] = Math.max(0, state.endedMin - (state.startedMin ?? state.endedMin));
			gone.add(task.id);
		} else if (state.skipped) gone.add(task.id);
	}
	const waitedTooLong: string[] = [];
	const running: Task[] = [];
	const open: Task[] = [];
	const used: Record<string, number> = {};
	const overWith = (task: Task) =>
		task.within !== undefined &&
		gone.has(task.within.id) &&
		states[task.id]?.startedMin === undefined;
	for (const task of withoutTasks(input.tasks, gone)) {
		// what was to be done while something went on that is over
		if (overWith(task)) continue;
		const started = states[task.id]?.startedMin;
		if (started === undefined) {
			open.push(openTask(task));
			continue;
		}
		const dueMin = started + durationMin[task.id] - nowMin;
		const leftMin = dueMin > sameMin ? dueMin : overdueMin;
		durationMin[task.id] = nowMin + leftMin - started;
		running.push({
			...task,
			after: [],
			maxWaitMin: undefined,
			waits: undefined,
			within: undefined,
			durationMin: leftMin,
			...(task.handsMin !== undefined && {
				handsMin: Math.max(0, task.handsMin - (nowMin - started))
			}),
			fixedStartMin: 0
		});
		for (const [name, amount] of Object.entries(task.uses ?? {}))
			used[name] = (used[name] ?? 0) + amount;
	}

	function openTask(task: Task): Task {
		const { fixedStartMin, notBeforeMin = 0, ...rest } = task;
		const moved = Math.max(notBeforeMin, states[task.id]?.notBeforeMin ?? 0) - nowMin;
		return {
			...rest,
			durationMin: durationMin[task.id],
			...(fixedStartMin !== undefined && { fixedStartMin: Math.max(0, fixedStartMin - nowMin) }),
			...(moved > 0 && { notBeforeMin: moved }),
			...waitsLeft(task),
			...waitLeft(task),
			...(task.within && { within: withinLeft(task.within) })
		};
	}

	/** The share of what is left of a task under way after which another is done within it. */
	function withinLeft({ id, from01 }: NonNullable<Task['within']>): Task['within'] {
		const started = states[id]?.startedMin;
		if (started === undefined) return { id, from01 };
		const leftMin = started + durationMin[id] - nowMin;
		const fromMin = started + from01 * durationMin[id] - nowMin;
		return { id, from01: leftMin > 0 ? Math.max(0, fromMin / leftMin) : 0 };
	}

	/** What is left of a wait whose predecessors have all ended: the task has a latest start, as a link to a moment that is now. */
	function waitLeft(task: Task): Partial<Task> {
		const own = input.tasks.find(({ id }) => id === task.id);
		if (task.maxWaitMin === undefined || !own?.after?.length) return {};
		const ends = own.after.map((id) => states[id]?.endedMin);
		if (ends.some((end) => end === undefined)) return {};
		const leftMin = Math.max(...ends.map((end) => end ?? 0)) + task.maxWaitMin - nowMin;
		if (leftMin >= 0) return { after: [nowId], maxWaitMin: leftMin };
		waitedTooLong.push(task.id);
		return { maxWaitMin: undefined };
	}

	/** The same for waits after one predecessor each: those that have ended are no predecessors any more. */
	function waitsLeft(task: Task): Partial<Task> {
		const own = input.tasks.find(({ id }) => id === task.id);
		let leastMin = Infinity;
		for (const [id, wait] of Object.entries(own?.waits ?? {})) {
			const endedMin = states[id]?.endedMin;
			if (endedMin !== undefined) leastMin = Math.min(leastMin, endedMin + wait - nowMin);
		}
		if (leastMin === Infinity) return {};
		if (leastMin >= 0)
			return {
				after: [...(task.after ?? []), nowId],
				waits: { ...task.waits, [nowId]: leastMin }
			};
		waitedTooLong.push(task.id);
		return {};
	}

	// what has started may use more than there is (a third burner lit after all): then that much there is
	const capacity = Object.fromEntries(
		Object.entries({ ...used, ...input.capacity }).map(([name, most]) => [
			name,
			Math.max(most, used[name] ?? 0)
		])
	);
	const touched = lastTouched(input);
	const handsAtWork = running.some((task) => task.uses?.[hands]);
	const moment: Task = { id: nowId, durationMin: 0, fixedStartMin: 0 };
	const touchedTask: Task[] =
		touched && !handsAtWork
			? [
					{
						id: touchedId,
						durationMin: 0,
						fixedStartMin: 0,
						uses: { [hands]: 1 },
						hygiene: touched
					}
				]
			: [];
	const ask = (rest: readonly Task[]) =>
		planOf({
			...input,
			capacity,
			pastWaits: true,
			tasks: [moment, ...touchedTask, ...clearOfRunning(running), ...afterRunning(rest, running)]
		});
	const before = input.before ?? {};
	const planned = Object.fromEntries(
		open.flatMap(({ id }) => (before[id] === undefined ? [] : [[id, before[id] - nowMin]]))
	);
	const planOf = (day: DayInput) =>
		Object.keys(planned).length > 0
			? steadyPlan({ ...day, before: planned, overMin: nowMin }, watch)
			: scheduleDay(day, watch);
	let plan = ask(open);
	if (plan.outcome === 'infeasible') {
		waitedTooLong.push(...open.filter(waits).map(({ id }) => id));
		plan = ask(open.map(patient));
	}
	waitedTooLong.push(...Object.keys(plan.overWaitMin ?? {}));
	for (const task of open)
		if (plan.startMin[task.id] !== undefined) startMin[task.id] = nowMin + plan.startMin[task.id];
	return {
		...plan,
		startMin,
		durationMin,
		endMin: nowMin + plan.endMin,
		lowerBoundMin: nowMin + plan.lowerBoundMin,
		waitedTooLong: [...new Set(waitedTooLong)],
		moved: movedTasks(
			startMin,
			Object.fromEntries(open.flatMap(({ id }) => (id in before ? [[id, before[id]]] : [])))
		)
	};
}

const waits = (task: Task) => task.maxWaitMin !== undefined || task.waits !== undefined;

/** A task that may wait as long as it likes. */
const patient = (task: Task): Task => ({
	...task,
	maxWaitMin: undefined,
	waits: undefined,
	within: undefined
});

/** Minutes a task is expected to take: as planned, longer where a resource is slow, and what was said on top. */
export const expectedMin = (
	task: Pick<Task, 'durationMin' | 'uses'>,
	extraMin = 0,
	slow01: Readonly<Record<string, number>> = {}
): number =>
	task.durationMin * Math.max(1, ...Object.keys(task.uses ?? {}).map((name) => slow01[name] ?? 1)) +
	extraMin;

const nowId = 'now';
const touchedId = 'touched';

/** What is under way is not held to the wash between two cooks' work: that has happened or not. */
const clearOfRunning = (running: readonly Task[]): Task[] => {
	const classes = running.filter((task) => task.uses?.[hands] && task.hygiene);
	if (classes.length < 2) return [...running];
	return running.map((task) => ({ ...task, hygiene: undefined }));
};

/** A pause that would begin while hands are at work begins when they are free. */
function afterRunning(open: readonly Task[], running: readonly Task[]): Task[] {
	const freeMin = Math.max(
		0,
		...running.filter((task) => task.uses?.[hands]).map((task) => task.durationMin)
	);
	return open.map((task) =>
		task.fixedStartMin !== undefined && task.uses?.[hands]
			? { ...task, fixedStartMin: Math.max(task.fixedStartMin, freeMin) }
			: task
	);
}

/** Raw animal food the hands touched last, when there has been no time to wash since. */
function lastTouched({
	tasks,
	states,
	nowMin,
	changeoverMin = 5
}: ReplanInput): Task['hygiene'] | undefined {
	let last: { hygiene: Task['hygiene']; endedMin: number } | null = null;
	for (const { id, hygiene, uses } of tasks) {
		const endedMin = states[id]?.endedMin;
		if (!hygiene || endedMin === undefined || !uses?.[hands]) continue;
		if (!last || endedMin >= last.endedMin) last = { hygiene, endedMin };
	}
	const washed = last !== null && nowMin - last.endedMin >= changeoverMin - sameMin;
	return !washed && needsWash(last?.hygiene, 'ready-to-eat') ? last?.hygiene : undefined;
}
