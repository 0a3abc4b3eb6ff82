/** What others take from here; files beside it are its own. */
export {
	dayTotals,
	destinations,
	loadKgPerL,
	proposedPortions,
	type Destination,
	type Portion
} from './day-totals.ts';
export { goesWellWith, type MatchReason, type RankedDish } from './goes-well-with.ts';
