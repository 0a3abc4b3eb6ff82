/** How a pack gets from the freezer to the appliance. */
export const routeNames = ['frozen', 'softened', 'cold-water', 'refrigerator'] as const;
export type RouteName = (typeof routeNames)[number];
