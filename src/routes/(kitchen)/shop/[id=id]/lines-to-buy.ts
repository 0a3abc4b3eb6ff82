import { shopViewLine, type ShopViewLine } from '$lib/present/shop-view';
import type { Db } from '$lib/server/db/db';
import { marksOfDay } from '$lib/server/queries/days';
import type { planOfDay } from '$lib/server/services/day/plan-menu';

/** What is ticked on a day's list: it is there already. */
export async function gotKeys(db: Db, dayId: number): Promise<ReadonlySet<string>> {
	const marks = await marksOfDay(db, dayId);
	return new Set(marks.filter(({ ticked }) => ticked).map(({ key }) => key));
}

/** The lines of a list that goes out of the house: what is ticked is there already, staples that are at home among it. */
export async function linesToBuy(
	db: Db,
	plan: NonNullable<Awaited<ReturnType<typeof planOfDay>>>
): Promise<ShopViewLine[]> {
	const got = await gotKeys(db, plan.day.id);
	return plan.priced.map(shopViewLine).filter(({ key }) => !got.has(key));
}
