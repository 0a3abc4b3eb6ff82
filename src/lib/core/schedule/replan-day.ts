import { withoutTasks } from './day-tasks.ts';
import { scheduleDay } from './schedule-day.ts';
import { hands, needsWash, type DaySchedule, type Task } from './task.ts';

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
	/** ids in the order of the plan so far */
	order?: readonly string[];
}

export interface Replan extends DaySchedule {
	/** planned minutes of each task, as they are now thought to be */
	durationMin: Record<string, number>;
	/** tasks whose longest wait has run out already, or that no order could keep */
	waitedTooLong: string[];
}

/** Something overdue is taken to need this much longer, minutes. */
const overdueMin = 2;

/**
 * The rest of a day planned anew: what has started stays where it is, what has ended or is skipped is out of the way, nothing
 * else starts before now. Times come back in minutes of the day. When no order keeps all the waits, they are let go and named.
 */
export function replanDay(input: ReplanInput): Replan {
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
	for (const task of withoutTasks(input.tasks, gone)) {
		const started = states[task.id]?.startedMin;
		if (started === undefined) {
			open.push(openTask(task));
			continue;
		}
		const leftMin = Math.max(overdueMin, started + durationMin[task.id] - nowMin);
		durationMin[task.id] = nowMin + leftMin - started;
		running.push({
			...task,
			after: [],
			maxWaitMin: undefined,
			durationMin: leftMin,
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
			...waitLeft(task)
		};
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
	const before: Task[] =
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
		scheduleDay({
			...input,
			capacity,
			tasks: [moment, ...before, ...clearOfRunning(running), ...afterRunning(rest, running)]
		});
	let plan = ask(open);
	if (plan.outcome === 'infeasible') {
		waitedTooLong.push(...open.filter((task) => task.maxWaitMin !== undefined).map(({ id }) => id));
		plan = ask(open.map((task) => ({ ...task, maxWaitMin: undefined })));
	}
	for (const task of open)
		if (plan.startMin[task.id] !== undefined) startMin[task.id] = nowMin + plan.startMin[task.id];
	return {
		...plan,
		startMin,
		durationMin,
		endMin: nowMin + plan.endMin,
		lowerBoundMin: nowMin + plan.lowerBoundMin,
		waitedTooLong: [...new Set(waitedTooLong)]
	};
}

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

/** Raw animal food the hands touched last, when nothing was washed since. */
function lastTouched({ tasks, states }: ReplanInput): Task['hygiene'] | undefined {
	const ended = tasks
		.filter((task) => task.hygiene && states[task.id]?.endedMin !== undefined && task.uses?.[hands])
		.sort((a, b) => (states[a.id].endedMin ?? 0) - (states[b.id].endedMin ?? 0));
	const last = ended.at(-1)?.hygiene;
	return needsWash(last, 'ready-to-eat') ? last : undefined;
}
