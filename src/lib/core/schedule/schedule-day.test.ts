import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import createHighs from 'highs';
import { scheduleDay } from './schedule-day.ts';
import { needsWash, type DayInput, type Task } from './task.ts';

const resources = ['hands', 'burner', 'oven'];
const classes = [
	'ready-to-eat',
	'raw-vegetable',
	'raw-egg',
	'raw-poultry',
	'raw-meat-fish'
] as const;

/** A random kitchen and day: links only backwards, so never a circle. */
const days = (most: number, withMore = true): fc.Arbitrary<DayInput> =>
	fc
		.tuple(
			fc.integer({ min: 1, max: most }),
			fc.integer({ min: 1, max: 2 }),
			fc.integer({ min: 1, max: 3 })
		)
		.chain(([n, cooks, burners]) =>
			fc
				.tuple(
					...Array.from({ length: n }, (_, i) =>
						fc.record({
							durationMin: fc.integer({ min: 1, max: 12 }),
							after: fc.subarray(
								Array.from({ length: i }, (_, k) => `t${k}`),
								{ maxLength: Math.min(2, i) }
							),
							kind: fc.constantFrom(...resources),
							needsHands: fc.boolean(),
							hygiene: fc.option(fc.constantFrom(...classes), { nil: undefined }),
							ovenC: fc.constantFrom(150, 180, 185),
							maxWaitMin: fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined, freq: 5 })
						})
					)
				)
				.map((rows) => ({
					capacity: { hands: cooks, burner: burners, oven: 2 },
					changeoverMin: 3,
					iterations: 40,
					tasks: rows.map(({ kind, needsHands, hygiene, ovenC, maxWaitMin, ...row }, i): Task => ({
						...row,
						id: `t${i}`,
						uses: { [kind]: 1, ...(needsHands && { hands: 1 }) },
						...(kind === 'oven' && { ovenC }),
						...(withMore && { hygiene }),
						...(withMore && row.after.length > 0 && { maxWaitMin })
					}))
				}))
		);

/** Checks a plan minute by minute against the rules, knowing nothing of how it was made. */
function assertFeasible(
	{ tasks, capacity, changeoverMin = 0 }: DayInput,
	plan: ReturnType<typeof scheduleDay>
) {
	const at = (task: Task) => ({
		from: plan.startMin[task.id],
		to: plan.startMin[task.id] + task.durationMin
	});
	for (const task of tasks) {
		const { from } = at(task);
		assert.ok(from >= 0, `${task.id} has a start`);
		const ends = (task.after ?? []).map((id) => at(tasks.find((other) => other.id === id)!).to);
		for (const end of ends) assert.ok(end <= from + 1e-6, 'after what it waits for');
		if (task.maxWaitMin !== undefined && ends.length)
			assert.ok(from - Math.max(...ends) <= task.maxWaitMin + 1e-6, 'no longer wait than allowed');
		if (task.fixedStartMin !== undefined) assert.equal(from, task.fixedStartMin);
	}
	for (const moment of tasks.map((task) => at(task).from)) {
		const now = tasks.filter(
			(task) => at(task).from <= moment + 1e-9 && at(task).to > moment + 1e-9
		);
		for (const [name, most] of Object.entries(capacity)) {
			const used = now.reduce((sum, task) => sum + (task.uses?.[name] ?? 0), 0);
			assert.ok(used <= most + 1e-6, `${name} at ${moment}`);
		}
		const ovens = now.flatMap((task) =>
			task.uses?.oven && task.ovenC !== undefined ? [task.ovenC] : []
		);
		assert.ok(
			ovens.length === 0 || Math.max(...ovens) - Math.min(...ovens) <= 10,
			'one oven, one temperature'
		);
	}
	assert.equal(plan.endMin, Math.max(...tasks.map((task) => at(task).to)));
	assert.ok(plan.lowerBoundMin <= plan.endMin + 1e-6);
	if (capacity.hands !== 1) return;
	const row = tasks
		.filter((task) => task.uses?.hands && task.hygiene)
		.sort((a, b) => at(a).from - at(b).from);
	let washes = 0;
	for (let i = 1; i < row.length; i++) {
		if (!needsWash(row[i - 1].hygiene, row[i].hygiene)) continue;
		washes++;
		assert.ok(at(row[i]).from - at(row[i - 1]).to >= changeoverMin - 1e-6, 'time to wash');
	}
	assert.equal(plan.changeovers, washes);
}

describe('scheduling a day', () => {
	it('keeps every rule, for any kitchen and day (property)', () => {
		fc.assert(
			fc.property(days(9), (day) => {
				const plan = scheduleDay(day);
				if (plan.outcome !== 'infeasible') assertFeasible(day, plan);
			}),
			{ numRuns: 300 }
		);
	});

	it('without waits there is always a plan, and the same input gives the same one (property)', () => {
		fc.assert(
			fc.property(days(20, false), (day) => {
				const plan = scheduleDay(day);
				assert.notEqual(plan.outcome, 'infeasible');
				assertFeasible(day, plan);
				assert.deepEqual(scheduleDay(day), plan);
			}),
			{ numRuns: 40 }
		);
	});

	it('small days end when an integer programme says they can (highs, time-indexed)', async () => {
		const highs = await createHighs();
		let [ours, theirs] = [0, 0];
		const sample = [
			...fc.sample(days(5, false), { numRuns: 12, seed: 3 }),
			...fc.sample(days(8, false), { numRuns: 8, seed: 4 })
		];
		for (const day of sample) {
			// one oven temperature, so that the programme has nothing but capacities and links
			const tasks = day.tasks.map((task) => ({ ...task, ovenC: undefined }));
			const horizon = tasks.reduce((sum, task) => sum + task.durationMin, 0);
			const x = (i: number, t: number) => `x${i}_${t}`;
			const rows: string[] = [];
			const times = (i: number) =>
				Array.from({ length: horizon - tasks[i].durationMin + 1 }, (_, t) => t);
			tasks.forEach((task, i) => {
				rows.push(
					`${times(i)
						.map((t) => x(i, t))
						.join(' + ')} = 1`
				);
				const end = times(i).map((t) => `${t + task.durationMin} ${x(i, t)}`);
				rows.push(`span - ${end.join(' - ')} >= 0`);
				for (const id of task.after ?? []) {
					const k = Number(id.slice(1));
					const start = times(i)
						.filter((t) => t > 0)
						.map((t) => `${t} ${x(i, t)}`);
					const before = times(k).map((t) => `${t + tasks[k].durationMin} ${x(k, t)}`);
					rows.push(`${start.length ? start.join(' + ') : '0 span'} - ${before.join(' - ')} >= 0`);
				}
			});
			for (const [name, most] of Object.entries(day.capacity))
				for (let now = 0; now < horizon; now++) {
					const running = tasks.flatMap((task, i) =>
						(task.uses?.[name] ?? 0) > 0
							? times(i)
									.filter((t) => t <= now && t + task.durationMin > now)
									.map((t) => x(i, t))
							: []
					);
					if (running.length > most) rows.push(`${running.join(' + ')} <= ${most}`);
				}
			const binaries = tasks.flatMap((_, i) => times(i).map((t) => x(i, t)));
			const solved = highs.solve(
				`Minimize\n obj: span\nSubject To\n${rows.map((row, i) => ` c${i}: ${row}`).join('\n')}\nBinary\n ${binaries.join(' ')}\nEnd`
			);
			assert.equal(solved.Status, 'Optimal');
			const plan = scheduleDay({ ...day, tasks });
			assert.ok(plan.endMin >= solved.ObjectiveValue - 1e-6, 'never under what is possible');
			assert.ok(plan.endMin <= 1.1 * solved.ObjectiveValue + 1e-6, 'none is a tenth too long');
			ours += plan.endMin / solved.ObjectiveValue;
			theirs += 1;
		}
		assert.ok(ours / theirs <= 1.02, `${ours / theirs} of the least on average`);
	});

	it('a break stays where it is; what cannot be is said, never thrown', () => {
		const plan = scheduleDay({
			tasks: [
				{ id: 'break', durationMin: 20, uses: { hands: 1 }, fixedStartMin: 10 },
				{ id: 'chop', durationMin: 15, uses: { hands: 1 } }
			],
			capacity: { hands: 1 }
		});
		assert.deepEqual([plan.startMin.break, plan.startMin.chop, plan.endMin], [10, 30, 45]);
		const hopeless: Task[][] = [
			[{ id: 'a', durationMin: 5, uses: { oven: 2 } }],
			[
				{ id: 'a', durationMin: 5, after: ['b'] },
				{ id: 'b', durationMin: 5, after: ['a'] }
			],
			[
				{ id: 'a', durationMin: 9, uses: { hands: 1 }, fixedStartMin: 0 },
				{ id: 'b', durationMin: 9, uses: { hands: 1 }, fixedStartMin: 4 }
			]
		];
		for (const tasks of hopeless)
			assert.equal(scheduleDay({ tasks, capacity: { hands: 1, oven: 1 } }).outcome, 'infeasible');
		assert.throws(() => scheduleDay({ tasks: [{ id: 'a', durationMin: -1 }], capacity: {} }), {
			code: 'below-range'
		});
		assert.throws(
			() => scheduleDay({ tasks: [{ id: 'a', durationMin: 1, after: ['nobody'] }], capacity: {} }),
			{ code: 'unknown-task' }
		);
	});

	it('raw meat is handled last or in one go: washing is counted and avoided', () => {
		const cut = (id: string, hygiene: Task['hygiene']): Task => ({
			id,
			durationMin: 10,
			uses: { hands: 1 },
			hygiene
		});
		const plan = scheduleDay({
			tasks: [
				cut('chicken', 'raw-poultry'),
				cut('onion', 'raw-vegetable'),
				cut('wings', 'raw-poultry'),
				cut('bread', 'ready-to-eat')
			],
			capacity: { hands: 1 },
			changeoverMin: 5
		});
		assert.deepEqual([plan.changeovers, plan.endMin], [0, 40]);
	});
});
