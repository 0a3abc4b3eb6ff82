import { stockCsv } from '$lib/formats/stock-csv';
import { stockLines } from '$lib/server/queries/freezer-stock';
import { todayAt } from '$lib/server/queries/today';

/** What is frozen, a line a pack. */
export const GET = async ({ locals }) => {
	const today = await todayAt(locals.db);
	const { lines } = await stockLines(locals.db, { today }, { from: 0, most: 100_000 });
	const csv = stockCsv(
		lines.map((line) => ({
			code: line.code,
			name: line.name,
			state: line.state,
			servings: line.servings,
			weight_g: Math.round(line.massKg * 1000),
			frozen_on: line.packedOn,
			best_by: line.bestBy,
			freezer: line.freezer,
			shelf: line.shelf
		}))
	);
	return new Response(csv, {
		headers: {
			'content-type': 'text/csv; charset=utf-8',
			'content-disposition': 'attachment; filename="freezer.csv"'
		}
	});
};
