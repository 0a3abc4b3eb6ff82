import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import type { BoardTask } from '../../core/schedule/index.ts';
import { dishLanes, lanesOf } from './lanes.ts';

const minute = 60_000;
const row = (
	id: string,
	fromMin: number,
	minutes: number,
	uses: Record<string, number>
): BoardTask => ({
	task: {
		id,
		kind: 'step',
		text: id,
		dishIds: [1],
		work: id,
		baseMin: minutes,
		durationMin: minutes,
		uses
	},
	status: 'later',
	startMs: fromMin * minute,
	endMs: (fromMin + minutes) * minute,
	washBefore: false,
	cook: null,
	waitsFor: []
});

it('no two bars of a lane overlap, each lies on as many lanes as it takes, none is lost (property)', () => {
	const boards = fc
		.array(
			fc.record({
				from: fc.nat(200),
				minutes: fc.integer({ min: 1, max: 60 }),
				burner: fc.integer({ min: 0, max: 2 }),
				refrigerator: fc.constantFrom(0, 1.5)
			}),
			{ maxLength: 15 }
		)
		.map((rows) =>
			rows
				.map(({ from, minutes, ...uses }, i) => row(`t${i}`, from, minutes, uses))
				.sort((a, b) => a.startMs - b.startMs)
		);
	fc.assert(
		fc.property(boards, (board) => {
			const lanes = lanesOf(board, ['burner', 'refrigerator']);
			for (const { rows } of lanes)
				for (let i = 1; i < rows.length; i++)
					assert.ok(rows[i].startMs >= rows[i - 1].endMs - 1000);
			for (const one of board)
				for (const resource of ['burner', 'refrigerator']) {
					const amount = one.task.uses?.[resource] ?? 0;
					const on = lanes.filter((lane) => lane.resource === resource && lane.rows.includes(one));
					// litres in the refrigerator are one thing there, however many
					assert.equal(on.length, resource === 'burner' ? amount : Math.min(1, Math.ceil(amount)));
				}
		})
	);
});
it('what was left out takes no lane', () => {
	const skipped = { ...row('a', 0, 10, { burner: 1 }), status: 'skipped' as const };
	assert.deepEqual(lanesOf([skipped], ['burner']), []);
});

it('by dish: each bar once, in its dish’s rows or those of several, none over another (property)', () => {
	const dishes = [
		{ id: 1, name: 'dal' },
		{ id: 2, name: 'stew' }
	];
	const boards = fc.array(
		fc.record({
			from: fc.nat(200),
			minutes: fc.integer({ min: 1, max: 60 }),
			of: fc.constantFrom([1], [2], [1, 2], [])
		}),
		{ maxLength: 15 }
	);
	fc.assert(
		fc.property(boards, (all) => {
			const board = all.map(({ from, minutes, of }, i) => {
				const one = row(`t${i}`, from, minutes, {});
				return { ...one, task: { ...one.task, dishIds: [...of] } };
			});
			const lanes = dishLanes(board, dishes);
			assert.equal(lanes.flatMap(({ rows }) => rows).length, board.length);
			for (const { resource, rows } of lanes) {
				for (let i = 1; i < rows.length; i++)
					assert.ok(rows[i].startMs >= rows[i - 1].endMs - 1000);
				const dish = dishes.find(({ name }) => name === resource);
				for (const { task } of rows)
					assert.deepEqual(task.dishIds.length === 1 ? task.dishIds[0] : undefined, dish?.id);
			}
		})
	);
});
