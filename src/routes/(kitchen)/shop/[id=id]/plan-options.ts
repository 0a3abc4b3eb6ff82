import { todayAt } from '$lib/server/queries/today';
import type { PlanOptions } from '$lib/server/services/day/plan-menu';

/** How the list is to be reckoned, from the address. */
export async function planOptions(url: URL, { db }: App.Locals): Promise<PlanOptions> {
	return {
		prefer: url.searchParams.get('prefer') === 'least-left' ? 'least-left' : 'price',
		withStaples: url.searchParams.get('staples') === 'on',
		matches: false,
		today: await todayAt(db)
	};
}
