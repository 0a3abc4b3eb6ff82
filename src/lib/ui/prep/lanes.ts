import { hands } from '../../core/schedule/task.ts';
import type { BoardTask } from '../../core/schedule/day-board.ts';

export interface Lane {
	resource: string;
	/** of several: which one */
	number: number;
	rows: BoardTask[];
}

/** A row as a lane shows it: hands are free again when a thing goes by itself. */
const inLane = (row: BoardTask, resource: string): BoardTask =>
	resource === hands && row.task.handsMin !== undefined
		? { ...row, endMs: Math.min(row.endMs, row.startMs + row.task.handsMin * 60_000) }
		: row;

/**
 * The timeline's lanes: for each resource in use as many as are needed side by side; what holds two burners lies on two of them.
 * What does not fill a lane by itself (litres in the refrigerator) gets one lane for each thing at a time.
 */
export function lanesOf(board: readonly BoardTask[], resources: readonly string[]): Lane[] {
	return resources.flatMap((resource) => {
		const lanes: Lane[] = [];
		const using = board.filter(
			({ task, status }) => status !== 'skipped' && (task.uses?.[resource] ?? 0) > 0
		);
		for (const row of using) {
			const amount = resource === 'refrigerator' ? 1 : Math.ceil(row.task.uses?.[resource] ?? 1);
			let open = lanes.filter((lane) => (lane.rows.at(-1)?.endMs ?? 0) <= row.startMs + 1000);
			while (open.length < amount) {
				const lane = { resource, number: lanes.length + 1, rows: [] };
				lanes.push(lane);
				open = [...open, lane];
			}
			for (const lane of open.slice(0, amount)) lane.rows.push(inLane(row, resource));
		}
		return lanes;
	});
}
