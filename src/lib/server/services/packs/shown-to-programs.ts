import type { Db } from '../../db/db.ts';
import { stockLines, type StockFilter } from '../../queries/freezer-stock.ts';

type Line = Awaited<ReturnType<typeof stockLines>>['lines'][number];

/** A pack as other programs are told of it. */
const shown = (line: Line) => ({
	code: line.code,
	name: line.name,
	status: line.status,
	state: line.state,
	servings: line.servings,
	massKg: line.massKg,
	packedOn: line.packedOn,
	bestBy: line.bestBy,
	freezer: line.freezer,
	shelf: line.shelf,
	version: line.version
});

const mostAtOnce = 500;

/** Packs as other programs are told of them, those to be eaten first before the others; and how many there are. */
export async function packsForPrograms(db: Db, filter: StockFilter, from: number) {
	const { lines, total } = await stockLines(db, filter, { from, most: mostAtOnce });
	return { packs: lines.map(shown), total, from };
}
