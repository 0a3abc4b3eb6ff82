/** What others take from here; files beside it are its own. */
export { airPressureKPa } from './air-pressure.ts';
export { boilingC } from './saturation.ts';
