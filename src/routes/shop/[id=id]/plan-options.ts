import type { PlanOptions } from '$lib/server/services/day/plan-menu';

/** How the list is to be reckoned, from the address. */
export function planOptions(url: URL): PlanOptions {
	return {
		prefer: url.searchParams.get('prefer') === 'least-left' ? 'least-left' : 'price',
		withStaples: url.searchParams.get('staples') === 'on',
		matches: false
	};
}
