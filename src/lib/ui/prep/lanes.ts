import { type BoardTask, hands } from '../../core/schedule/index.ts';
import * as w from '../../present/wording/index.ts';

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

/** Rows laid on as many lanes side by side as it takes, each on so many of them at a time. */
function laid(
	resource: string,
	rows: readonly BoardTask[],
	amountOf: (row: BoardTask) => number
): Lane[] {
	const lanes: Lane[] = [];
	for (const row of rows) {
		const amount = amountOf(row);
		let open = lanes.filter((lane) => (lane.rows.at(-1)?.endMs ?? 0) <= row.startMs + 1000);
		while (open.length < amount) {
			const lane = { resource, number: lanes.length + 1, rows: [] };
			lanes.push(lane);
			open = [...open, lane];
		}
		for (const lane of open.slice(0, amount)) lane.rows.push(inLane(row, resource));
	}
	return lanes;
}

const isShown = ({ status }: BoardTask) => status !== 'skipped';

/**
 * The timeline's lanes: for each resource in use as many as are needed side by side; what holds two burners lies on two of them.
 * What does not fill a lane by itself (litres in the refrigerator) gets one lane for each thing at a time.
 */
export function lanesOf(board: readonly BoardTask[], resources: readonly string[]): Lane[] {
	return resources.flatMap((resource) =>
		laid(
			resource,
			board.filter((row) => isShown(row) && (row.task.uses?.[resource] ?? 0) > 0),
			({ task }) => (resource === 'refrigerator' ? 1 : Math.ceil(task.uses?.[resource] ?? 1))
		)
	);
}

/** The same board with a row for each dish; work for several dishes stands in a row of its own, what overlaps on as many as it takes. */
export function dishLanes(
	board: readonly BoardTask[],
	dishes: readonly { id: number; name: string }[]
): Lane[] {
	const shown = board.filter(isShown).toSorted((a, b) => a.startMs - b.startMs);
	const ofOne = (row: BoardTask) => row.task.dishIds.length === 1;
	const lanes = (name: string, is: (row: BoardTask) => boolean) =>
		laid(name, shown.filter(is), () => 1);
	return [
		...dishes.flatMap(({ id, name }) =>
			lanes(name, (row) => ofOne(row) && row.task.dishIds[0] === id)
		),
		...lanes(w.runSheet.severalDishes, (row) => !ofOne(row))
	];
}
