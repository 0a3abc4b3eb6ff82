import type { State } from '../appliances/index.ts';

/** How a pack gets from the freezer to the appliance. */
export const routeNames = ['frozen', 'softened', 'cold-water', 'refrigerator'] as const;
export type RouteName = (typeof routeNames)[number];

/** How the food goes in by a route: softened, there is still ice in it. */
export const stateOf = (route: RouteName): State =>
	route === 'frozen' || route === 'softened' ? 'frozen' : 'thawed';
