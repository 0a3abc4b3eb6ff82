import type { TaskState } from './replan-day.ts';

/** What can happen on a packing day. */
export const dayEventKinds = [
	'start',
	'end',
	/** a task is begun, finished, left out, or none of these after all */
	'begin',
	'finish',
	'skip',
	'again',
	/** a task takes so many minutes more */
	'late',
	/** a task is not begun before a moment, epoch ms */
	'move',
	/** a resource is slower by a factor */
	'slow',
	/** hands rest for so many minutes from that moment on */
	'pause',
	/** what was said in an event, by its uid, is taken back */
	'undo',
	'tick',
	'untick'
] as const;
export type DayEventKind = (typeof dayEventKinds)[number];

export interface DayEvent {
	uid: string;
	kind: DayEventKind;
	key: string;
	value: number | null;
	atMs: number;
}

export interface DayState {
	startedAtMs: number | null;
	endedAtMs: number | null;
	/** times of tasks in epoch ms */
	tasks: Record<
		string,
		{
			startedAtMs?: number;
			endedAtMs?: number;
			skipped?: boolean;
			extraMin?: number;
			notBeforeMs?: number;
		}
	>;
	slow01: Record<string, number>;
	pauses: { uid: string; fromMs: number; minutes: number }[];
	ticked: Record<string, boolean>;
}

/**
 * What a day has come to by its events, in whatever order they arrived: each counts once, at its own moment. Finishing what was
 * never begun leaves its start open; a task can be begun and ended only once, until it is taken back.
 */
export function dayState(events: readonly DayEvent[]): DayState {
	const state: DayState = {
		startedAtMs: null,
		endedAtMs: null,
		tasks: {},
		slow01: {},
		pauses: [],
		ticked: {}
	};
	const once = new Map(events.map((event) => [event.uid, event]));
	const inOrder = [...once.values()].sort((a, b) => a.atMs - b.atMs || (a.uid < b.uid ? -1 : 1));
	const undone = undoneUids(inOrder);
	for (const event of inOrder) if (!undone.has(event.uid)) apply(state, event);
	return state;
}

/** Events that others take back. */
export const undoneUids = (events: readonly DayEvent[]): ReadonlySet<string> =>
	new Set(events.filter(({ kind }) => kind === 'undo').map(({ key }) => key));

/** What is ticked on the prep list is the same work as on the run sheet. */
export const isCut = (key: string): boolean => key.startsWith('chop:');

function apply(state: DayState, { uid, kind, key, value, atMs }: DayEvent): void {
	const task = (state.tasks[key] ??= {});
	switch (kind) {
		case 'start':
			state.startedAtMs ??= atMs;
			state.endedAtMs = null;
			break;
		case 'end':
			state.endedAtMs = atMs;
			break;
		case 'begin':
			if (task.endedAtMs === undefined) task.startedAtMs ??= atMs;
			delete task.skipped;
			break;
		case 'finish':
			task.endedAtMs ??= atMs;
			delete task.skipped;
			if (isCut(key)) state.ticked[key] = true;
			break;
		case 'skip':
			state.tasks[key] = { skipped: true };
			break;
		case 'again':
			state.tasks[key] = {};
			if (isCut(key)) state.ticked[key] = false;
			break;
		case 'late':
			task.extraMin = (task.extraMin ?? 0) + (value ?? 0);
			break;
		case 'move':
			task.notBeforeMs = value ?? undefined;
			break;
		case 'slow':
			state.slow01[key] = value ?? 1;
			break;
		case 'pause':
			state.pauses.push({ uid, fromMs: atMs, minutes: value ?? 0 });
			break;
		case 'tick':
			state.ticked[key] = true;
			if (isCut(key)) task.endedAtMs ??= atMs;
			break;
		case 'untick':
			state.ticked[key] = false;
			if (isCut(key)) state.tasks[key] = {};
			break;
		case 'undo':
			break;
	}
	if (Object.keys(state.tasks[key] ?? {}).length === 0) delete state.tasks[key];
}

/** The tasks' times in minutes of a day that began at a moment, as a re-plan takes them. */
export function taskStates(state: DayState, zeroMs: number): Record<string, TaskState> {
	const minute = (ms: number | undefined) =>
		ms === undefined ? undefined : (ms - zeroMs) / 60_000;
	return Object.fromEntries(
		Object.entries(state.tasks).map(([key, task]) => [
			key,
			{
				startedMin: minute(task.startedAtMs),
				endedMin: minute(task.endedAtMs),
				skipped: task.skipped,
				extraMin: task.extraMin,
				notBeforeMin: minute(task.notBeforeMs)
			}
		])
	);
}
