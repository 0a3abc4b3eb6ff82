/** What others take from here; files beside it are its own. */
export { bestByNow } from './best-by-now.ts';
export { countDifferences } from './count-up.ts';
export { defrostPlan, stackHardC, underBlankets } from './defrosting.ts';
export { freezingDays, loadLeftKg } from './put-away.ts';
export { readingCover, readingGapH } from './reading-cover.ts';
export { qualityC, qualityLossFactor } from './storage-life.ts';
export { keptOfReadings } from './thin-readings.ts';
export { shelfUsableL, usableL } from './usable-litres.ts';
export { qualityUse, type FreezerReading, type FreezerSetting } from './warm-spells.ts';
