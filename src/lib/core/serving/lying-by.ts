import type { ConvertInput } from '../cooking/conversion/conversion.ts';
import { softenedC } from '../freezing/thawing-time.ts';
import type { RouteName } from './route-name.ts';

/** What lies in the appliance by a route: softened first, a frozen pack goes in just under its freezing point. */
export const lyingBy = (route: RouteName, convert: ConvertInput): ConvertInput =>
	route === 'softened' ? { ...convert, frozenStartC: softenedC(convert.food) } : convert;
