import { scheduleDay, type Task } from '../src/lib/core/index.ts';
import { replanDay, type TaskState } from '../src/lib/core/schedule/index.ts';
import { line, medianMs, ms } from './timing.ts';

/** Generated days, the same in every run: links backwards, four kinds of place, hands for two in five. */
function dayOf(n: number, seed = 9): Task[] {
	let state = seed;
	const next = () => {
		state = (state * 48_271) % 2_147_483_647;
		return state / 2_147_483_647;
	};
	const places = ['hands', 'burner', 'oven', 'board'];
	const classes = ['ready-to-eat', 'raw-vegetable', 'raw-poultry', undefined] as const;
	return Array.from({ length: n }, (_, i) => ({
		id: `t${i}`,
		durationMin: 2 + Math.floor(next() * 25),
		after: i > 2 && next() < 0.6 ? [`t${Math.floor(i - 1 - next() * Math.min(i - 1, 8))}`] : [],
		uses: { [places[Math.floor(next() * 4)]]: 1, ...(next() < 0.4 && { hands: 1 }) },
		hygiene: classes[Math.floor(next() * 4)]
	}));
}

const capacity = { hands: 1, burner: 2, oven: 2, board: 1 };

const seeds = [9, 23, 57, 101, 271];

/** A day half done: what the plan has ended by its middle is done, what it has begun runs. */
function halfDone(tasks: Task[]): {
	nowMin: number;
	states: Record<string, TaskState>;
	order: string[];
} {
	const plan = scheduleDay({ tasks, capacity, iterations: 0 });
	const nowMin = plan.endMin / 2;
	const states = Object.fromEntries(
		tasks.flatMap(({ id, durationMin }): [string, TaskState][] => {
			const startedMin = plan.startMin[id];
			if (startedMin >= nowMin) return [];
			const endedMin = startedMin + durationMin;
			return [[id, endedMin <= nowMin ? { startedMin, endedMin } : { startedMin }]];
		})
	);
	const order = Object.keys(plan.startMin).sort((a, b) => plan.startMin[a] - plan.startMin[b]);
	return { nowMin, states, order };
}

export function benchSchedule(): void {
	console.log(
		'\nA packing day: gap to the lower bound and time (aims at 60 tasks: first plan 150 ms, 1 s in all)'
	);
	for (const n of [30, 60, 120])
		for (const iterations of [0, 300]) {
			const day = { tasks: dayOf(n), capacity, iterations };
			const { endMin, lowerBoundMin, outcome } = scheduleDay(day);
			const took = medianMs(() => scheduleDay(day), 1);
			const gap = `${(100 * (endMin / lowerBoundMin - 1)).toFixed(1)} %`;
			line(
				`  ${n} tasks, ${iterations === 0 ? 'first plan' : `${iterations} moves`}`,
				gap,
				ms(took),
				outcome
			);
		}
	const gaps = seeds.map((seed) => {
		const { endMin, lowerBoundMin } = scheduleDay({ tasks: dayOf(60, seed), capacity });
		return 100 * (endMin / lowerBoundMin - 1);
	});
	line(
		`  five days of 60 tasks, 300 moves`,
		`${(gaps.reduce((sum, gap) => sum + gap, 0) / gaps.length).toFixed(1)} % on average`,
		`${Math.max(...gaps).toFixed(1)} % at most`,
		''
	);
	const tasks = dayOf(60);
	const half = halfDone(tasks);
	const replan = () => replanDay({ tasks, ...half, capacity, iterations: 40 });
	line(
		'  60 tasks half done, re-planned (aim 150 ms)',
		'',
		ms(medianMs(replan, 3)),
		replan().outcome
	);
}
