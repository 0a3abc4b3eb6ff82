import type { RouteName } from '$lib/core/serving';
import * as w from '$lib/present/wording';

/** A way from the freezer to the appliance, in words. */
export function routeText(name: RouteName): string {
	return name === 'cold-water' ? w.routes.coldWater : w.routes[name];
}
