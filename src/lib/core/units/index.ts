/** What others take from here; files beside it are its own. */
export { addDays, addMonths, daysBetween, isDay } from './day.ts';
export { kgPer, litresPer, mPer, mmPerPt } from './factors.ts';
export { measures, type MeasureName } from './measures.ts';
export { upToTwelve } from './number-words.ts';
