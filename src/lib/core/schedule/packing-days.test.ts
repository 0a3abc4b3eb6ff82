import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { packingDays } from '../fixtures/random-days.ts';
import { dayTasks, stepId, type DayTask, type DayTasksInput } from './day-tasks.ts';
import { stillHolds } from './earlier-plan.ts';
import { replanDay, type TaskState } from './replan-day.ts';
import { scheduleDay } from './schedule-day.ts';
import { movedTasks } from './moved-tasks.ts';
import type { DaySchedule } from './task.ts';

const sameMin = 1e-6;
const washMin = 5;

/** Checks a day against what a kitchen allows, knowing nothing of how it was planned. */
function assertKitchen(day: DayTasksInput, tasks: readonly DayTask[], plan: DaySchedule) {
	const hot = new Set(plan.alreadyHot);
	const from = (id: string) => plan.startMin[id];
	const minutes = (task: DayTask) => (hot.has(task.id) ? 0 : task.durationMin);
	const byId = new Map(tasks.map((task) => [task.id, task]));
	const end = (id: string) => from(id) + minutes(byId.get(id)!);
	const handsEnd = (task: DayTask) =>
		from(task.id) + Math.min(minutes(task), task.handsMin ?? Infinity);
	for (const task of tasks) {
		for (const before of task.after ?? []) {
			assert.ok(end(before) <= from(task.id) + sameMin, `${task.id} after ${before}`);
			const wait = from(task.id) - end(before);
			assert.ok(wait <= (task.waits?.[before] ?? Infinity) + sameMin, `${task.id} waits ${wait}`);
		}
		if (task.within) {
			assert.ok(from(task.id) >= from(task.within.id) - sameMin, 'looked after while it goes on');
			assert.ok(end(task.id) <= end(task.within.id) + sameMin, 'not after it has ended');
		}
	}
	for (const at of tasks.map(({ id }) => from(id))) {
		const on = tasks.filter(
			(task) => from(task.id) <= at + sameMin && end(task.id) > at + 10 * sameMin
		);
		for (const [name, most] of Object.entries(day.capacity)) {
			const used = on
				.filter((task) => name !== 'hands' || handsEnd(task) > at + 10 * sameMin)
				.reduce((sum, task) => sum + (task.uses?.[name] ?? 0), 0);
			assert.ok(used <= most + sameMin, `${name} at ${at}: ${used} of ${most}`);
		}
		const degrees = on.flatMap(({ ovenC }) => (ovenC === undefined ? [] : [ovenC]));
		assert.ok(Math.max(0, ...degrees) - Math.min(300, ...degrees) <= 10, 'one temperature');
	}
	const oven = tasks
		.filter(({ ovenC }) => ovenC !== undefined)
		.sort((a, b) => from(a.id) - from(b.id) || end(a.id) - end(b.id));
	for (const bake of oven.filter(({ heats }) => !heats)) {
		const last = oven
			.filter(
				(one) =>
					one !== bake && end(one.id) > from(one.id) && end(one.id) <= from(bake.id) + sameMin
			)
			.sort((a, b) => end(a.id) - end(b.id))
			.at(-1);
		const beside = oven.some(
			(one) =>
				one !== bake && !one.heats && from(one.id) <= from(bake.id) && end(one.id) > from(bake.id)
		);
		assert.ok(
			beside || (last && Math.abs(last.ovenC! - bake.ovenC!) <= 10),
			`${bake.id} goes into a hot oven`
		);
	}
	for (let cook = 0; cook < day.capacity.hands; cook++) {
		const row = tasks
			.filter(({ id }) => plan.cooks[id]?.includes(cook))
			.sort((a, b) => from(a.id) - from(b.id));
		row.forEach((task, i) => {
			const next = row[i + 1];
			const raw = task.hygiene?.startsWith('raw-') && task.hygiene !== 'raw-vegetable';
			if (!next || !raw || next.hygiene === task.hygiene) return;
			assert.ok(from(next.id) - handsEnd(task) >= washMin - sameMin, `wash right after ${task.id}`);
		});
	}
}

/** Meat that was browned or fried goes on to the end of its cooking without a pause. */
function assertNoPause(day: DayTasksInput, tasks: readonly DayTask[], plan: DaySchedule) {
	for (const dish of day.dishes) {
		const browned = dish.steps.findIndex(({ text }) => /^(brown|fry) the /i.test(text));
		if (browned < 0) continue;
		for (let i = browned + 1; i < dish.steps.length; i++) {
			const before = dish.steps[i].after.filter((at) => at >= browned && !dish.steps[at].heats);
			for (const at of before) {
				const task = tasks.find(({ id }) => id === stepId(dish.id, at))!;
				const gap = plan.startMin[stepId(dish.id, i)] - plan.startMin[task.id] - task.durationMin;
				assert.ok(gap <= 5 + sameMin, `${dish.name}: ${gap} min before ${dish.steps[i].text}`);
			}
			const alone = !dish.steps[i].hands && dish.steps[i].minutes >= 15;
			if (alone) break;
		}
	}
}

describe('whole packing days', () => {
	it('300 random days with waits, hygiene and one oven: no rule broken, no pause after heat (property)', () => {
		fc.assert(
			fc.property(packingDays, (day) => {
				const tasks = dayTasks(day);
				const plan = scheduleDay({ tasks, capacity: { ...day.capacity }, iterations: 8 });
				assert.notEqual(plan.outcome, 'infeasible');
				assert.ok(plan.endMin >= plan.lowerBoundMin - sameMin);
				assertKitchen(day, tasks, plan);
				assertNoPause(day, tasks, plan);
			}),
			{ numRuns: 300, includeErrorInReport: true }
		);
	});

	it('a step that takes ten minutes longer moves few others, and the day is hardly longer than planned anew', () => {
		const moved: number[] = [];
		for (const day of fc.sample(packingDays, { numRuns: 20, seed: 11 })) {
			const tasks = dayTasks(day);
			const capacity = { ...day.capacity };
			const plan = scheduleDay({ tasks, capacity, iterations: 150 });
			const { states, nowMin, open } = lateIn(tasks, plan);
			const ask = { tasks, states, nowMin, capacity, iterations: 60 };
			const steady = replanDay({ ...ask, before: plan.startMin });
			const free = replanDay(ask);
			assert.ok(
				steady.endMin <= 1.05 * free.endMin,
				`hardly longer: ${steady.endMin} ${free.endMin} ${steady.waitedTooLong.length} ${free.waitedTooLong.length}`
			);
			moved.push(movedTasks(steady.startMin, open).length);
			assert.equal(
				steady.moved.length,
				movedTasks(steady.startMin, open).length,
				'what moved is told'
			);
			// the late step was on time after all: the plan is the one before
			const { extraMin: _late, ...inTime } = states[lateId(tasks, plan)];
			const undone = { ...states, [lateId(tasks, plan)]: inTime };
			assert.ok(stillHolds(plan, tasks, undone, nowMin), 'what was planned is the plan again');
			assert.ok(!stillHolds(plan, tasks, undone, nowMin + 30), 'half an hour later it is not');
		}
		moved.sort((a, b) => a - b);
		assert.ok(moved[moved.length >> 1] <= 3, `${moved.join(' ')}`);
	});
});

/** A step a third into the day. */
function lateId(tasks: readonly DayTask[], plan: DaySchedule): string {
	const inOrder = [...tasks].sort((a, b) => plan.startMin[a.id] - plan.startMin[b.id]);
	return inOrder[Math.floor(inOrder.length / 3)].id;
}

/** A day up to the moment at which one step should end and takes ten minutes longer. */
function lateIn(tasks: readonly DayTask[], plan: DaySchedule) {
	const late = tasks.find(({ id }) => id === lateId(tasks, plan))!;
	// it is said a little before it should end
	const nowMin = plan.startMin[late.id] + Math.max(0, late.durationMin - 3);
	const states: Record<string, TaskState> = {};
	const open: Record<string, number> = {};
	for (const task of tasks) {
		const startedMin = plan.startMin[task.id];
		const endedMin = startedMin + (plan.alreadyHot.includes(task.id) ? 0 : task.durationMin);
		if (startedMin >= nowMin) open[task.id] = startedMin;
		else
			states[task.id] =
				endedMin <= nowMin && task !== late ? { startedMin, endedMin } : { startedMin };
	}
	states[late.id] = { ...states[late.id], extraMin: 10 };
	return { states, nowMin, open };
}
