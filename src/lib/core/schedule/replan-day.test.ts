import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { replanDay, type Replan, type TaskState } from './replan-day.ts';
import type { Task } from './task.ts';

const capacity = { hands: 1, burner: 2, oven: 1 };

/** Days of up to fourteen tasks that only wait for earlier ones; some must not wait long. */
const days: fc.Arbitrary<Task[]> = fc
	.array(
		fc.record({
			durationMin: fc.integer({ min: 2, max: 30 }),
			back: fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 2 }),
			kind: fc.constantFrom('hands', 'burner', 'oven', 'both'),
			maxWaitMin: fc.option(fc.integer({ min: 0, max: 20 }), { nil: undefined, freq: 4 }),
			hygiene: fc.constantFrom('raw-poultry', 'raw-vegetable', 'ready-to-eat', undefined)
		}),
		{ minLength: 3, maxLength: 14 }
	)
	.map((rows) =>
		rows.map(({ durationMin, back, kind, maxWaitMin, hygiene }, i): Task => {
			const after = [...new Set(back.map((b) => i - b).filter((k) => k >= 0))].map((k) => `t${k}`);
			const uses = kind === 'both' ? { hands: 1, burner: 1 } : { [kind]: 1 };
			return {
				id: `t${i}`,
				durationMin,
				after,
				uses,
				...('hands' in uses && { hygiene }),
				...(after.length && { maxWaitMin })
			};
		})
	);

/** What a plan made in the middle of a day must keep, knowing nothing of how it was made. */
function assertKeeps(
	tasks: readonly Task[],
	states: Record<string, TaskState>,
	nowMin: number,
	plan: Replan
): void {
	const end = (id: string) => states[id]?.endedMin ?? plan.startMin[id] + plan.durationMin[id];
	const live = tasks.filter(({ id }) => !states[id]?.skipped && states[id]?.endedMin === undefined);
	for (const task of live) {
		const from = plan.startMin[task.id];
		assert.ok(from !== undefined, `${task.id} is planned`);
		const { startedMin, notBeforeMin = 0 } = states[task.id] ?? {};
		if (startedMin !== undefined) {
			assert.equal(from, startedMin, 'what has started stays');
			continue;
		}
		assert.ok(from >= nowMin - 1e-6, 'nothing starts in the past');
		assert.ok(from >= notBeforeMin - 1e-6, 'what was moved stays moved');
		for (const before of task.after ?? [])
			if (!states[before]?.skipped)
				assert.ok(end(before) <= from + 1e-6, 'after what it waits for');
	}
	for (const moment of live.map(({ id }) => Math.max(nowMin, plan.startMin[id])))
		for (const [name, most] of Object.entries(capacity)) {
			const now = live.filter(
				({ id }) => plan.startMin[id] <= moment + 1e-9 && end(id) > moment + 1e-6
			);
			const used = now.reduce((sum, task) => sum + (task.uses?.[name] ?? 0), 0);
			assert.ok(used <= most, `${name} at ${moment}`);
		}
	if (live.length) assert.ok(plan.lowerBoundMin <= plan.endMin + 1e-6);
}

it('through a whole day of late, slow, skipped and moved tasks every plan keeps the rules, and the day comes to its end (property)', () => {
	fc.assert(
		fc.property(days, fc.infiniteStream(fc.integer({ min: 0, max: 99 })), (tasks, chance) => {
			const next = () => chance.next().value as number;
			const states: Record<string, TaskState> = {};
			const slow01: Record<string, number> = {};
			let nowMin = 0;
			let before: Record<string, number> = {};
			for (let round = 0; round < 80; round++) {
				const plan = replanDay({ tasks, states, nowMin, capacity, slow01, before, iterations: 5 });
				assertKeeps(tasks, states, nowMin, plan);
				before = plan.startMin;
				const open = tasks.filter(
					({ id }) => !states[id]?.skipped && states[id]?.endedMin === undefined
				);
				if (open.length === 0) return;
				// the cook follows the plan: starts what is due, ends what is running, sometimes late
				const due = open.filter(
					({ id }) => states[id]?.startedMin === undefined && plan.startMin[id] <= nowMin + 1e-6
				);
				for (const { id } of due) states[id] = { ...states[id], startedMin: nowMin };
				const running = open.filter(({ id }) => states[id]?.startedMin !== undefined);
				const dice = next();
				if (dice < 5) slow01.oven = 1.4;
				else if (dice < 15 && due.length === 0) states[open[0].id] = { skipped: true };
				else if (dice < 25 && round < 20) {
					const id = open.at(-1)?.id as string;
					if (states[id]?.startedMin === undefined)
						states[id] = { ...states[id], notBeforeMin: nowMin + 15 };
				}
				const ends = running.map(({ id }) => plan.startMin[id] + plan.durationMin[id]);
				const starts = open.map(({ id }) => plan.startMin[id]).filter((at) => at > nowMin + 1e-6);
				nowMin = Math.max(nowMin, Math.min(...ends, ...starts)) + (next() < 20 ? next() % 15 : 0);
				for (const { id } of running)
					if (plan.startMin[id] + plan.durationMin[id] <= nowMin + 1e-6)
						states[id] = { ...states[id], endedMin: nowMin };
			}
			assert.fail('the day does not end');
		}),
		{ numRuns: 120, seed: 5, endOnFailure: true, includeErrorInReport: true }
	);
});

it('a wait that ran out is named, and the rest is planned all the same', () => {
	const plan = replanDay({
		tasks: [
			{ id: 'boil', durationMin: 10, uses: { burner: 1 } },
			{ id: 'drain', durationMin: 3, uses: { hands: 1 }, after: ['boil'], maxWaitMin: 5 }
		],
		states: { boil: { startedMin: 0, endedMin: 10 } },
		nowMin: 30,
		capacity
	});
	assert.deepEqual(plan.waitedTooLong, ['drain']);
	assert.equal(plan.startMin.drain, 30);
});

it('after raw poultry the hands are washed before anything else, also when the poultry is done and gone', () => {
	const plan = replanDay({
		tasks: [
			{ id: 'cut', durationMin: 10, uses: { hands: 1 }, hygiene: 'raw-poultry' },
			{ id: 'bread', durationMin: 5, uses: { hands: 1 }, hygiene: 'ready-to-eat' }
		],
		states: { cut: { startedMin: 0, endedMin: 10 } },
		nowMin: 10,
		capacity,
		changeoverMin: 5
	});
	assert.equal(plan.startMin.bread, 15);
});
