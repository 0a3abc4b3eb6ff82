import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { dayBoard, goesOnWith } from './day-board.ts';
import { dayEventKinds, dayState, taskStates, type DayEvent } from './day-events.ts';
import type { KeptPlan } from './run-sheet.ts';
import type { DayTask } from './day-tasks.ts';
import { learnedTimes } from './learned-times.ts';

const minute = 60_000;
const event = (
	kind: DayEvent['kind'],
	key: string,
	atMin: number,
	value: number | null = null
) => ({
	uid: `${kind} ${key} ${atMin}`,
	kind,
	key,
	value,
	atMs: atMin * minute
});
const anyEvents = fc.array(
	fc
		.record({
			kind: fc.constantFrom(...dayEventKinds),
			key: fc.constantFrom('a', 'b', 'oven'),
			value: fc.option(fc.integer({ min: 1, max: 30 }), { nil: null }),
			atMs: fc.integer({ min: 0, max: 50 })
		})
		.map((row): DayEvent => ({ ...row, uid: JSON.stringify(row) })),
	{ maxLength: 20 }
);

describe('a day as its events', () => {
	it('is the same in whatever order, and however often, they arrive (property)', () => {
		fc.assert(
			fc.property(anyEvents, fc.infiniteStream(fc.nat(1000)), (events, chance) => {
				const shuffled = [...events, ...events.slice(0, 5)]
					.map((one) => ({ one, at: chance.next().value as number }))
					.sort((a, b) => a.at - b.at)
					.map(({ one }) => one);
				assert.deepEqual(dayState(shuffled), dayState(events));
			}),
			{ numRuns: 200 }
		);
	});
	it('the first begin and the first end count; taken back, it can be done again', () => {
		const tapped = [
			event('begin', 'a', 1),
			event('begin', 'a', 2),
			event('finish', 'a', 5),
			event('finish', 'a', 6),
			event('begin', 'a', 7)
		];
		assert.deepEqual(dayState(tapped).tasks.a, { startedAtMs: minute, endedAtMs: 5 * minute });
		const again = [...tapped, event('again', 'a', 8), event('begin', 'a', 9)];
		assert.deepEqual(dayState(again).tasks.a, { startedAtMs: 9 * minute });
	});
	it('lateness adds up, slowness is what was said last, a tick is what it was last', () => {
		const state = dayState([
			event('late', 'a', 1, 5),
			event('late', 'a', 2, 15),
			event('slow', 'oven', 1, 1.25),
			event('slow', 'oven', 3, 1),
			event('tick', 'chop:onion', 1),
			event('untick', 'chop:onion', 2)
		]);
		assert.equal(state.tasks.a.extraMin, 20);
		assert.deepEqual(state.slow01, { oven: 1 });
		assert.deepEqual(state.ticked, { 'chop:onion': false });
		assert.deepEqual(Object.keys(state.tasks), ['a'], 'unticked, it is not cut');
	});
	it('times become minutes of the day', () => {
		const state = dayState([event('begin', 'a', 12), event('finish', 'a', 30)]);
		const { startedMin, endedMin } = taskStates(state, 10 * minute).a;
		assert.deepEqual([startedMin, endedMin], [2, 20]);
	});
});

describe('the kitchen’s list', () => {
	const task = (id: string, more: Partial<DayTask> = {}): DayTask => ({
		id,
		kind: 'step',
		text: id,
		dishIds: [1],
		work: id,
		baseMin: 10,
		durationMin: 10,
		uses: { hands: 1 },
		...more
	});
	const plan: KeptPlan = {
		zeroMs: 0,
		madeAtMs: 0,
		tasks: [
			task('chicken', { hygiene: 'raw-poultry' }),
			task('bread', { hygiene: 'ready-to-eat', after: ['chicken'] }),
			task('bake', { uses: { oven: 1 }, after: ['chicken'] })
		],
		startMin: { chicken: 0, bread: 15, bake: 10 },
		endMin: 25,
		lowerBoundMin: 20,
		changeovers: 1,
		outcome: 'budget',
		waitedTooLong: [],
		missing: [],
		learned01: {},
		outlook: null,
		cooks: {},
		alreadyHot: [],
		moved: [],
		because: [],
		earlier: [],
		rough: false
	};
	const statuses = (events: DayEvent[], nowMin: number) =>
		Object.fromEntries(
			dayBoard(plan, dayState(events), nowMin * minute).map((row) => [row.task.id, row.status])
		);

	it('says what runs, what is due once nothing holds it, what comes next', () => {
		const begun = [event('start', '', 0), event('begin', 'chicken', 0)];
		assert.deepEqual(statuses(begun, 12), { chicken: 'running', bake: 'next', bread: 'next' });
		const done = [...begun, event('finish', 'chicken', 12)];
		assert.deepEqual(statuses(done, 12), { chicken: 'done', bake: 'due', bread: 'next' });
		assert.equal(statuses([...done, event('skip', 'bake', 13)], 13).bake, 'skipped');
		assert.equal(statuses([], 12).chicken, 'next', 'nothing is due on a day that has not begun');
	});
	it('asks for a wash after raw poultry, and goes on with what the hands do next', () => {
		const board = dayBoard(
			plan,
			dayState([event('start', '', 0), event('begin', 'chicken', 0)]),
			0
		);
		assert.equal(board.find(({ task: { id } }) => id === 'bread')?.washBefore, true);
		assert.equal(goesOnWith(board, 'chicken')?.task.id, 'bread');
		assert.equal(goesOnWith(board, 'bake'), null, 'the oven leaves the hands alone');
	});
});

it('kept times: the mean with one estimate; a forgotten tap does not count', () => {
	const kept = (actualMin: number) => ({ work: 'x', actualMin, baseMin: 10 });
	const times01 = (...minutes: number[]) => learnedTimes(minutes.map(kept)).x;
	assert.ok(Math.abs(times01(20) - Math.SQRT2) < 1e-9);
	assert.ok(times01(20, 20, 20) > times01(20) && times01(20, 20, 20) < 2);
	// one odd time more hardly moves the middle
	assert.ok(Math.abs(times01(20, 20, 20, 39) / times01(20, 20, 20, 20) - 1) < 1e-9);
	assert.deepEqual(learnedTimes([kept(600), kept(0.1)]), {});
});
