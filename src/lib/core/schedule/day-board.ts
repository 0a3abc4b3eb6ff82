import type { DayState } from './day-events.ts';
import type { KeptPlan } from './run-sheet.ts';
import type { DayTask } from './day-tasks.ts';
import { expectedMin } from './replan-day.ts';
import { hands, needsWash } from './task.ts';

export interface BoardTask {
	task: DayTask;
	status: 'running' | 'due' | 'next' | 'later' | 'done' | 'skipped';
	startMs: number;
	endMs: number;
	/** hands, board and knife are washed before it */
	washBefore: boolean;
	/** which of the cooks does it, counted from 0; null without hands */
	cook: number | null;
	/** tasks it waits for that are not done yet */
	waitsFor: string[];
}

/** So many tasks that are not due yet are shown as next. */
const nextCount = 3;
/** Planned to start within this counts as due, ms. */
const soonMs = 60_000;

/** A plan and what has happened, as the kitchen's list shows it at a moment: what runs, what is due, what is next. */
export function dayBoard(plan: KeptPlan, state: DayState, nowMs: number): BoardTask[] {
	const zeroMs = state.startedAtMs ?? plan.zeroMs;
	/** an oven that is hot already is not heated */
	const isHot = (id: string) =>
		plan.alreadyHot.includes(id) && state.tasks[id]?.startedAtMs === undefined;
	const over = (id: string) =>
		state.tasks[id]?.endedAtMs !== undefined || state.tasks[id]?.skipped === true || isHot(id);
	const rows = plan.tasks
		.filter((task) => task.kind !== 'pause' || state.tasks[task.id] === undefined)
		.filter(({ id }) => !isHot(id))
		.map((task): BoardTask => {
			const kept = state.tasks[task.id] ?? {};
			const plannedMs = zeroMs + (plan.startMin[task.id] ?? 0) * 60_000;
			const startMs = kept.startedAtMs ?? kept.endedAtMs ?? plannedMs;
			const minutes = expectedMin(task, kept.extraMin, state.slow01);
			const status = kept.skipped
				? 'skipped'
				: kept.endedAtMs !== undefined
					? 'done'
					: kept.startedAtMs !== undefined
						? 'running'
						: 'later';
			return {
				task,
				status,
				startMs,
				endMs: kept.endedAtMs ?? startMs + minutes * 60_000,
				washBefore: false,
				cook: plan.cooks[task.id]?.[0] ?? null,
				waitsFor: (task.after ?? []).filter((id) => !over(id))
			};
		})
		.sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
	const last = new Map<number, DayTask>();
	for (const row of rows) {
		const cook = row.cook ?? 0;
		if (row.status === 'skipped' || !row.task.uses?.[hands] || row.task.kind === 'pause') continue;
		row.washBefore = needsWash(last.get(cook)?.hygiene, row.task.hygiene ?? 'ready-to-eat');
		last.set(cook, row.task);
	}
	let next = 0;
	for (const row of rows) {
		if (row.status !== 'later' || row.task.kind === 'pause') continue;
		if (state.startedAtMs !== null && row.waitsFor.length === 0 && row.startMs <= nowMs + soonMs)
			row.status = 'due';
		else if (next++ < nextCount) row.status = 'next';
	}
	return rows;
}

/** The task the hands go on with when one is finished: the earliest that waits for nothing else; null when there is none. */
export function goesOnWith(board: readonly BoardTask[], finishedId: string): BoardTask | null {
	const finished = board.find(({ task }) => task.id === finishedId);
	if (!finished?.task.uses?.[hands]) return null;
	return (
		board.find(
			({ task, status, waitsFor }) =>
				task.id !== finishedId &&
				(status === 'due' || status === 'next' || status === 'later') &&
				(task.uses?.[hands] ?? 0) > 0 &&
				task.kind !== 'pause' &&
				waitsFor.every((id) => id === finishedId)
		) ?? null
	);
}
