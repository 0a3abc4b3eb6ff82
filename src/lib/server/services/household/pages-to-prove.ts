import type { Db } from '../../db/db.ts';
import {
	coolingRuns,
	cookSheets,
	dishes,
	packingDays,
	packings,
	packs
} from '../../db/schema/index.ts';

/** Screens that are there whatever a household has. */
const always = [
	'/start',
	'/menu',
	'/menu/new',
	'/menu/import',
	'/shop',
	'/shop/pantry',
	'/prep',
	'/cool',
	'/cool/new',
	'/pack',
	'/freezer',
	'/freezer/already',
	'/freezer/count',
	'/freezer/defrost',
	'/freezer/power?from=2026-11-20T10:00&to=2026-11-21T20:00',
	'/freezer/scan',
	'/freezer/tables',
	'/freezer/temperatures',
	'/freezer/trip',
	'/freezer/stock.csv',
	'/help/packing-day',
	'/household',
	'/household/appliances',
	'/household/containers',
	'/household/copies',
	'/household/device',
	'/household/freezers',
	'/household/measure',
	'/household/rules',
	'/learn?span=all',
	'/learn/made?span=all',
	'/table',
	'/table/week',
	'/table/still-good',
	'/menu/recipes.json',
	'/table/week/meals.ics'
];

/** Of more of a kind than this the first and the last are asked for; the lists above read all of them. */
const mostOfKind = 20;
const some = <T>(rows: readonly T[]): T[] =>
	rows.length <= mostOfKind
		? [...rows]
		: [...rows.slice(0, mostOfKind / 2), ...rows.slice(-mostOfKind / 2)];

/** The address of every screen a household's database has something for. */
export async function pagesToProve(db: Db): Promise<string[]> {
	const ids = async (table: typeof dishes | typeof coolingRuns | typeof packingDays) =>
		some((await db.select({ id: table.id }).from(table)).map(({ id }) => id));
	const packed = await db
		.selectDistinctOn([packs.packingId], { code: packs.code })
		.from(packs)
		.orderBy(packs.packingId, packs.number);
	const sheets = await db.select({ id: cookSheets.id, token: cookSheets.token }).from(cookSheets);
	const filled = some((await db.select({ id: packings.id }).from(packings)).map(({ id }) => id));
	const dishIds = await ids(dishes);
	return [
		...always,
		...dishIds.flatMap((id) => [`/menu/${id}`, `/menu/${id}/recipe.json`]),
		...(await ids(coolingRuns)).map((id) => `/cool/${id}`),
		...(await ids(packingDays)).flatMap((id) => [
			`/menu/day/${id}`,
			`/shop/${id}`,
			`/shop/${id}/list.csv`,
			`/prep/${id}`,
			`/prep/${id}/run`,
			`/prep/${id}/after`,
			`/pack/day/${id}`
		]),
		...filled.flatMap((id) => [`/pack/${id}`, `/pack/${id}/fill`]),
		...some(packed).flatMap(({ code }) => [
			`/freezer/${code}`,
			`/table/${code}`,
			`/labels?codes=${code}`,
			`/labels.pdf?codes=${code}`
		]),
		...some(sheets).flatMap(({ id, token }) => [`/table/sheet/${id}`, `/helper/${token}`])
	];
}
