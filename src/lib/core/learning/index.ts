/** What others take from here; files beside it are its own. */
export { applianceKey, forecastMinOf, type MeasuredCook } from './observe.ts';
export { ownMinutes, type OwnMinutesAsked } from './own-minutes.ts';
export { enoughCooks, paceOf, type Pace } from './pace.ts';
export {
	mostNamed,
	proposalsFrom,
	rememberedSinceMs,
	soonGoneDays,
	type BatchesSeen,
	type BestSeen,
	type CookRecord,
	type Proposal,
	type YieldRecord
} from './proposals.ts';
