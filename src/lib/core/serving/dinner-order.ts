import { daysBetween } from '../units/day.ts';

/** What decides where a meal stands on the list. */
export interface DinnerRank {
	/** of the pack to use first; null: nobody knows */
	bestBy: string | null;
	/** days since the same dish was eaten; null: not lately */
	eatenDaysAgo: number | null;
	/** what its best way costs in minutes of hands and standing by; null: no way makes it */
	costMin: number | null;
}

/** Wants to be eaten, days before its best-by; is worth a thought. */
const urgentDays = 7;
const soonDays = 30;
/** The same again within so many days is no variety. */
const lateDays = 3;

/**
 * How much a meal wants to be eaten: 0 now (past its best, within a week of it, or nobody knows), 1 soon, 2 it can wait. What was eaten
 * in the last days stands one back.
 */
export function urgencyOf({ bestBy, eatenDaysAgo }: DinnerRank, today: string): number {
	const left = bestBy === null ? 0 : daysBetween(today, bestBy);
	const wants = left <= urgentDays ? 0 : left <= soonDays ? 1 : 2;
	return wants + (eatenDaysAgo !== null && eatenDaysAgo <= lateDays ? 1 : 0);
}

/** Meals as a wise cook would look at them: what wants to be eaten, then least bother; what cannot make it comes last. */
export function inDinnerOrder<Row>(
	rows: readonly Row[],
	rankOf: (row: Row) => DinnerRank,
	today: string
): Row[] {
	const key = (row: Row) => {
		const rank = rankOf(row);
		return [rank.costMin === null ? 1 : 0, urgencyOf(rank, today), rank.costMin ?? 0] as const;
	};
	return rows
		.map((row, at) => ({ row, at, key: key(row) }))
		.sort(
			(a, b) => a.key[0] - b.key[0] || a.key[1] - b.key[1] || a.key[2] - b.key[2] || a.at - b.at
		)
		.map(({ row }) => row);
}
